import type { PlanOrdinates } from "@/core/plan/planTypes";
import { formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { ReadingTable } from "./ReadingTable";

interface Props {
  readonly ordinates: readonly PlanOrdinates[];
  readonly units: UnitSystem;
  /** What the heights are measured from: "the floor", "the level line". */
  readonly from: string;
  readonly line?: string;
  readonly canBeTaken?: true;
}

/** Curves set out without a pin: a height at each place along, for a batten to be bent through; one column a curve. */
export function OrdinateTable({ ordinates, units, from, line, canBeTaken }: Props) {
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
      <ReadingTable
        key={index}
        title={`Where no pin can be put: bend a batten through these heights, read from ${from}, for ${curves[0]!.use}.`}
        name="Heights"
        columns={["Along", ...curves.map(headed)]}
        cells={rows.map(([x, along]) => [alongAt(x, along), ...curves.map((curve) => heightAt(curve, x))])}
        line={line}
        canBeTaken={canBeTaken}
      />
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
