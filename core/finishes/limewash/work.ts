import { adviseCoats } from "../../paint/adviseCoats";
import type { Finding } from "../../findings/finding";
import { isOf } from "../../trade/materials";
import { cannotJoin, coatOver, type BrokenCoat } from "../../work/broken/coats";
import { lanesOf } from "../../work/broken/sections";
import {
  brokenUse,
  coatBroken,
  maskBroken,
  primeBroken,
  unmaskBroken,
  type BrokenWall,
} from "../../work/broken/steps";
import type { Contribution } from "../../work/contribution";
import { waitFor, type StepDraft } from "../../work/step";
import { workBroken } from "../workBroken";
import type { FinishPart, Site } from "../defineCraft";
import { missesOn } from "../misses";
import type { LimewashLayout } from "./layout";
import type { LimewashSpec } from "./spec";
import { sharedStarts, strokesOf } from "../../work/broken/strokes";

/** How far one hand reaches along the wall, mm: so wide is the wet front. */
const reachMm = 600;
/** A large block brush takes so much up, half to three quarters full, ml. */
const loadMl = 120;
/** Lime settles: it is stirred after so many minutes. */
const stirMin = 10;

/** Masked, primed where the ground is not mineral, and every coat in one go, all hands on one front over the height. */
export function workLimewash(share: FinishPart<LimewashLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  return workBroken(share, site, {
    thing: "the limewash",
    coatsOf: (on) => coatsOf(on, spec, site),
    stepsOn: (on, coats) => stepsOn(on, coats, share.layout, site),
    paintOn: (on) =>
      [...(spec.primer === undefined ? [] : [spec.primer]), spec.paint].map((paint) => brokenUse(on, paint)),
    sundriesFor: () => ["block-brush", "goggles", "gloves"].map((item) => ({ item, amount: 1 })),
    findingsOn: (on, [first]) => [
      ...(first ? cannotJoin(first, { by: "hands" }) : []),
      ...checkGround(on, spec),
    ],
  });
}

function coatsOf(on: BrokenWall, spec: LimewashSpec, site: Site): BrokenCoat[] {
  const paint = site.paints.get(spec.paint)!;
  const rate = site.rate("limewash_m2_min");
  const hands = on.work.crew;
  const { minY, maxY } = on.covered.box;
  const frontMin = (((maxY - minY) / 1000) * (reachMm / 1000)) / (rate * hands);
  const sections = lanesOf(on.covered, "front", () => ({ width: reachMm, direction: "upright" }));
  return Array.from({ length: paint.coats }, (_, index) =>
    coatOver(on, { coat: index + 1, paint, rate, hands, sections, frontMin }),
  );
}

function stepsOn(
  on: BrokenWall,
  coats: readonly BrokenCoat[],
  { spec, strip }: LimewashLayout,
  site: Site,
): StepDraft[] {
  const paint = site.paints.get(spec.paint)!;
  const primer = spec.primer === undefined ? undefined : site.paints.get(spec.primer);
  const mask = maskBroken(on);
  const primed = primer ? primeBroken(on, primer, coats[0]?.sections ?? []) : [];
  const ground = primed.at(-1);
  const strokes = coats.map(({ coat }) => strokesOf(on.covered.box, coat, spec.seed));
  const coated = coatBroken(on, coats, {
    first: [waitFor(mask.id), ground ? waitFor(ground.id, "recoat", primer!.recoatMin) : null],
    tones: [paint],
    tools: ["block-brush", "goggles", "gloves"],
    wordsOf: ({ coat, needMl, frontMin, openMin, hands }) => ({
      verb: "limewash",
      stirMin,
      say: {
        code: "lime-coat",
        values: {
          wall: on.wall.id,
          colour: paint.id,
          coat,
          amount: on.covered.areaM2,
          need: needMl,
          loads: Math.ceil(needMl / loadMl),
          front: frontMin,
          open: openMin,
          hands,
          stir: stirMin,
          misses: coat === 1 ? [] : missesOn(strip, on.wall.id, spec.misses),
          shared: coat === 1 ? null : sharedStarts(strokes[coat - 1]!, strokes[coat - 2]!),
        },
      },
      cautions: [],
      evening: [{ code: "ready-lime", values: {} }],
    }),
  });
  return [mask, ...primed, ...coated, unmaskBroken(on, coated.at(-1)!, paint)];
}

/** Lime on what it does not bond with, and a primer that leaves the old colour to show through. */
function checkGround({ wall, paints, covered }: BrokenWall, spec: LimewashSpec): Finding[] {
  const primer = spec.primer === undefined ? undefined : paints.get(spec.primer)!;
  const grounds = primer ? [primer] : covered.over.map((id) => paints.get(id)!);
  const findings: Finding[] = grounds.every(({ material }) => isOf(material, "mineral"))
    ? []
    : [
        {
          code: "mineral-ground",
          severity: "check",
          values: { paint: spec.paint, wall: wall.id },
          at: null,
        },
      ];
  if (!primer) return findings;
  const advised = covered.over
    .map((id) => adviseCoats(paints.get(id)!.hex, primer.hex, primer.hiding))
    .reduce((a, b) => (b.coats > a.coats ? b : a));
  // One coat bonds; more are for the colour that is there.
  const coats = advised.because.length === 0 ? 1 : advised.coats - 1;
  if (coats <= primer.coats) return findings;
  return [
    ...findings,
    {
      code: "more-coats",
      severity: "note",
      at: null,
      values: {
        paint: primer.id,
        coats: primer.coats,
        advised: coats,
        because: advised.because,
        primer: false,
      },
      cure: { kind: "more-coats", count: coats, paint: primer.id, set: { coats } },
    },
  ];
}
