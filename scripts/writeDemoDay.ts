import { readFileSync, writeFileSync } from "node:fs";
import { parseJobText } from "../core/job/parseJob";
import { plan } from "../core/job/plan";
import { formatMoment } from "../core/journal/moment";
import { dayNumberOf, minutesADay } from "../core/measure/calendar";
import type { PlanStep } from "../core/plan/planDayTypes";
import { workToTell } from "../core/plan/workOfStep";

/*
 * Writes how the demo stands on its second morning behind what was told of its boards: the first day as planned, the second up to the
 * middle of the rope's first column, where one print sits wrong. Run it again when the demo's keys have changed.
 */
const path = "docs/journals/ferry-landing.jsonl";
const read = parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8"));
if (!read.ok) throw new Error("The demo does not validate.");
const { job } = read;
const first = dayNumberOf(job.work.start!)!;
const whole = plan(job);
const boards = readFileSync(path, "utf8")
  .trim()
  .split("\n")
  .filter((line) => (JSON.parse(line) as { device: string }).device === "wren-laptop");
const printing = whole.steps.find(({ id }) => id === "shelf/shelf-rope/print-1")!;
/** When the morning is looked at: some prints are on by then. */
const now = printing.start + 36;
const lines: string[] = [];
const tell = (at: number, kind: string, payload: object) => {
  const number = boards.length + lines.length + 1;
  const moment = formatMoment(first + Math.floor(at / minutesADay), at % minutesADay);
  lines.push(
    JSON.stringify({
      format: "jacaranda-entry/1",
      id: `01KDEM${String(number).padStart(20, "0")}`,
      job: "the-ferry-landing",
      at: `${moment}:00+01:00`,
      by: "Wren",
      device: "steps-phone",
      kind,
      ...payload,
    }),
  );
};
const tellDone = (step: PlanStep) => {
  tell(step.start, "began", { work: workToTell(step) });
  tell(step.end, "finished", { work: workToTell(step) });
};
whole.steps.filter(({ end }) => end <= printing.start).forEach(tellDone);
const lantern = whole.steps.find(({ id }) => id === "shelf/paint-1-lantern-2")!;
const { packs, store_ml: stored } = whole.paint.find(({ colour }) => colour === lantern.colour)!;
const had = packs.reduce((sum, { size_ml: size, count }) => sum + size * count, stored);
/** A fifth more than planned is gone by then. */
const used = whole.steps
  .filter(({ end }) => end <= printing.start)
  .flatMap(({ does }) => does)
  .reduce((sum, one) => sum + (one.with === lantern.colour ? (one.ml ?? 0) : 0), 0);
const left = Math.round((had - used * 1.2) / 5) * 5;
tell(printing.start, "began", { work: workToTell(printing) });
tell(printing.start + 1, "weighed", { paint: lantern.colour, left_ml: left });
const print = printing.does.find(({ act }) => act === "print")!;
const printed = (ids: readonly string[]) =>
  workToTell({ wall: printing.wall, does: [{ ...print, ids: [...ids] }] });
tell(now - 6, "finished", { work: printed(print.ids.slice(0, 12)) });
tell(now - 2, "again", { work: printed(print.ids.slice(7, 8)), why: "misprint" });
writeFileSync(path, `${[...boards, ...lines].join("\n")}\n`);
