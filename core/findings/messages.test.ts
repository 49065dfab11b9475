import { expect, it } from "vitest";
import type { FindingValues } from "./finding";
import { cureLabels } from "./cureLabels";
import { findingMessages } from "./messages";
import { reasonMessages, type ReasonValues } from "./reasons";
import type { Speech } from "./speech";

const speech: Speech = {
  length: (mm) => `<${mm} long>`,
  error: (mm) => `<${mm} off>`,
  area: (m2) => `<${m2} m2>`,
  volume: (ml) => `<${ml} ml>`,
  run: (m) => `${m} m`,
  wall: (id) => id,
  finish: (id) => id,
  temperature: (celsius) => `<${celsius} C>`,
  degrees: (celsius) => `<${celsius} C>`,
  money: (amount) => `${amount} EUR`,
  paint: (id) => `<${id}>`,
  set: (id) => id,
  duration: (minutes) => `<${minutes} min>`,
  say: ({ code }) => `The step "${code}".`,
};

/** One set of values for every code; the types fail when a code is added without one. */
const values: FindingValues = {
  "patch-stays": { board: "b4", wall: "gable" },
  "promise-broken": { paint: "kelp", what: "sheen", told: "matt", now: "silk" },
  "end-under-half": { end: 90, whole: 310, side: "left" },
  "near-miss": { gap: 7, thing: "the plate" },
  sliver: { width: 30, thing: "the hatch" },
  "remainder-shows": { difference: 20, tolerance: 7, distance: 2500 },
  "ends-impossible": { wanted: "same" },
  "anchor-outside": { at: 9000 },
  "too-many-divisions": { count: 4215, of: "stripes" },
  "too-narrow": { width: 0.1 },
  "opening-outside": { thing: "the door" },
  "openings-overlap": { first: "the door", second: "the window" },
  "fixture-outside": { thing: "the plate" },
  "outline-crosses": {},
  "likely-slip": { read: 1310, likely: 1210, station: 2, of: "floor" },
  "out-of-level": { side: "ceiling", out: 17, change: -17, clearAt: 680 },
  "out-of-plumb": { side: "left", out: 6, inwards: 6 },
  "out-of-square": { difference: 9, skew: 8 },
  "diagonal-disagrees": { which: "rising", read: 5010, computed: 4930 },
  "not-flat": { gap: 6, straightedge: 2000 },
  "taper-shows": {
    line: "stripe 1 | stripe 2",
    against: "top",
    first: 120,
    last: 103,
    least: 103,
    most: 120,
    verdict: "will show",
    clearAt: 680,
    distance: 2500,
  },
  "level-line-crosses": { things: ["the hatch", "the plate"], better: -90 },
  "level-line-reach": { aboveFloor: 2100, better: null },
  "trim-too-tall": { trim: 3000, height: 2600 },
  "nothing-to-paint": {},
  "tiny-face": { areaMm2: 40, name: "row 3" },
  "rake-sliver": { pieces: 2, areaMm2: 700, height: 30, isRake: true },
  "tip-sliver": { pieces: 8, areaMm2: 30, floor: 11.3, ceiling: 11.3 },
  "no-rake": {},
  "part-print": { wall: "w", scraps: 3, shift: 22, cutOut: 2 },
  "off-centre": { thing: "the bed", by: -42 },
  "unused-colour": { finish: "f", paints: ["kelp"] },
  "sheens-of-one": { wall: "w", paints: ["kelp", "brine"] },
  "cold-room": { temperature: 8, humidity: 80, days: 9, warmDays: 3 },
  "by-hand-sooner": { taped: 8, byHand: 3 },
  "loose-end": {},
  "fills-meet": { first: 1, second: 3, at: [900, -200], other: [300, 800] },
  "fill-in-opening": { number: 2 },
  "equal-neighbours": { pairs: 3 },
  "off-the-wall": { thing: "band 2", over: 60 },
  "off-wall": { thing: "band 1" },
  "bands-overlap": { first: "band 1", second: "band 2" },
  "shape-crosses": { thing: "block 1" },
  "line-eats-pattern": { line: 48, left: 30 },
  "acute-angle": { degrees: 11.2 },
  "out-of-reach": { isOff: true, above: 0 },
  "cut-off": { over: 120, room: 900 },
  "no-room": { wanted: 12, found: 7 },
  "by-eye": { tolerance: 20, areaM2: 0.31 },
  "slit-tape": { line: 20, sold: 24 },
  "lines-up-with-nothing": { thing: "block 1" },
  "texture-bleeds": { texture: "heavy" },
  "print-on-texture": { texture: "heavy", method: "roller" },
  "colours-near": { stencil: "Reed", overlay: "1", slots: ["leaf", "dot"], gap: 4 },
  "object-unsealed": {},
  "object-stiff": {},
  "cannot-be-done": {
    step: { code: "paint", values: {} },
    why: "too-long",
    minutes: 600,
    hands: 2,
    crew: 1,
    day: 500,
  },
  "room-climate": { why: "cold", temperature: 5, humidity: 60 },
  "more-coats": { paint: "kelp", coats: 2, advised: 4, because: ["much-paler"], primer: true },
  "out-of-stock": { paint: "kelp", needMl: 400 },
  "mineral-ground": { paint: "lime", wall: "counter" },
  "too-much": { what: "pieces", most: 10_000 },
  "cannot-be-planned": { why: "it took longer than 20 s" },
  "more-alike": { code: "acute-angle", count: 12 },
  "stopped-elsewhere": { wall: "counter" },
  "corner-disagrees": { first: "w", second: "v", firstIs: "internal" },
  "heights-differ": { first: "w", second: "v", height: 2400, other: 2600 },
  "in-base-colour": { thing: "band 2" },
  "little-left": { paint: "kelp", leftMl: 8, next: { ml: 250, cost: 7 } },
  "by-hand-on-texture": { metres: 12, texture: "heavy" },
  "tape-on-arris": { metres: 2.6 },
  "painted-otherwise": { wall: "w", pieces: 3, why: "gone" },
  "covered-again": { wall: "w", pieces: 12, what: "prints" },
  "runs-out": { paint: "p", leftMl: 200, needsMl: 450 },
  drifts: { mm: 9, shows: "may show", choice: "spread", over: 3 },
  "tape-little-left": { widthMm: 24, rolls: 2, leftM: 3.1 },
  "needs-access": { wall: "w", minutes: 90 },
  "special-under-tape": { wall: "w", paints: ["bronze"], metres: 4.2 },
  "base-too-young": { ageMin: 2880, isWashed: false },
  "shared-tape": { wall: "w", colours: ["kelp", "brine"], why: "rounds", isAsked: true },
  "stencil-island": { stencil: "Reed", overlay: "1", areaMm2: 900, at: [10, 20] },
  "overlays-hairline": {
    stencil: "Ripple",
    overlays: ["1", "2"],
    gap: 0.4,
    overlap: 0,
    at: [10, -20],
    budget: 1,
  },
  "thin-bridge": { stencil: "Reed", overlay: "1", width: 2.4, at: [10, 20] },
  "turn-differs": { stencil: "Reed" },
  "end-piece": { width: 30, face: 228 },
  "over-budget": { cost: 120, budget: 100 },
  "recipe-off": { paint: "dune", part: "ochre-tint", off: 0.031 },
  "tint-over-limit": { paint: "kelp", tint: "ochre", base: "shell", made: 52, limit: 31, taken: null },
  "cannot-join-wet": {
    wall: "w",
    colour: "lime",
    front: 8,
    open: 5,
    hands: 1,
    by: "hands",
    needed: 2,
    cooler: 7,
  },
  "paint-down-to": { at: 900, overlap: 50, savedM2: 2.4 },
  "base-stops-short": { at: 1200, lowest: 900 },
  "no-packs": { paint: "kelp", needMl: 400 },
};

const reasons: ReasonValues = {
  "set-runs-together": { between: ["kelp", "oyster"], along: 0.4, seen: 2.1, away: 2500 },
  "set-alike-to": { between: ["kelp", "oyster"], to: ["protan", "deutan"] },
  "set-like-what-stays": { between: ["kelp", "floor"], apart: 1.2 },
  "set-nearly-all": { tone: "middle", share: 0.9 },
  "set-loud": { share: 0.4 },
  "set-parts-most": { between: ["kelp", "oyster"], seen: 41, away: 2500 },
  "set-parts-least": { between: ["kelp", "oyster"], seen: 5 },
  "set-tones": { light: 0.5, middle: 0.2, dark: 0.3 },
  "ends-alike": { paint: "kelp" },
  "ends-differ": { first: "kelp", last: "oyster" },
  "part-ends": { first: 100, last: 120 },
  "ends-under-half": { end: 90 },
  "width-off": { difference: 12, wider: true },
  "stepping-costs": { stepped: -3, worst: 0.7 },
  "reads-easily": { module: 300 },
  "just-misses": { thing: "the plate", gap: 7 },
  "leaves-sliver": { thing: "the hatch", gap: 30 },
  meets: { thing: "the plate" },
  clears: { thing: "the plate" },
  "clears-all": {},
  "field-ends": { first: 120, last: 300 },
  "field-cuts": { cut: 3, prints: 40 },
  "field-minutes": { minutes: 96 },
  "order-minutes": { minutes: 96, waiting: 30 },
  "brush-changes": { changes: 5 },
  "field-whole": { columns: 4 },
  "paper-ends": { first: 120, last: 300 },
  "paper-drops": { drops: 8, rolls: 3, more: 1 },
  "seams-on-things": { things: ["the plate", "the switch"] },
  "bed-beside-joint": { bed: 11.4, joint: 10, verdict: "may show" },
  "lowest-cut": { height: 12, isSliver: true },
  "courses-whole": { count: 34 },
  "ends-at-least": { end: 109 },
  "arch-room": { margin: 120, middle: 300 },
  "gap-as-tape": { gap: 36 },
  "remainder-seen": { difference: 20 },
  "centred-on": { thing: "the hatch" },
  "datum-level": { against: "ceiling", verdict: "will show" },
  "datum-split": { against: "ceiling", rise: -8, verdict: "may show" },
  "datum-follow": { surface: "ceiling", rise: -17 },
  "peel-crisp": {},
  "peel-relief": {},
  "peel-asked": { when: "dry" },
};

const isSentence = (text: string) => {
  expect(text).toMatch(/^[A-Z<0-9].*\.$/);
  expect(text).not.toMatch(/undefined|NaN|\[object|!/);
};

it("every finding says what is wrong and what to do, in whole sentences", () => {
  expect(Object.keys(findingMessages).sort()).toEqual(Object.keys(values).sort());
  for (const [code, given] of Object.entries(values)) {
    const speak = findingMessages[code as keyof FindingValues] as (
      given: object,
      speech: Speech,
    ) => { say: string; remedy: string };
    const { say, remedy } = speak(given as object, speech);
    isSentence(say);
    isSentence(remedy);
  }
});

it("every reason is a whole sentence", () => {
  expect(Object.keys(reasonMessages).sort()).toEqual(Object.keys(reasons).sort());
  for (const [code, given] of Object.entries(reasons)) {
    isSentence(
      (reasonMessages[code as keyof ReasonValues] as (given: object, speech: Speech) => string)(
        given as object,
        speech,
      ),
    );
  }
});

it("every cure has a label that fits a button", () => {
  for (const label of Object.values(cureLabels)) expect(label(13, speech)).toMatch(/^[A-Z][^.]{4,34}$/);
});
