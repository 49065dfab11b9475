import { expect, inject, it } from "vitest";
import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { fromNowWallsFirst } from "@/core/job/planFromNow";
import { keepUnchanged } from "@/core/job/planInStages";
import type { Job } from "@/core/job/schema";
import type { Entry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { formatMoment, parseMoment } from "@/core/journal/moment";
import { entryOf } from "@/core/journal/tests/entries";
import { materialNames } from "@/core/paint/schema";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { workToTell } from "@/core/plan/workOfStep";
import { Dice } from "./awkward";
import { everyKind, type RandomDocument } from "./documents";
import { boundsOf, numbersOfSchema, setNumber } from "./numbers";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";

const jobOf = (document: RandomDocument): Job | null => {
  const parsed = parseJob(document);
  return parsed.ok ? parsed.job : null;
};

type Edit = (document: RandomDocument, dice: Dice) => RandomDocument;

const changed = (key: string, of: (own: Record<string, unknown>, dice: Dice) => object): Edit => {
  return (document, dice) => {
    const list = document[key] as Record<string, unknown>[];
    const place = dice.whole(0, list.length - 1);
    return {
      ...document,
      [key]: list.map((own, index) => (index === place ? { ...own, ...of(own, dice) } : own)),
    };
  };
};
const within = (key: string, of: (dice: Dice) => object): Edit => {
  return (document, dice) => ({ ...document, [key]: { ...(document[key] as object), ...of(dice) } });
};

/** Single edits of every part of a document, beside any number of the schema. */
const edits: readonly Edit[] = [
  changed("paints", (_, dice) => ({ hex: dice.pick(["#101820", "#F4EFE3", "#7A5C3E"]) })),
  changed("paints", (_, dice) => ({ material: dice.pick(materialNames) })),
  changed("paints", (_, dice) => ({ name: `Paint ${dice.whole(1, 99)}` })),
  changed("paints", (_, dice) => ({ coats: dice.whole(1, 4) })),
  changed("paints", (_, dice) => ({ onHand: `${dice.whole(0, 900)} ml`, packs: [] })),
  changed("paints", (_, dice) => ({ open_min: dice.whole(5, 90), touchDry_min: dice.whole(5, 90) })),
  changed("walls", (_, dice) => ({ name: `Wall ${dice.whole(1, 99)}` })),
  changed("walls", ({ baseState }) => ({ baseState: baseState === "on" ? "paint" : "on" })),
  changed("walls", (_, dice) => ({ texture: dice.pick(["smooth", "heavy", "boards"]) })),
  changed("walls", ({ width }, dice) => ({ width: Number(width) + dice.whole(-40, 40) })),
  changed("walls", ({ object }) =>
    object ? { object: { ...object, varnish: "kelp" } } : { leftEdge: "external" },
  ),
  changed("finishes", (_, dice) => ({ on: dice.pick(["w0", "w0", "run"]) })),
  within("edges", (dice) => ({ seal: dice.pick(["colour", "caulk", "press"]) })),
  within("edges", (dice) => ({ straight: dice.pick(["tape", "hand"]), curves: dice.pick(["tape", "hand"]) })),
  within("edges", (dice) => ({ peel: dice.pick(["wet", "dry"]), tapes: [19, 25, 38] })),
  within("work", (dice) => ({ crew: dice.whole(1, 4), temperature: dice.whole(9, 34) })),
  within("work", (dice) => ({
    rates: { taping_m_min: dice.whole(1, 4), stencilRoller_min: dice.whole(1, 5) },
  })),
  (document, dice) => ({ ...document, units: dice.pick(["metric", "imperial"]), currency: "CHF" }),
  (document, dice) => ({
    ...document,
    viewingDistance: dice.whole(900, 6000),
    tapeDivision: dice.pick([1, 5]),
  }),
  (document, dice) => ({ ...document, school: dice.pick(["finish", "coat-by-coat"]) }),
  (document, dice) => ({
    ...document,
    ceiling: { colour: dice.pick(["#F2EFE8", "oyster"]), texture: "heavy" },
  }),
  (document) => ({
    ...document,
    stencils: (document.stencils as object[]).map((own) => ({ ...own, sheet: { width: 900, height: 900 } })),
  }),
  (document, dice) => {
    const number = dice.pick(numbersOfSchema());
    return setNumber(document, number, dice.pick(boundsOf(number)));
  },
];

it("what is kept is kept by all that it looks at, in a job with every kind of finish", () => {
  const dice = new Dice(randomOf(inject("propertySeed")));
  const stages = keepUnchanged();
  const every = everyKind();
  // Trodden on, and without a varnish.
  const cloth = { id: "trodden", base: "oyster", width: 900, height: 600, object: { kind: "floor-cloth" } };
  let document: RandomDocument = { ...every, walls: [...(every.walls as object[]), cloth] };
  plan(jobOf(document)!, stages);
  // Each looked at by another part of laying out: an object's varnish, offers, ends and tapers.
  const telling: readonly Edit[] = [
    (before) => ({
      ...before,
      paints: (before.paints as { id: string }[]).map((paint, index) =>
        index === 1 ? { ...paint, material: "varnish" } : paint,
      ),
    }),
    (before) => ({ ...before, edges: { markAt: "edge" } }),
    (before) => ({ ...before, viewingDistance: 700 }),
    (before) => ({ ...before, viewingDistance: 9000 }),
    (before) => ({ ...before, tapeDivision: 25 }),
    ...Array.from({ length: 6 }, () => dice.pick(edits)),
  ];
  let compared = 0;
  for (const edit of telling) {
    const next = edit(document, dice);
    const job = jobOf(next);
    if (!job) continue;
    document = next;
    if (emitPlan(plan(job, stages)) !== emitPlan(plan(job)))
      throw new Error(`kept otherwise than anew: ${JSON.stringify(document)}`);
    compared++;
  }
  expect(compared).toBeGreaterThan(4);
});

it("what is kept answers as if all were worked out anew, whatever was edited", () => {
  const random = randomOf(inject("propertySeed"));
  const dice = new Dice(random);
  let compared = 0;
  while (compared < 40) {
    let document = sensibleDocument(random);
    const stages = keepUnchanged();
    const first = jobOf(document);
    if (!first) continue;
    plan(first, stages);
    for (let count = 0; count < 6; count++) {
      const edit = dice.pick(edits);
      const next = edit(document, dice);
      const job = jobOf(next);
      if (!job) continue;
      document = next;
      const kept = emitPlan(plan(job, stages));
      if (kept !== emitPlan(plan(job)))
        throw new Error(`kept otherwise than anew: ${JSON.stringify(document)}`);
      compared++;
    }
  }
  expect(compared).toBeGreaterThanOrEqual(40);
});

/** What may be told of a step: what was done, what is to be done once more, what someone saw or measured. */
const tellings: readonly ((step: PlanStep, dice: Dice) => readonly [kind: string, payload: object])[] = [
  (step) => ["finished", { work: workToTell(step) }],
  (step) => ["began", { work: workToTell(step) }],
  (step) => ["again", { work: workToTell(step) }],
  (step) => ["skipped", { work: workToTell(step), why: "" }],
  (step) => ["looked", { work: workToTell(step), verdict: "ground-shows" }],
  ({ wall = "w0" }) => ["trouble", { trouble: "bleed", wall, place: [300, 400] }],
  (_, dice) => ["air", { temperature: dice.whole(12, 28), humidity: 60 }],
  (_, dice) => ["stock", { item: "paint:kelp", amount: dice.whole(0, 900), unit: "ml", change: "set" }],
];

it("what is kept answers for a job that is under way as if all were worked out anew, whatever is told", () => {
  const random = randomOf(inject("propertySeed"));
  const dice = new Dice(random);
  let compared = 0;
  while (compared < 30) {
    const job = jobOf({ ...sensibleDocument(random), school: "finish" });
    if (!job) continue;
    const whole = plan(job);
    const last = whole.steps.length - 1;
    if (!whole.work || last < 8) continue;
    const stages = keepUnchanged();
    const told: Entry[] = [];
    for (let count = 1; count <= 6; count++) {
      const upTo = Math.floor((last * count) / 7);
      const at = formatMoment(20_000 + whole.steps[upTo]!.day, whole.steps[upTo]!.end % 1440);
      const steps = [
        whole.steps[upTo]!,
        ...Array.from({ length: 3 }, () => whole.steps[dice.whole(0, upTo)]!),
      ];
      steps.forEach((step, place) => {
        const [kind, payload] = place === 0 ? tellings[0]!(step, dice) : dice.pick(tellings)(step, dice);
        if ("work" in payload && (payload.work as object[]).length === 0) return;
        told.push(entryOf(told.length, at, kind, payload, dice.pick(["Wren", "Teal"])));
      });
      const [happened, now] = [fold(told), parseMoment(at)!];
      const kept = emitPlan(fromNowWallsFirst(job, happened, now, stages).rest());
      if (kept !== emitPlan(fromNowWallsFirst(job, happened, now).rest()))
        throw new Error(`kept otherwise than anew: ${JSON.stringify({ name: job.name, told })}`);
      compared++;
    }
  }
  expect(compared).toBeGreaterThanOrEqual(30);
});
