import { plan } from "../plan";
import type { PlanStep } from "../../plan/planDayTypes";
import type { Plan } from "../../plan/planTypes";
import { oneWall, parsed } from "./jobs";

/** A block of a metre by a metre. */
export const block = (colour: string, x: number, more: object = {}) => ({
  shape: "rectangle",
  x,
  y: 1000,
  width: 1000,
  height: 1000,
  colour,
  ...more,
});
export const blocks = (...list: object[]) => ({
  finishes: [{ id: "f", on: "w", kind: "blocks", blocks: list }],
});
export const wall = { width: 3000, height: 2500, skirting: 0 };
export const jobOf = (finish: object, more: object = {}, on: object = {}): Plan =>
  plan(parsed(oneWall({ ...wall, ...on }, {}, { ...finish, ...more })));
export const stepOf = ({ steps }: Plan, id: string): PlanStep => steps.find((step) => step.id === id)!;
