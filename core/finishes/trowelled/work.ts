import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import { cannotJoin, coatOver, openMinutes, type BrokenCoat } from "../../work/broken/coats";
import { patchesOf } from "../../work/broken/sections";
import {
  brokenUse,
  coatBroken,
  coatWork,
  maskBroken,
  unmaskBroken,
  type BrokenWall,
} from "../../work/broken/steps";
import { warmestOpenShare } from "../../trade/climate";
import { runsPastMm } from "../../trade/constants";
import type { Contribution, PaintUse } from "../../work/contribution";
import { filmMl } from "../../work/filmMl";
import { finishStep } from "../../work/keys";
import { waitFor, type StepDraft } from "../../work/step";
import type { Paint } from "../../paint/schema";
import { workBroken } from "../workBroken";
import type { FinishPart, Site } from "../defineCraft";
import type { TrowelledLayout } from "./layout";
import { edgeTone, mainTone, tonesOf, type TrowelledSpec } from "./spec";

const tools = ["spreader"];
/** Minutes for the look at the first section: the sample beside it, from the doorway, the client's word. */
const gateMin = 10;

/** The first section is a gate; then the rest of it and every further coat in sections joined wet; the edges last. */
export function workTrowelled(share: FinishPart<TrowelledLayout>, site: Site): Contribution {
  const { spec } = share.layout;
  return workBroken(share, site, {
    thing: "the trowelled metallic",
    coatsOf: (on) => coatsOf(on, spec, site),
    stepsOn: (on, coats) => stepsOn(on, coats, spec, site),
    paintOn: (on) => [
      ...tonesOf(spec).map(({ paint, share }) => brokenUse(on, paint, share)),
      ...edgeUse(on, spec),
    ],
    sundriesFor: () => [{ item: "spreader", amount: spec.tones.length }],
    findingsOn: (_, [first]) =>
      first
        ? cannotJoin(first, { by: "sections", finish: spec.id, sectionM2: sectionThatFits(first, site) })
        : [],
  });
}

/** Edges in a tone of their own, as wide as paint is carried along an edge. */
function edgeUse(on: BrokenWall, spec: TrowelledSpec): PaintUse[] {
  const edge = edgeTone(spec);
  if (spec.tones.some(({ paint }) => paint === edge)) return [];
  return [{ ...brokenUse(on, edge), areaM2: (on.covered.edgeM * runsPastMm) / 1000 }];
}

/** Beside the first of all, which is looked at before anything comes beside it. */
const isFeathered = (sections: BrokenCoat["sections"]): boolean =>
  sections.slice(1).some(({ ragged }) => ragged !== undefined);

/** The largest section that is done before the edge has set, in hundredths of a m2. */
const sectionThatFits = ({ openMin }: BrokenCoat, site: Site): number =>
  Math.max(0.05, Math.floor(openMin * site.rate("trowel_m2_min") * 100) / 100);

const paintsOf = ({ tones }: TrowelledSpec, { paints }: Site): Paint[] =>
  [...new Set(tones.map(({ paint }) => paint))].map((id) => paints.get(id)!);

function coatsOf(on: BrokenWall, spec: TrowelledSpec, site: Site): BrokenCoat[] {
  const { wall, covered, work } = on;
  const paints = paintsOf(spec, site);
  const shares = tonesOf(spec);
  const openLabelled = Math.min(...paints.map(({ openMin }) => openMin));
  const needOf = (coat: number) => {
    const needs = new Map<string, number>();
    for (const { paint, share } of shares) {
      const told = site.paints.get(paint)!;
      const ml = coat <= told.coats ? filmMl(told, covered.areaM2 * share, wall.texture) : 0;
      needs.set(paint, (needs.get(paint) ?? 0) + ml);
    }
    return needs;
  };
  return Array.from({ length: Math.max(...paints.map(({ coats }) => coats)) }, (_, index) =>
    coatOver(on, {
      coat: index + 1,
      paint: site.paints.get(mainTone(spec))!,
      rate: site.rate("trowel_m2_min"),
      sections: patchesOf(covered, index + 1, {
        mostM2: spec.section_m2,
        wetM2: openLabelled * warmestOpenShare * site.rate("trowel_m2_min"),
      }),
      openMin: Math.min(...paints.map((paint) => openMinutes(paint, work))),
      needOf: needOf(index + 1),
    }),
  );
}

function stepsOn(on: BrokenWall, coats: readonly BrokenCoat[], spec: TrowelledSpec, site: Site): StepDraft[] {
  const { wall, covered } = on;
  const [first, ...rest] = coats[0]!.sections;
  if (!first) return [];
  const paints = paintsOf(spec, site);
  const main = site.paints.get(mainTone(spec))!;
  const tones = [main, ...paints.filter((paint) => paint !== main)];
  const shares = { tones: tonesOf(spec), bare: spec.bare };
  const mask = maskBroken(on);
  const gate: StepDraft = {
    id: finishStep(wall.id, spec.id, "first-section"),
    phase: "colour",
    verb: "trowel-first",
    wall: wall.id,
    colour: main.id,
    does: [
      ...coatWork(on, coats[0]!, [first], tones, tools),
      did("look", "section", [first.id], { heightMm: heightOf(wall) }),
    ],
    session: spec.id,
    gate: "client",
    unbroken: true,
    leftAlone: true,
    minutes: first.minutes + gateMin,
    after: [waitFor(mask.id)],
    say: {
      code: "trowel-first",
      values: { wall: wall.id, amount: first.areaM2, each: first.minutes, ...shares },
    },
    cautions: [],
    evening: [{ code: "ready-trowel", values: { sample: true } }],
  };
  // What is left of the first coat beside its first section.
  const left = coats.map((coat) =>
    coat.coat === 1 ? { ...coat, minutes: coat.minutes - first.minutes } : coat,
  );
  const coated = coatBroken(on, rest.length > 0 ? left : left.slice(1), {
    first: [waitFor(gate.id)],
    tones,
    tools,
    begunIn: { step: gate.id, sections: 1 },
    wordsOf: ({ coat, needMl, frontMin, openMin, sections }) => ({
      verb: "trowel",
      say: {
        code: "trowel-coat",
        values: {
          wall: wall.id,
          coat,
          amount: covered.areaM2 - (coat === 1 ? first.areaM2 : 0),
          sections: coat === 1 ? rest.length : sections.length,
          isFeathered: isFeathered(sections),
          isOver: coat % 2 === 0 && isFeathered(sections),
          each: frontMin,
          open: openMin,
          need: needMl,
          ...shares,
        },
      },
      cautions: [],
      evening: [{ code: "ready-trowel", values: { sample: false } }],
    }),
  });
  const last = coated.at(-1) ?? gate;
  const edge: StepDraft = {
    id: finishStep(wall.id, spec.id, "edge"),
    phase: "colour",
    verb: "trowel-edge",
    does: [
      did("coat", "edge", [`${wall.id}/${spec.id}/edge`], {
        with: edgeTone(spec),
        tools,
        heightMm: heightOf(wall),
      }),
    ],
    leftAlone: true,
    wall: wall.id,
    colour: edgeTone(spec),
    session: spec.id,
    minutes: covered.edgeM / site.work.rates.cuttingIn_m_min,
    after: [waitFor(last.id)],
    within: [{ step: last.id, minutes: Math.max(1, Math.floor(coats[0]!.openMin)) }],
    say: { code: "trowel-edge", values: { wall: wall.id, amount: covered.edgeM, edge: edgeTone(spec) } },
    cautions: [],
    evening: [],
  };
  return [mask, gate, ...coated, edge, unmaskBroken(on, edge, site.paints.get(edgeTone(spec))!)];
}
