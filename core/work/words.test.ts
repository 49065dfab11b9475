import { did, type Did } from "./act";
import { expect, it } from "vitest";
import { speak, type ValuesOf } from "../findings/said";
import type { Speech } from "../findings/speech";
import { paintSchema } from "../paint/schema";
import { wallSchema } from "../wall/schema";
import { cautionsOfPaint, cautionsOfSeals, cautionsAbove, heightOf } from "./cautions";
import { eveningBefore } from "./eveningBefore";
import { cautionsOfPlates } from "./room/prepareWall";
import type { Step } from "./step";
import { sundryKinds } from "./sundries";
import { said, workWords, type WorkCode } from "./words";

const speech: Speech = {
  length: (mm) => `${mm} mm`,
  error: (mm) => `${mm} mm`,
  area: (m2) => `${m2} m2`,
  volume: (ml) => `${ml} ml`,
  run: (m) => `${m} m`,
  temperature: (celsius) => `${celsius} °C`,
  degrees: (celsius) => `${celsius} °C`,
  money: (amount) => `${amount} EUR`,
  wall: (id) => `Wall ${id}`,
  finish: (id) => id,
  paint: (id) => `Paint ${id}`,
  set: (id) => id,
  duration: (minutes) => `${minutes} min`,
  say: (said) => speak(said, { ...workWords, "ready-dabber": () => "A dabber." }, speech),
};

const counted = { wall: "w", amount: 9.6 };
const coat = { wall: "w", colour: "p", coat: 2, amount: 9.6, isPeeled: true, isFloated: false, downTo: null };
/** Values for every sentence; the types fail when one is added without. */
const values: { [Code in WorkCode]: ValuesOf<(typeof workWords)[Code]> } = {
  mix: {
    colour: "p",
    parts: [
      { paint: "q", parts: 8 },
      { paint: null, parts: 1 },
    ],
  },
  clear: { amount: 2 },
  cover: { amount: 5.5 },
  "plates-off": { wall: "w", plates: 2, shelves: 1, masked: 1 },
  "wash-wall": counted,
  "dust-wall": counted,
  prepare: { wall: "w", condition: "crack" },
  sand: { wall: "w" },
  "tape-base": { ...counted, isObject: false },
  "peel-base": counted,
  prime: coat,
  base: coat,
  "once-more": { of: said("sand", { wall: "w" }), count: 2, all: 52 },
  mend: { wall: "w", kind: "bleed", number: 1, paint: "p", under: "q" },
  mark: { ...counted, isLevelled: false, arcs: 2, object: null },
  "mark-again": counted,
  chips: counted,
  tape: { ...counted, round: 2, again: 0.5 },
  seal: { ...counted, seals: ["colour", "clear"] },
  paint: {
    wall: "w",
    colour: "p",
    coat: 2,
    isPeeled: true,
    isFloated: false,
    handM: 0,
    stretches: 1,
    past: null,
    seals: null,
    sealedM: null,
    overAll: false,
    turns: true,
  },
  access: { wall: "w", height: 4080, moves: 2 },
  "access-down": { wall: "w" },
  "dust-young": counted,
  "tape-trial": { wall: "w" },
  "broken-mask": { ...counted, isCovered: true },
  "broken-unmask": counted,
  print: {
    wall: "w",
    overlay: "2",
    tapedOff: ["dot"],
    isCarded: true,
    colours: ["p"],
    shades: ["p"],
    prints: 40,
    here: 30,
    partial: 6,
    loads: 12,
    every: 10,
    goesBack: true,
    carried: { every: 4, isStretched: true },
    method: "brush",
    stretches: 4,
    by: "column",
    column: 4,
    row: 1,
    at: 1300,
  },
  "table-part-prints": {},
  "table-several-colours": {},
  "care-print": {},
  "care-mitre": {},
  "care-rim": { rim: 40, method: "roller" },
  "care-spray": {},
  "ready-sheets": { copies: 2 },
  "why-sheets": {},
  "why-stencil-brush": {},
  "why-foam-roller": {},
  "why-blotting": { from: 20 },
  "why-stencil-tape": { from: 12 },
  "why-adhesive": { from: 40 },
  peel: { ...counted, round: 2 },
  "wash-tools": { colour: "p", isRolled: true },
  "touch-up": { wall: "w", pins: 1 },
  "rub-out": { ...counted, object: null },
  "wash-cloth": { wall: "w" },
  "lay-flat": { wall: "w", kind: "fabric", backing: null },
  "key-object": { ...counted, kind: "board" },
  varnish: { ...counted, colour: "p", coat: 2, coats: 3 },
  "set-heat": { wall: "w" },
  lift: { wall: "w", kind: "floor-cloth", isLast: true },
  "why-rubbed": { from: 2 },
  "care-dust": {},
  "care-iron": {},
  "care-glass": {},
  "care-varnish": {},
  "ready-cloth": {},
  "ready-object": {},
  "why-card": { from: 2 },
  "plates-back": { wall: "w", plates: 1, shelves: 0, masked: 2 },
  "furniture-back": {},
  "boards-laid-out": { boards: [{ id: "b1", as: "patch", size: [420, 594] }] },
  "board-coat": {
    board: "b1",
    of: { paint: "p" },
    as: "trial",
    wall: null,
    grade: "sample",
    act: "coat",
    asOnWall: false,
    parts: [
      { paint: "p", ml: 12 },
      { paint: "q", ml: 9 },
    ],
    coat: 1,
    coats: 2,
  },
  "board-decide": { board: "b1", of: { set: "s1" }, as: "board" },
  "why-sample-board": {},
  "why-sample-card": {},
  "why-sample-wood": {},
  "care-circuit": {},
  "care-heavy": {},
  "care-lead": {},
  "care-preparing": { condition: "gloss" },
  "care-steps": {},
  "care-tower": {},
  "care-knife": {},
  "care-air": {},
  "care-lime": {},
  "care-dry": {},
  "care-drain": {},
  "ready-tins": { colours: ["p"] },
  "ready-mixing": {},
  "ready-moves": {},
  "ready-circuits": {},
  "ready-washing": {},
  "ready-dusting": {},
  "ready-mending": {},
  "ready-chips": {},
  "ready-setting-out": {},
  "ready-tape": {},
  "ready-rollers": {},
  "why-tape": { from: 2 },
  "why-flexible": { from: 2 },
  "why-sealer": { from: 2 },
  "why-brush": {},
  "why-brush-sash": {},
  "why-brush-wide": {},
  "why-steps": {},
  "why-tower": {},
  "why-lamp": {},
  "why-bucket": {},
  "why-tester": {},
  "why-filling-knife": {},
  "why-level": {},
  "why-measure": {},
  "why-pin": {},
  "why-knife": {},
  "why-frame-100": {},
  "why-frame-230": {},
  "why-pole": {},
  "why-pile-short": {},
  "why-pile-medium": {},
  "why-pile-long": {},
  "why-roller-100": {},
  "why-roller-230": {},
  "why-liner": {},
  "why-dust-sheet": { from: 2 },
  "why-film": { from: 2 },
  "why-filled": { from: 2 },
  "why-low-tack": {},
  "why-soap": { from: 2 },
};
const sayOf = (code: WorkCode, more: object = {}): string =>
  speech.say({ code, values: { ...values[code], ...more } });

it("everything is told in whole sentences, and why a sundry is bought in half ones", () => {
  for (const code of Object.keys(values) as WorkCode[]) {
    const say = sayOf(code);
    const form = code.startsWith("why-") ? /^[a-z0-9].{6,}[^.]$/ : /^[A-Z].*\.$/;
    expect(say, code).toMatch(code.startsWith("table-") ? /^[A-Z].*[^.]$/ : form);
    expect(say, code).not.toMatch(/undefined|NaN|\[object|!/);
  }
  for (const { why } of Object.values(sundryKinds)) expect(Object.keys(workWords)).toContain(why);
  expect(() => speech.say({ code: "toString", values: {} })).toThrow("no words");
  // After the first coat is dry it is asked whether the ground shows, also where two are all that is planned.
  expect(sayOf("paint")).toContain("whether the ground still shows");
  expect(sayOf("paint", { coat: 1 })).not.toContain("ground");
  expect(sayOf("seal")).toContain("the colour under the tape, elsewhere with clear sealer");
});

it("cautions stand where they belong, and nowhere else", () => {
  const wallOf = (more: object = {}) =>
    wallSchema.parse({ id: "w", width: 3000, height: 2000, base: "p", ...more });
  const told = (list: ReturnType<typeof cautionsOfSeals>) =>
    list.map((caution) => speech.say(caution)).join(" ");
  const matt = paintSchema.parse({ id: "p" });
  const lime = paintSchema.parse({ id: "p", material: "limewash" });
  const thing = (kind: string) =>
    wallOf({ fixtures: [{ id: "s", kind, x: 0, y: 0, width: 80, height: 80 }] });
  expect(told(cautionsOfPlates(thing("plate")))).toMatch(/circuit.*electrician/);
  expect(told(cautionsOfPlates(thing("shelf")))).toBe("");
  expect(told(cautionsOfPaint(lime))).toMatch(/Lime burns.*goggles.*doctor/);
  expect(told(cautionsOfPaint(matt))).not.toContain("Lime");
  expect(told(cautionsOfPaint(matt))).toMatch(/children and pets/);
  expect(told(cautionsOfSeals(["clear"]))).toMatch(/Air the room.*no flames/);
  expect(told(cautionsOfSeals(["colour"]))).toBe("");
  expect(sayOf("care-preparing", { condition: "crack" })).toContain("dust mask");
  // Above what is reached from the floor work stands on steps; surveyed walls are as high as they were read.
  const stations = [0, 3000].map((x) => ({ x, down: 1200, up: 1400 }));
  const high = wallOf({ survey: { stations }, width: undefined, height: undefined });
  expect(heightOf(high)).toBe(2600);
  expect(told(cautionsAbove(1801))).toContain("three points of contact");
  expect(told(cautionsAbove(1800))).toBe("");
  // A radiator has neither a switch nor screws.
  expect(sayOf("plates-off", { plates: 0, shelves: 0 })).toBe("Wall w: mask 1 thing that stays on the wall.");
  expect(sayOf("plates-off")).toMatch(/2 plates, screws in a labelled bag; take down 1 shelf; mask 1 thing/);
});

it("the evening before has every tin opened once, then what the day begins with", () => {
  const stepOf = (does: readonly Did[], ...evening: Step["evening"][number][]): Step => ({
    id: "s",
    phase: "colour",
    verb: "paint",
    does,
    minutes: 10,
    after: [],
    say: said("furniture-back", {}),
    cautions: [],
    evening,
  });
  const mix = {
    parts: [
      { paint: "b", parts: 3 },
      { water: true, parts: 1 },
    ],
  };
  const paints = new Map(
    [{ id: "a" }, { id: "b" }, { id: "m", mix }].map((paint) => [paint.id, paintSchema.parse(paint)]),
  );
  const coat = (paint: string, tools: string[] = []) => did("coat", "region", ["r"], { with: paint, tools });
  const taping = did("tape", "tape", ["t"]);
  const evening = eveningBefore(
    [
      stepOf([coat("a", ["brush", "liner"])]),
      stepOf([did("mix", "paint", ["m"])]),
      stepOf([taping]),
      stepOf([coat("m"), coat("a"), taping], { code: "ready-dabber", values: {} }),
    ],
    paints,
    speech,
  );
  // What is mixed is not opened, but what it is made of is.
  expect(evening[0]).toBe("Open Paint a and Paint b: lid, skin, lumps, smell, batch, amount.");
  expect(evening.slice(1).map((line) => line.split(" ")[0])).toEqual(["Jugs", "Tape", "New", "A"]);
  expect(eveningBefore([stepOf([])], paints, speech)).toEqual([]);
});
