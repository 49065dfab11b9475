import { expect, it } from "vitest";
import type { Entry } from "../journal/entry";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { workToTell } from "../plan/workOfStep";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { border, dash } from "./tests/stencils";
import { parsed } from "./tests/jobs";
import { clock, given, told } from "./tests/twoBlocks";

it("prints over a region that is painted once more are said to go under the coat, until they are told once more, too", () => {
  // Six repeats of 400 along 2400, with two overlays.
  const job = parsed({
    ...given,
    stencils: [dash],
    paints: [...given.paints, { id: "brine", name: "Brine" }],
    finishes: [...given.finishes, { id: "dashes", on: "a", ...border({ level: 1000 }) }],
  });
  const { steps } = plan(job);
  const all = steps.map((step) => told(step.end, "finished", { work: workToTell(step) }));
  const end = Math.max(...steps.map((step) => step.end));
  const covered = (...entries: Entry[]) =>
    planFromNow(job, fold([...all, ...entries]), parseMoment(clock(end + 60))!)
      .findings.filter(({ code }) => code === "covered-again")
      .map(({ say }) => say);
  expect(covered()).toEqual([]);
  const again = (wall: string) =>
    told(end + 10, "again", {
      work: [{ wall, act: "coat", of: "region", ids: [`${wall}/f-${wall}/block-1`], coat: 2, with: "kelp" }],
    });
  expect(covered(again("a"))).toEqual([
    "A: the coat that goes on once more covers what lies on it, up to 12 prints.",
  ]);
  // Nothing is printed on the other wall.
  expect(covered(again("b"))).toEqual([]);
  const prints = steps.flatMap(workToTell).filter(({ act, of }) => act === "print" && of === "print");
  expect(covered(again("a"), told(end + 20, "again", { work: prints }))).toEqual([]);
});
