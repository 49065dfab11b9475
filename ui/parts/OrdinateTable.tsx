import type { PlanOrdinates } from "@/core/job/planTypes";
import type { UnitSystem } from "@/core/measure/units";
import { formatLength } from "@/core/measure/formatLength";
import { Measure } from "./Measure";

interface Props {
  readonly ordinates: readonly PlanOrdinates[];
  readonly units: UnitSystem;
  /** What the heights are measured from: "the floor", "the level line". */
  readonly from: string;
}

/** Curves set out without a pin: a height at each place along, for a batten to be bent through. */
export function OrdinateTable({ ordinates, units, from }: Props) {
  return ordinates.map(({ radius, part, points, use }, index) => (
    <table key={index} className="w-full pt-1 text-left tabular-nums">
      <caption className="pt-2 text-left">
        <Measure>{`${part === "upper" ? "Over" : "Under"} the centre, radius ${formatLength(radius, units)}, ${use}. Bend a batten through these heights, read from ${from}.`}</Measure>
      </caption>
      <thead>
        <tr>
          <th className="small-caps-label">Along</th>
          <th className="small-caps-label">Height</th>
        </tr>
      </thead>
      <tbody>
        {points.map(({ x, y, along, up }) => (
          <tr key={x} className="border-t border-hairline">
            <td className="py-0.5 pr-4">
              <Measure>{`${along}${x < 0 ? " to the left" : ""}`}</Measure>
            </td>
            <td className="py-0.5 font-semibold">
              <Measure>{`${up}${y < 0 ? " below" : ""}`}</Measure>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  ));
}
