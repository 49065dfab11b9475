import type { Paint } from "../paint/schema";
import type { Work } from "./schema";
import { waitFor, type Wait } from "./step";

/** When the next coat of a paint may go on, by the painter's school. */
export function nextCoat(before: string, paint: Paint, school: Work["secondCoat"]): (Wait | null)[] {
  const least = school === "touch" ? Math.min(paint.touchDryMin, paint.recoatMin) : paint.recoatMin;
  const wait = waitFor(before, "recoat", least);
  return [
    wait && { ...wait, byLabel: paint.recoatMin },
    school === "next-day" ? waitFor(before, "next-day") : null,
  ];
}
