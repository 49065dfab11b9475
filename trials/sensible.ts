import fc from "fast-check";
import { anyFinish } from "@/core/job/tests/anyFinish";
import { stencilLibrary } from "@/core/stencil/library";
import { objectKinds } from "@/core/wall/objectSchema";
import { colours, Dice } from "./awkward";
import type { RandomDocument } from "./documents";

const conditions = ["crack", "patch", "gloss", "grease", "bare-plaster", "old-paint", "varnish", "wax"];

/** A job such as painters have: rooms of usual size, every finish, mixes of them, conditions, runs, objects, both schools, any air. */
export function sensibleDocument(random: () => number): RandomDocument {
  const dice = new Dice(random);
  const walls = Array.from({ length: dice.whole(1, 3) }, (_, index) => wall(dice, index));
  const canRun = walls.length > 1 && walls.every((own) => !("object" in own));
  const run = canRun && dice.share() < 0.4 ? walls.map(({ id }) => id as string) : null;
  const places = [...walls.map(({ id }) => id as string), ...(run ? ["run"] : [])];
  const finishes = Array.from({ length: dice.whole(1, 3) }, (_, index) => ({
    ...fc.sample(anyFinish, { seed: dice.whole(0, 2 ** 31 - 1), numRuns: 1 })[0]!,
    id: `f${index}`,
    on: dice.pick(places),
  }));
  return {
    format: "jacaranda-job/1",
    name: "Any",
    units: dice.pick(["metric", "imperial"]),
    school: dice.pick(["finish", "finish", "coat-by-coat"]),
    edges: {
      seal: dice.pick(["colour", "colour", "caulk", "press"]),
      curves: dice.pick(["tape", "tape", "hand"]),
      straight: dice.pick(["tape", "tape", "tape", "hand"]),
      peel: dice.pick(["auto", "wet", "dry"]),
    },
    work: {
      crew: dice.whole(1, 3),
      temperature: dice.whole(12, 30),
      humidity: dice.whole(30, 70),
      secondCoat: dice.pick(["label", "touch", "next-day"]),
    },
    stencils: [...stencilLibrary],
    paints: colours.map((id) => ({
      id,
      coats: dice.whole(1, 2),
      ...(dice.share() < 0.1 && { material: dice.pick(["metallic-paint", "gloss", "pearl-coat"]) }),
      packs: [
        { size: "250 ml", price: 7 },
        { size: "1 L", price: 19 },
      ],
      ...(dice.share() < 0.2 && { tapeOver_min: 240 }),
    })),
    walls,
    ...(run && {
      runs: [{ id: "run", walls: run, ...(run.length > 2 && dice.share() < 0.5 && { closes: true }) }],
    }),
    finishes,
    ...(dice.share() < 0.3 && boardsOf(dice, finishes)),
  };
}

/** Something is tried before it is decided: a finish, a colour, a set of colours. */
function boardsOf(dice: Dice, finishes: readonly { readonly id: string }[]): RandomDocument {
  const asked = () => ({ as: dice.pick(["board", "board", "patch", "chip", "trial"]) });
  return {
    sets: [{ id: "s1", paints: { [colours[0]!]: colours[1]! } }],
    boards: [
      { id: "b1", of: { finish: dice.pick(finishes).id }, ...asked() },
      { id: "b2", of: dice.share() < 0.5 ? { paint: dice.pick(colours) } : { set: "s1" }, ...asked() },
    ],
  };
}

function wall(dice: Dice, index: number): RandomDocument {
  const shared = { id: `w${index}`, base: dice.pick(colours), baseState: dice.pick(["on", "paint"]) };
  const age = dice.pick(["", "", "", "20 h", "2 d", "10 d"]);
  if (dice.share() < 0.1)
    return {
      ...shared,
      width: dice.whole(300, 1500),
      height: dice.whole(300, 1200),
      object: { kind: dice.pick(objectKinds) },
    };
  const [width, height] = [dice.whole(1500, 4800), dice.whole(2200, 2900)];
  const opening = {
    id: "o",
    kind: "window",
    x: Math.round(width * 0.4),
    y: 900,
    width: 700,
    height: 900,
    casing: 60,
  };
  return {
    ...shared,
    ...(age !== "" && shared.baseState === "on" && { baseAge: age }),
    width,
    height,
    skirting: dice.pick([0, 90]),
    texture: dice.pick(["smooth", "smooth", "light"]),
    openings: dice.share() < 0.4 ? [opening] : [],
    fixtures: dice.share() < 0.3 ? [{ id: "s", kind: "plate", x: 200, y: 1100, width: 86, height: 86 }] : [],
    conditions: dice.share() < 0.4 ? [{ kind: dice.pick(conditions) }] : [],
  };
}
