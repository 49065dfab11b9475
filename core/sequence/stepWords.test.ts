import { expect, it } from "vitest";
import type { Speech } from "../findings/speech";
import { paintSchema } from "../paint/schema";
import { wallSchema } from "../wall/schema";
import { cautionsAt } from "./cautions";
import { eveningBefore } from "./eveningBefore";
import type { Step, StepKind } from "./step";
import { describeStep } from "./stepWords";
import { sundryItems, sundryNames, describeSundry } from "./sundries";
import type { WorkWall } from "./workSite";

const speech: Speech = {
  length: (mm) => `${mm} mm`,
  error: (mm) => `${mm} mm`,
  area: (m2) => `${m2} m2`,
  volume: (ml) => `${ml} ml`,
  run: (m) => `${m} m`,
  money: (amount) => `${amount} EUR`,
  wall: (id) => `Wall ${id}`,
  paint: (id) => `Paint ${id}`,
};

/** One step of every kind; the types fail when a kind is added without one. */
const steps: Record<StepKind, Partial<Step>> = {
  clear: { amount: 2 },
  cover: { amount: 5.5 },
  "plates-off": { amount: 1 },
  "wash-wall": { amount: 9.6 },
  prepare: { condition: "crack" },
  sand: { condition: "crack" },
  prime: { colour: "p", coat: 1, amount: 9.6 },
  base: { colour: "p", coat: 2, amount: 9.6 },
  mark: { amount: 13 },
  tape: { round: 2, amount: 31 },
  seal: { round: 2, amount: 31, seals: ["colour", "clear"] },
  paint: { round: 2, colour: "p", coat: 2, isPeeled: true, stretches: [{ regions: ["r"], minutes: 9 }] },
  peel: { round: 2, amount: 31 },
  "wash-tools": { colour: "p" },
  "touch-up": { amount: 31 },
  "rub-out": { amount: 13 },
  "plates-back": { amount: 1 },
  "furniture-back": { amount: 2 },
};
const stepOf = (kind: StepKind, more: Partial<Step> = {}): Step => ({
  id: kind,
  kind,
  minutes: 10,
  after: [],
  wall: "w",
  ...steps[kind],
  ...more,
});
const wallOf = (more: object = {}): WorkWall => ({
  wall: wallSchema.parse({ id: "w", width: 3000, height: 2000, base: "p", ...more }),
  surfaceM2: 6,
  edgeMm: 10_000,
  regions: [],
  tape: [],
  marks: 4,
  peel: "wet",
});

it("every step is told in whole sentences", () => {
  for (const kind of Object.keys(steps) as StepKind[]) {
    const say = describeStep(stepOf(kind), speech);
    expect(say, kind).toMatch(/^[A-Z].*\.$/);
    expect(say, kind).not.toMatch(/undefined|NaN|\[object|!/);
  }
  expect(describeStep(stepOf("base", { part: { number: 2, of: 3 } }), speech)).toMatch(/Part 2 of 3\.$/);
  // After the first coat is dry it is asked whether the ground shows, also where two are all that is planned.
  expect(describeStep(stepOf("paint"), speech)).toContain("whether the ground still shows");
  expect(describeStep(stepOf("paint", { coat: 1 }), speech)).not.toContain("ground");
  expect(describeStep(stepOf("seal"), speech)).toContain(
    "the colour under the tape, elsewhere with clear sealer",
  );
});

it("cautions stand at the steps that they belong to, and nowhere else", () => {
  const matt = paintSchema.parse({ id: "p" });
  const lime = paintSchema.parse({ id: "p", material: "limewash" });
  const at = (kind: StepKind, wall = wallOf(), paint = matt, more: Partial<Step> = {}) =>
    cautionsAt(stepOf(kind, more), wall, paint).join(" ");
  const plated = wallOf({ fixtures: [{ id: "s", kind: "plate", x: 0, y: 0, width: 80, height: 80 }] });
  const shelved = wallOf({ fixtures: [{ id: "s", kind: "shelf", x: 0, y: 0, width: 80, height: 80 }] });
  expect(at("plates-off", plated)).toMatch(/circuit.*electrician/);
  expect(at("plates-off", shelved)).not.toContain("circuit");
  expect(at("clear")).toContain("Two people");
  expect(at("clear", wallOf(), matt, { amount: 0 })).toBe("");
  expect(at("wash-wall")).toMatch(/lead.*certified/);
  expect(at("sand")).toContain("dust mask");
  expect(at("paint", wallOf(), lime)).toMatch(/Lime burns.*goggles.*doctor/);
  expect(at("paint")).not.toContain("Lime");
  expect(at("paint")).toMatch(/children and pets/);
  expect(at("seal")).toMatch(/Air the room.*no flames/);
  expect(at("seal", wallOf(), matt, { seals: ["colour"] })).toBe("");
  expect(at("tape")).toContain("away from yourself");
  expect(at("wash-tools")).toContain("Nothing goes down the drain");
  // Above what is reached from the floor, whatever is done stands on steps; surveyed walls are as high as they were read.
  const survey = {
    stations: [
      { x: 0, down: 1200, up: 1400 },
      { x: 3000, down: 1200, up: 1400 },
    ],
  };
  const high = wallOf({ survey, width: undefined, height: undefined });
  for (const kind of ["mark", "tape", "paint", "peel", "touch-up", "wash-wall"] as const) {
    expect(at(kind, high), kind).toContain("three points of contact");
    expect(at(kind), kind).not.toContain("three points of contact");
  }
});

it("the evening before has every tin opened, and what the day begins with", () => {
  const of = (...kinds: StepKind[]) =>
    eveningBefore(
      kinds.map((kind) => stepOf(kind)),
      speech,
    ).join(" ");
  expect(of("paint", "base")).toContain("Open Paint p: lid, skin, lumps, smell, batch, amount.");
  expect(of("touch-up", "rub-out")).toBe("");
  expect(of("mark")).toMatch(/level.*pencil/);
  expect(of("plates-back")).toContain("circuits");
  const two = eveningBefore([stepOf("paint", { colour: "a" }), stepOf("paint", { colour: "b" })], speech);
  expect(two[0]).toContain("Paint a and Paint b");
});

it("every sundry has a name and says what it was counted from", () => {
  expect(Object.keys(sundryNames).sort()).toEqual([...sundryItems].sort());
  for (const item of sundryItems) {
    expect(describeSundry({ item, count: 2, from: 2 }, speech)).toMatch(/^[a-z0-9].{6,}[^.]$/);
  }
});
