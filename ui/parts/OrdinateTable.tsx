import type { PlanOrdinates } from "@/core/job/planTypes";
import { formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { Measure } from "./Measure";

interface Props {
  readonly ordinates: readonly PlanOrdinates[];
  readonly units: UnitSystem;
  /** What the heights are measured from: "the floor", "the level line". */
  readonly from: string;
}

/** Curves set out without a pin: a height at each place along, for a batten to be bent through; one column a curve. */
export function OrdinateTable({ ordinates, units, from }: Props) {
  return centresOf(ordinates).map((curves, index) => {
    const places = new Map(curves.flatMap(({ points }) => points.map(({ x, along }) => [x, along] as const)));
    return (
      <table key={index} className="w-full pt-1 text-left tabular-nums">
        <caption className="pb-1 text-left">
          {`Where no pin can be put: bend a batten through these heights, read from ${from}, for ${curves[0]!.use}.`}
        </caption>
        <thead>
          <tr>
            <th className="small-caps-label">Along</th>
            {curves.map(({ radius, part }) => (
              <th key={`${radius} ${part}`} className="small-caps-label">
                <Measure>{`${formatLength(radius, units)}${part === "lower" ? ", under" : ""}`}</Measure>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[...places]
            .sort(([a], [b]) => a - b)
            .map(([x, along]) => (
              <tr key={x} className="border-t border-hairline">
                <td className="pr-2">
                  <Measure>{`${along}${x < 0 ? " left" : ""}`}</Measure>
                </td>
                {curves.map(({ radius, part, points }) => {
                  const point = points.find((other) => other.x === x);
                  return (
                    <td key={`${radius} ${part}`} className="pr-2 font-semibold">
                      {point && <Measure>{`${point.up}${point.y < 0 ? " below" : ""}`}</Measure>}
                    </td>
                  );
                })}
              </tr>
            ))}
        </tbody>
      </table>
    );
  });
}

/** Curves around one centre stand side by side. */
function centresOf(ordinates: readonly PlanOrdinates[]): PlanOrdinates[][] {
  const byCentre = new Map<string, PlanOrdinates[]>();
  for (const curve of ordinates) {
    const key = `${curve.centre.join()} ${curve.use}`;
    byCentre.set(key, [...(byCentre.get(key) ?? []), curve]);
  }
  return [...byCentre.values()];
}
