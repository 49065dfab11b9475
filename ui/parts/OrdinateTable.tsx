import type { PlanOrdinates } from "@/core/plan/planTypes";
import { formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { Fragment } from "react";
import { Measure } from "./Measure";
import { TakeAlong } from "./TakeAlong";

interface Props {
  readonly ordinates: readonly PlanOrdinates[];
  readonly units: UnitSystem;
  /** What the heights are measured from: "the floor", "the level line". */
  readonly from: string;
  /** On a screen they can be taken along. */
  readonly canBeTaken?: true;
}

/** Curves set out without a pin: a height at each place along, for a batten to be bent through; one column a curve. */
export function OrdinateTable({ ordinates, units, from, canBeTaken }: Props) {
  return centresOf(ordinates).map((curves, index) => {
    const headed = ({ radius, part }: PlanOrdinates) =>
      `${formatLength(radius, units)}${part === "lower" ? ", under" : ""}`;
    const heightAt = ({ points }: PlanOrdinates, x: number) => {
      const point = points.find((other) => other.x === x);
      return point ? `${point.up}${point.y < 0 ? " below" : ""}` : "";
    };
    const alongAt = (x: number, along: string) => `${along}${x < 0 ? " left" : ""}`;
    const places = new Map(curves.flatMap(({ points }) => points.map(({ x, along }) => [x, along] as const)));
    const rows = [...places].sort(([a], [b]) => a - b);
    return (
      <Fragment key={index}>
        <table className="w-full pt-1 text-left tabular-nums">
          <caption className="pb-1 text-left">
            {`Where no pin can be put: bend a batten through these heights, read from ${from}, for ${curves[0]!.use}.`}
          </caption>
          <thead>
            <tr>
              <th className="small-caps-label">Along</th>
              {curves.map((curve) => (
                <th key={headed(curve)} className="small-caps-label">
                  <Measure>{headed(curve)}</Measure>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([x, along]) => (
              <tr key={x} className="border-t border-hairline">
                <td className="pr-2">
                  <Measure>{alongAt(x, along)}</Measure>
                </td>
                {curves.map((curve) => (
                  <td key={headed(curve)} className="pr-2 font-semibold">
                    <Measure>{heightAt(curve, x)}</Measure>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        {canBeTaken && (
          <div className="flex justify-end">
            <TakeAlong
              name="Heights"
              columns={["Along", ...curves.map(headed)]}
              rows={() =>
                rows.map(([x, along]) => [alongAt(x, along), ...curves.map((curve) => heightAt(curve, x))])
              }
            />
          </div>
        )}
      </Fragment>
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
