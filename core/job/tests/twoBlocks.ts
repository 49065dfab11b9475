import type { Entry } from "../../journal/entry";
import { fold } from "../../journal/fold";
import { parseMoment } from "../../journal/moment";
import { entryOf } from "../../journal/tests/entries";
import type { PlanStep } from "../../plan/planDayTypes";
import { workToTell } from "../../plan/workOfStep";
import { plan } from "../plan";
import { planFromNow } from "../planFromNow";
import { parsed } from "./jobs";

/* A block of kelp on the finished base of each of two walls: two coats three hours apart, peeled with the second. */
const wallOf = (id: string) => ({
  id,
  name: id,
  width: 2400,
  height: 2400,
  skirting: 0,
  base: "oyster",
});
export const blockOn = (on: string, colour = "kelp") => ({
  id: `f-${on}`,
  on,
  kind: "blocks",
  blocks: [{ shape: "rectangle", x: 400, y: 400, width: 1200, height: 1200, colour }],
});
export const given = {
  format: "jacaranda-job/1",
  name: "Blocks",
  work: { start: "2027-01-11" },
  edges: { seal: "press" },
  paints: [
    { id: "oyster", name: "Oyster", tapeOver_min: 1440, touchDry_min: 60 },
    { id: "kelp", name: "Kelp", recoat_min: 180, spreadRate_m2_per_l: 10 },
    { id: "lantern", name: "Lantern", recoat_min: 180, spreadRate_m2_per_l: 10 },
  ],
  walls: [wallOf("a"), wallOf("b")],
  finishes: [blockOn("a"), blockOn("b")],
};
export const job = parsed(given);
export const planned = plan(job);
export const stepOf = (steps: readonly PlanStep[], id: string) => steps.find((step) => step.id === id)!;
export const clock = (minutes: number) => {
  const [day, time] = [Math.floor(minutes / 1440), minutes % 1440];
  return `2027-01-${11 + day}T${String(Math.floor(time / 60)).padStart(2, "0")}:${String(time % 60).padStart(2, "0")}`;
};
let count = 0;
export const told = (minute: number, kind: string, payload: object): Entry =>
  entryOf(++count, clock(minute), kind, payload);
export const doneBy = (minute: number) =>
  planned.steps
    .filter(({ end }) => end <= minute)
    .flatMap((step) => [
      told(step.start, "began", { work: workToTell(step) }),
      told(step.end, "finished", { work: workToTell(step) }),
    ]);
export const from = (minute: number, ...entries: Entry[]) =>
  planFromNow(job, fold(entries), parseMoment(clock(minute))!);
export const coat = (wall: string, number: number) => stepOf(planned.steps, `${wall}/paint-1-kelp-${number}`);
