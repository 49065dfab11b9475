import { emitPlan } from "../emitPlan";
import { plan } from "../plan";
import type { Plan, PlanWall } from "../../plan/planTypes";
import { paints, parsed } from "./jobs";

export const [width, height] = [4000, 2600];
export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

export function planOf(finishes: readonly object[], wall: object = {}): Plan {
  const document = {
    format: "jacaranda-job/1",
    name: "Finishes",
    paints,
    walls: [{ id: "w", base: "oyster", width, height, ...wall }],
    finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
  };
  return JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
}
export const wallOf = (finishes: readonly object[], wall: object = {}) => planOf(finishes, wall).walls[0]!;
export const areasOf = ({ regions }: PlanWall, colour: string) =>
  regions.filter((region) => region.colour === colour).map(({ area_m2 }) => area_m2);
export const cutLength = ({ tape }: PlanWall) =>
  sum(tape.filter(({ cuts }) => cuts).map(({ length }) => length));

/** Signed area of a ring whose last point is its first. */
export function ringArea(ring: readonly (readonly number[])[]): number {
  return sum(ring.slice(1).map(([x, y], index) => (ring[index]![0]! * y! - x! * ring[index]![1]!) / 2));
}
