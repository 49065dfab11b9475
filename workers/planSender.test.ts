import { readFileSync } from "node:fs";
import fc from "fast-check";
import { expect, it } from "vitest";
import { emitCompact } from "@/core/job/emitPlan";
import { plan } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import { readJournal } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { formatMoment, parseMoment } from "@/core/journal/moment";
import { writtenEntry } from "@/core/journal/tests/entries";
import { dayNumberOf } from "@/core/measure/calendar";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import { parsed, randomJob } from "@/core/job/tests/jobs";
import { PlanSender, type SentWalls } from "./planSender";
import { runsOf } from "@/core/tests/runsOf";

/** What a receiver has after each answer. */
class Receiver {
  walls: PlanWall[] = [];
  receive(texts: SentWalls): PlanWall[] {
    this.walls = texts.map((text, index) =>
      text === null ? this.walls[index]! : (JSON.parse(text) as PlanWall),
    );
    return this.walls;
  }
}

it("what is sent, and what was sent before, make up the very plan, job after job", () => {
  fc.assert(
    fc.property(fc.array(randomJob, { minLength: 2, maxLength: 4 }), (documents) => {
      const [sender, receiver] = [new PlanSender(), new Receiver()];
      // Worked out before anything is asked for, and never sent.
      sender.prepare(JSON.stringify(documents.at(-1)));
      for (const document of documents) {
        const whole = plan(parsed(document));
        const first = receiver.receive(sender.walls(JSON.stringify(document))!);
        // As they lie; what else could be done comes with the rest.
        const asTheyLie = whole.walls.map(({ findings, tape, ...wall }) => ({
          ...wall,
          tape: tape.map((piece) => ({ ...piece, laidIn: undefined, offIn: undefined })),
          fit: null,
          offers: [],
          findings: findings.map(({ code, say }) => ({ code, say })),
        }));
        expect(first).toMatchObject(JSON.parse(emitCompact(asTheyLie)) as object);
        const { walls, rest } = sender.rest();
        expect(JSON.stringify(receiver.receive(walls))).toBe(emitCompact(whole.walls));
        expect(JSON.parse(rest) as object).toEqual(JSON.parse(emitCompact({ ...whole, walls: undefined })));
      }
    }),
    runsOf(25),
  );
});

it("a wall that has not changed is not sent again, and a document that does not hold has none", () => {
  const walls = ["a", "b", "c"].map((id) => ({ id, width: 3000, height: 2500, base: "oyster" }));
  const document = (width: number) => ({
    format: "jacaranda-job/1",
    name: "Three walls",
    paints: ["oyster", "kelp"].map((id) => ({ id })),
    walls: walls.map((wall) => (wall.id === "b" ? { ...wall, width } : wall)),
    finishes: walls.map(({ id }) => ({
      id: `f-${id}`,
      on: id,
      kind: "stripes",
      colours: ["kelp", "oyster"],
      fit: { by: "count", count: 7 },
    })),
  });
  const sender = new PlanSender();
  const sent = (width: number) => sender.walls(JSON.stringify(document(width)))!.map((text) => text !== null);
  expect(sent(3000)).toEqual([true, true, true]);
  expect(sender.rest().walls.map((text) => text !== null)).toEqual([true, true, true]);
  expect(sent(3010)).toEqual([false, true, false]);
  // The rest of a plan that was overtaken is never asked for.
  expect(sent(3020)).toEqual([false, true, false]);
  expect(JSON.parse(sender.rest().rest) as Plan).toMatchObject({ format: "jacaranda-plan/1" });
  expect(sender.walls('{"format":"jacaranda-job/1"}')).toBeNull();
});

it("what happened is heard bit by bit, and the plan goes on from it as one that is made afresh", () => {
  const document = JSON.parse(
    readFileSync("docs/examples/ferry-landing-small-things.json", "utf8"),
  ) as object;
  const job = parsed({ ...document, work: { start: "2027-01-11" } });
  const text = JSON.stringify({ ...document, work: { start: "2027-01-11" } });
  const lines = plan(job)
    .steps.slice(0, 12)
    .flatMap(({ does, start, end, day }, index) =>
      [start, end + 7 * (index % 3)].map((minute, place) => {
        const at = formatMoment(dayNumberOf("2027-01-11")! + day - 1, minute - (day - 1) * 1440);
        const work = does.map(({ act, wall, of, ids, pass, coat }) => ({ act, wall, of, ids, pass, coat }));
        return JSON.stringify(
          writtenEntry(index * 2 + place, at, place === 0 ? "began" : "finished", { work }),
        );
      }),
    );
  const [sender, receiver] = [new PlanSender(), new Receiver()];
  for (let heard = 1; heard <= lines.length; heard += 5) {
    sender.hear(lines.slice(Math.max(0, heard - 5), heard).join("\n"));
    const now = "2027-01-11T17:30";
    receiver.receive(sender.walls(text, undefined, now)!);
    const { walls, rest } = sender.rest();
    const sent = { ...(JSON.parse(rest) as object), walls: receiver.receive(walls) };
    const happened = fold(readJournal(lines.slice(0, heard).join("\n")).entries);
    expect(sent).toEqual(JSON.parse(emitCompact(planFromNow(job, happened, parseMoment(now)!))));
  }
});

it("every setting of a job reaches each part of the plan, however little else has changed", () => {
  const settings = [
    { edges: { seal: "caulk" } },
    { edges: { peel: "dry" } },
    { edges: { straight: "hand" } },
    { edges: { curves: "hand" } },
    { edges: { markAt: "edge" } },
    { edges: { ceiling: "clear" } },
    { edges: { externalCorner: "tape" } },
    { school: "coat-by-coat" },
    { units: "imperial" },
    { volumes: "us" },
    { tapeDivision: 5 },
    { viewingDistance: 900 },
    { work: { temperature: 9, crew: 2 } },
    { supplies: { "tool-pole": { price: 31 } } },
    { toolsToBuy: ["tool-pole"] },
    { budget: 20 },
    { ceiling: { texture: "heavy" } },
  ];
  fc.assert(
    fc.property(
      randomJob,
      fc.shuffledSubarray(settings, { minLength: 3, maxLength: 5 }),
      (document, list) => {
        const [sender, receiver] = [new PlanSender(), new Receiver()];
        for (const more of list) {
          const changed = { ...document, ...more };
          receiver.receive(sender.walls(JSON.stringify(changed))!);
          const { walls, rest } = sender.rest();
          const whole = plan(parsed(changed));
          const sent = { walls: receiver.receive(walls), rest: JSON.parse(rest) as object };
          const expected = { walls: whole.walls, rest: { ...whole, walls: undefined } };
          expect(sent).toEqual(JSON.parse(emitCompact(expected)));
        }
      },
    ),
    runsOf(20),
  );
});
