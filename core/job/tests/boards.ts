import { minutesOfClock, minutesADay } from "../../measure/calendar";
import type { PlanBoard } from "../../plan/planTypes";
import { parsed } from "./jobs";

const document = (more: { work?: object; boards?: { id: string; of: object; as?: string }[] } = {}) => ({
  format: "jacaranda-job/1",
  name: "Boards",
  walls: [
    { id: "w", name: "Gable", width: 4000, height: 2500, base: "oyster" },
    { id: "v", name: "Hatch", width: 3000, height: 2400, base: "oyster" },
  ],
  paints: [
    { id: "kelp", hex: "#47573f", packs: [{ size: "1 L", price: 20 }] },
    { id: "oyster", hex: "#d9d2c3" },
    { id: "rust", hex: "#a0522d" },
    { id: "lime", hex: "#ddd5c0", material: "limewash" },
    { id: "mineral", material: "mineral-primer" },
  ],
  finishes: [
    { id: "f", kind: "stripes", on: "w", colours: ["kelp", "oyster"], fit: { by: "count", count: 8 } },
    { id: "m", kind: "limewash", on: "v", paint: "lime", primer: "mineral" },
  ],
  sets: [{ id: "s1", name: "Warm", paints: { kelp: "rust" } }],
  boards: more.boards ?? [],
  work: { start: "2026-12-07", ...more.work },
});

/** Stripes of 10 m2, half of them kelp, and limewash on primer over 7.2 m2; a set with rust in the kelp's place. */
export const boardsJob = Object.assign(
  (more: Parameters<typeof document>[0] = {}) => parsed(document(more)),
  {
    document,
  },
);

/** When a look is, minutes from the first midnight. */
export const lightAfter = ({ day, at }: PlanBoard["looks"][number]): number =>
  (day - 1) * minutesADay + minutesOfClock(at)!;
