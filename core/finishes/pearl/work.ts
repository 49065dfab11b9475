import type { Finding } from "../../findings/finding";
import { cannotJoin, coatOver, type BrokenCoat } from "../../work/broken/coats";
import { lanesOf, type Lanes } from "../../work/broken/sections";
import type { Covered, CoveredField } from "../../pattern/covered";
import { brokenUse, coatBroken, maskBroken, unmaskBroken, type BrokenWall } from "../../work/broken/steps";
import type { Contribution } from "../../work/contribution";
import { waitFor, type StepDraft } from "../../work/step";
import { usualStirMin } from "../../trade/constants";
import { workBroken } from "../workBroken";
import type { FinishPart, Site } from "../defineCraft";
import { missesOn } from "../misses";
import { lampFor } from "./lamp";
import type { PearlLayout } from "./layout";
import type { PearlSpec } from "./spec";

/** A lane is no wider than its roller, mm: in a narrow field that is the small one. A load covers so much, m2. */
const rollers = [
  { item: "pearl-sleeve", width: 230, leastField: 250 },
  { item: "pearl-sleeve-100", width: 100, leastField: 0 },
] as const;
const loadM2 = 0.8;
/** Square to the first coat there is room to roll only where a field is so wide, mm: three rollers. */
const roomToCrossMm = 3 * 230;
/** Pearl settles slowly, glitter at once: stirred after so many minutes. */
const stirMin = { "purpose-made": usualStirMin, "stirred-in": 5 } as const;

/** Masked, and coats in lanes: upright in the first, level in the second, and so on. */
export function workPearl(share: FinishPart<PearlLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  return workBroken(share, site, {
    thing: "the pearl coat",
    coatsOf: (on) => coatsOf(on, spec, site),
    stepsOn: (on, coats) => stepsOn(on, coats, share.layout, site),
    paintOn: (on) => [brokenUse(on, spec.paint)],
    sundriesFor: (walls) =>
      [...new Set(walls.flatMap(({ covered }) => sleevesFor(covered)))].map((item) => ({ item, amount: 1 })),
    findingsOn: (on, coats) => {
      const late = coats.find(({ fits }) => !fits);
      return [...(late ? cannotJoin(late, { by: "air" }) : []), ...checkSheens(on)];
    },
  });
}

const narrowSide = ({ box }: CoveredField): number => Math.min(box.maxX - box.minX, box.maxY - box.minY);

const rollerFor = (field: CoveredField) =>
  rollers.find(({ leastField }) => narrowSide(field) >= leastField) ?? rollers[1];

const sleevesFor = ({ fields }: Covered): string[] => [
  ...new Set(fields.map((field) => rollerFor(field).item)),
];

/** Upright, and square to that in every second coat; in what is too narrow to cross, all along it. */
function lanesIn(field: CoveredField, coat: number): Lanes {
  const { minX, maxX, minY, maxY } = field.box;
  const { width } = rollerFor(field);
  if (narrowSide(field) < roomToCrossMm)
    return { width, direction: maxX - minX > maxY - minY ? "level" : "upright" };
  return { width, direction: coat % 2 === 1 ? "upright" : "level" };
}

/** How the lanes of all fields lie: one way, or each along its own. */
function directionOf({ fields }: Covered, coat: number): Lanes["direction"] | "along" {
  const [first, ...others] = [...new Set(fields.map((field) => lanesIn(field, coat).direction))];
  return others.length === 0 ? first! : "along";
}

function coatsOf(on: BrokenWall, spec: PearlSpec, site: Site): BrokenCoat[] {
  const paint = site.paints.get(spec.paint)!;
  const rate = site.rate("pearl_m2_min");
  return Array.from({ length: paint.coats }, (_, index) => {
    const coat = index + 1;
    const sections = lanesOf(on.covered, `pearl-${coat % 2}`, (field) => lanesIn(field, coat));
    return coatOver(on, { coat, paint, rate, sections });
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
    tools: sleevesFor(on.covered),
    wordsOf: ({ coat, needMl, sections }) => ({
      verb: "pearl",
      stirMin: stirMin[spec.kindOfCoat],
      say: {
        code: "pearl-coat",
        values: {
          wall: on.wall.id,
          colour: paint.id,
          coat,
          amount: on.covered.areaM2,
          need: needMl,
          lanes: sections.length,
          direction: directionOf(on.covered, coat),
          isSquare: coat > 1 && directionOf(on.covered, coat) !== directionOf(on.covered, coat - 1),
          fields: on.covered.fields.length,
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
