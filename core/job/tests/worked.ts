import { expect } from "vitest";
import { plan } from "../plan";
import { parsed } from "./jobs";

/** The days of a job come out as they were worked out beforehand ("8:20 clear 10, 8:30 cover 9"), in either system of units. */
export function expectWorked(document: object, days: readonly string[]): void {
  for (const units of ["metric", "imperial"]) {
    const result = plan(parsed({ format: "jacaranda-job/1", name: "By hand", units, ...document }));
    const told = new Map<number, string[]>();
    for (const { kind, day, start, minutes } of result.steps) {
      const ofDay = start % (24 * 60);
      const clock = `${Math.floor(ofDay / 60)}:${String(ofDay % 60).padStart(2, "0")}`;
      told.set(day, [...(told.get(day) ?? []), `${clock} ${kind} ${minutes}`]);
    }
    expect([...told.values()].map((steps) => steps.join(", "))).toEqual(days);
  }
}
