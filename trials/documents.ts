import fc from "fast-check";
import { anyFinish, arbitraries } from "@/core/job/tests/anyFinish";
import { materialNames } from "@/core/paint/schema";
import { stencilLibrary } from "@/core/stencil/library";
import { objectKinds } from "@/core/wall/objectSchema";
import { awkwardFinish, awkwardWall, colours, Dice, survey } from "./awkward";
import { once } from "@/core/geometry/once";
import { createSequence } from "@/core/trade/randomSequence";
import { boundsOf, numbersOfSchema, setNumber } from "./numbers";

/** A document made at random over the whole schema: every finish as its own folder makes it up, and what is hard on geometry. */
export type RandomDocument = Record<string, unknown>;

export function randomDocument(random: () => number): RandomDocument {
  const dice = new Dice(random);
  const walls = Array.from({ length: dice.whole(1, 3) }, (_, index) =>
    dice.share() < 0.08 ? thing(dice, index) : awkwardWall(dice, index),
  );
  const canRun = walls.length > 1 && walls.every((one) => !("survey" in one) && !("object" in one));
  const run = canRun ? dice.maybe(0.6, () => dice.mix(walls.map(({ id }) => id as string))) : undefined;
  const places = [...walls.map(({ id }) => id as string), ...(run ? ["run", "run"] : [])];
  const openings = walls.flatMap((one) => ((one.openings ?? []) as { id: string }[]).map(({ id }) => id));
  const own = dice.maybe(0.3, () => ownSheet(dice));
  const document: RandomDocument = {
    format: "jacaranda-job/1",
    name: "Any",
    units: dice.pick(["metric", "imperial"]),
    school: dice.pick(["finish", "coat-by-coat"]),
    edges: {
      seal: dice.pick(["colour", "caulk", "press"]),
      curves: dice.pick(["tape", "hand"]),
      straight: dice.pick(["tape", "tape", "hand"]),
      peel: dice.pick(["auto", "wet", "dry"]),
    },
    work: { crew: dice.whole(1, 3), temperature: dice.whole(8, 35), humidity: dice.whole(20, 85) },
    stencils: [...stencilLibrary, ...(own ? [own] : [])],
    paints: [...colours.map((id) => paint(dice, id)), ...(dice.share() < 0.3 ? [mixed(dice)] : [])],
    walls,
    ...(run && { runs: [{ id: "run", walls: run }] }),
    finishes: Array.from({ length: dice.whole(1, 3) }, (_, index) => ({
      id: `f${index}`,
      on: dice.pick(places),
      ...finish(dice, openings, own !== undefined),
    })),
  };
  // One in four has a number or two at its limit, wherever in the schema it stands.
  if (dice.share() >= 0.25) return document;
  return Array.from({ length: dice.whole(1, 2) }).reduce<RandomDocument>((changed) => {
    const number = dice.pick(numbersOfSchema());
    return setNumber(changed, number, dice.pick(boundsOf(number)));
  }, document);
}

const arch = { id: "o", kind: "window", shape: "arch", x: 1240, y: 610, width: 840, height: 900, rise: 310 };

/** What some numbers need beside them. */
const moreForms = [
  { kind: "stripes", colours: ["kelp"], widths: [310], fit: { by: "width", width: 310 } },
  {
    kind: "brick",
    way: "taped",
    face: { width: 228, height: 68 },
    colour: "kelp",
    smear: { paint: "lantern", share: 0.3, thickness: 2 },
  },
];

/** A job with a wall for each kind of finish, in which a number of any kind has something to say. */
export const everyKind = once((): RandomDocument => {
  const finishes = arbitraries.map((arbitrary) => fc.sample(arbitrary, { seed: 4, numRuns: 1 })[0]!);
  const dice = new Dice(createSequence(4));
  return {
    format: "jacaranda-job/1",
    name: "Every kind",
    stencils: stencilLibrary,
    paints: [...colours.map((id) => ({ id, packs: [{ size: "250 ml", price: 7 }] })), mixed(dice)],
    walls: [
      ...finishes.map((_, index) => ({
        id: `w${index}`,
        base: "oyster",
        width: 3150,
        height: 2430,
        openings: [arch],
      })),
      { id: "surveyed", base: "oyster", survey: survey(dice) },
      { id: "striped", base: "dune", width: 2020, height: 1900 },
      thing(dice, finishes.length),
    ],
    finishes: [...finishes, ...moreForms].map((made, index) => ({
      id: `f${index}`,
      on: index < finishes.length ? `w${index}` : "striped",
      ...made,
    })),
  };
});

/** As awkward as geometry can be, or as the finish's own folder has it; with a sheet of the painter's own where there is one. */
function finish(dice: Dice, openings: readonly string[], hasOwnSheet: boolean): object {
  if (hasOwnSheet && dice.share() < 0.5) return printed(dice);
  if (dice.share() < 0.4) return awkwardFinish(dice, openings);
  const [made] = fc.sample(anyFinish, { seed: dice.whole(0, 2 ** 31 - 1), numRuns: 1 });
  return made!;
}

function paint(dice: Dice, id: string): object {
  return {
    id,
    ...(dice.share() < 0.5 && { hex: dice.pick(["#E9E2D0", "#4C5B45", "#D9A441", "#2F5D62"]) }),
    coats: dice.whole(1, 3),
    tapeOver_min: dice.pick([0, 240, 1440]),
    material: dice.share() < 0.4 ? "wall-paint" : dice.pick(materialNames),
    packs: [{ size: "250 ml", price: 7 }],
  };
}

function mixed(dice: Dice): object {
  return {
    id: "dune",
    mix: {
      parts: [
        { paint: "oyster", parts: dice.whole(1, 9) },
        { paint: "lantern", parts: dice.pick([0.01, 0.4, 3]) },
        ...(dice.share() < 0.5 ? [{ water: true, parts: 1 }] : []),
      ],
      ...(dice.share() < 0.5 && { limit: { of: "lantern", in: "oyster", ml_per_l: dice.whole(1, 90) } }),
      container: dice.pick(["250 ml", "5 L"]),
    },
  };
}

/** A flat thing on a table. */
const thing = (dice: Dice, index: number): RandomDocument => ({
  id: `w${index}`,
  base: dice.pick(colours),
  baseState: dice.pick(["on", "paint"]),
  width: dice.whole(60, 2400),
  height: dice.whole(60, 1600),
  object: { kind: dice.pick(objectKinds), varnish: dice.maybe(0.4, () => dice.pick(colours)) },
});

const printed = (dice: Dice): object => {
  const sheet = { stencil: "own", colours: { mesh: dice.colour() } };
  return dice.share() < 0.7
    ? { kind: "stencil-field", ...sheet, layout: dice.pick(["straight", "half-drop", "brick"]) }
    : { kind: "stencil-border", ...sheet, along: { level: dice.whole(-900, 1500) } };
};

/** A sheet of the painter's own: polygons, holes, curves, some too thin or too near. */
function ownSheet(dice: Dice): object {
  const number = () => dice.pick([dice.whole(-150, 150), Math.round(dice.share() * 3000) / 10 - 150]);
  const shapes = [
    () => `M ${number()} ${number()} L ${number()} ${number()} L ${number()} ${number()} Z`,
    () => `M ${number()} ${number()} h ${number()} v ${number()} h ${number()} z`,
    () => `M ${number()} ${number()} C ${Array.from({ length: 6 }, number).join(" ")} Z`,
    () =>
      `M ${number()} ${number()} A ${dice.whole(1, 90)} ${dice.whole(1, 90)} ${dice.whole(0, 90)} 0 1 ${number()} ${number()} Z`,
  ];
  const cut = (slot: string) => ({ slot, path: dice.pick(shapes)() });
  return {
    id: "own",
    repeat: { x: dice.whole(60, 500), y: dice.whole(60, 500) },
    overlays: [{ id: "1", cuts: [cut("mesh"), ...dice.list(3, () => cut("mesh"))] }],
  };
}
