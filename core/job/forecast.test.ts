import { expect, it } from "vitest";
import { fold } from "../journal/fold";
import { entryOf } from "../journal/tests/entries";
import { workToTell } from "../plan/workOfStep";
import { createSequence } from "../trade/randomSequence";
import { forecastPaint } from "./forecast";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const tin = 20_000;
const jobOf = (count: number) => {
  const wall = oneWall(
    { width: 3000 + count * 210, height: 2430 },
    { fit: { by: "count", count } },
    { work: { start: "2027-01-11" } },
  );
  const job = parsed(wall);
  const paints = job.paints.map((paint) => ({ ...paint, onHandMl: tin, packs: [] }));
  return { ...job, paints };
};

it("bands of four fifths hold what is really used 75 to 85 times of 100, whoever paints and however far he is", () => {
  const random = createSequence(20_270_111);
  // Twelve shares of one have a variance of one together.
  const normal = () => Array.from({ length: 12 }, random).reduce((sum, one) => sum + one, -6);
  const jobs = [5, 8, 13, 20].map((count) => {
    const job = jobOf(count);
    return { job, planned: plan(job) };
  });
  let held = 0;
  const runs = 1000;
  for (let run = 0; run < runs; run++) {
    const { job, planned } = jobs[run % jobs.length]!;
    const uses = planned.steps.flatMap((step) =>
      step.does
        .filter((one) => one.with === "kelp" && (one.ml ?? 0) > 0)
        .flatMap((one) =>
          one.ids.map((id) => ({
            ml: one.ml! / one.ids.length,
            work: workToTell({ wall: step.wall, does: [{ ...one, ids: [id] }] }),
          })),
        ),
    );
    const film = uses.reduce((sum, { ml }) => sum + ml, 0);
    const perFilm = planned.paint.find(({ colour }) => colour === "kelp")!.need_ml / film;
    // A painter differs from others by a fifth, each piece from the next by another.
    const painter = Math.exp(0.2 * normal());
    const real = uses.map(({ ml }) => ml * perFilm * painter * Math.exp(0.2 * normal()));
    const coat = uses.length / 2;
    // Whole coats of a wall are told: none or the first.
    const done = run % 3 === 0 ? 0 : coat;
    const used = real.slice(0, done).reduce((sum, ml) => sum + ml, 0);
    const truth = real.slice(done).reduce((sum, ml) => sum + ml, 0);
    const entries = [
      ...uses
        .slice(0, done)
        .map(({ work }, place) => entryOf(place, "2027-01-11T15:00", "finished", { work })),
      entryOf(uses.length, "2027-01-11T16:00", "weighed", { paint: "kelp", left_ml: tin - used }),
    ];
    const [kelp] = forecastPaint(planned, job, fold(entries));
    if (kelp!.low_ml <= truth && truth <= kelp!.high_ml) held++;
  }
  expect(held / runs).toBeGreaterThanOrEqual(0.75);
  expect(held / runs).toBeLessThanOrEqual(0.85);
});
