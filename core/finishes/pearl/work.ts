import type { Finding } from "../../findings/finding";
import { cannotJoin, coatOver, type BrokenCoat } from "../../work/broken/coats";
import { stripsOf } from "../../work/broken/sections";
import { brokenUse, coatBroken, maskBroken, unmaskBroken, type BrokenWall } from "../../work/broken/steps";
import type { Contribution } from "../../work/contribution";
import { waitFor, type StepDraft } from "../../work/step";
import { workBroken } from "../workBroken";
import type { FinishPart, Site } from "../defineCraft";
import { missesOn } from "../misses";
import { lampFor } from "./lamp";
import type { PearlLayout } from "./layout";
import type { PearlSpec } from "./spec";

/** A lane is as wide as the roller, mm; a load of it covers so much, m2. */
const rollerMm = 230;
const loadM2 = 0.8;
/** Pearl settles slowly, glitter at once: stirred after so many minutes. */
const stirMin = { "purpose-made": 20, "stirred-in": 5 } as const;

/** Masked, and coats in lanes: upright in the first, level in the second, and so on. */
export function workPearl(share: FinishPart<PearlLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  return workBroken(share, site, {
    thing: "the pearl coat",
    coatsOf: (on) => coatsOf(on, spec, site),
    stepsOn: (on, coats) => stepsOn(on, coats, share.layout, site),
    paintOn: (on) => [brokenUse(on, spec.paint)],
    sundriesFor: () => [{ item: "pearl-sleeve", amount: 1 }],
    findingsOn: (on, coats) => {
      const late = coats.find(({ fits }) => !fits);
      return [...(late ? cannotJoin(late, { by: "air" }) : []), ...checkSheens(on)];
    },
  });
}

const directionOf = (coat: number) => (coat % 2 === 1 ? "upright" : "level");

function coatsOf(on: BrokenWall, spec: PearlSpec, site: Site): BrokenCoat[] {
  const paint = site.paints.get(spec.paint)!;
  const rate = site.rate("pearl_m2_min");
  return Array.from({ length: paint.coats }, (_, index) => {
    const coat = index + 1;
    return coatOver(on, { coat, paint, rate, sections: stripsOf(on.covered, rollerMm, directionOf(coat)) });
  });
}

function stepsOn(
  on: BrokenWall,
  coats: readonly BrokenCoat[],
  { spec, strip }: PearlLayout,
  site: Site,
): StepDraft[] {
  const paint = site.paints.get(spec.paint)!;
  const mask = maskBroken(on);
  const coated = coatBroken(on, coats, {
    first: [waitFor(mask.id)],
    tones: [paint],
    tools: ["pearl-sleeve"],
    wordsOf: ({ coat, needMl, sections }) => ({
      verb: "pearl",
      say: {
        code: "pearl-coat",
        values: {
          wall: on.wall.id,
          colour: paint.id,
          coat,
          amount: on.covered.areaM2,
          need: needMl,
          lanes: sections.length,
          direction: directionOf(coat),
          perLoad: loadM2,
          stir: stirMin[spec.kindOfCoat],
          lamp: lampFor(on.wall, on.covered.box),
          misses: coat === 1 ? [] : missesOn(strip, on.wall.id, spec.misses),
        },
      },
      cautions: [],
      evening: [{ code: "ready-pearl", values: {} }],
    }),
  });
  return [mask, ...coated, unmaskBroken(on, coated.at(-1)!, paint)];
}

/** A clear coat shows where what it lies on changes its sheen. */
function checkSheens({ covered, paints }: BrokenWall): Finding[] {
  const sheens = new Set(covered.over.map((id) => paints.get(id)!.sheen));
  if (sheens.size < 2) return [];
  return [
    { own: true, code: "sheens-differ", severity: "check", values: { paints: covered.over }, at: null },
  ];
}
