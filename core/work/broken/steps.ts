import type { Covered } from "../../pattern/covered";
import type { Paint } from "../../paint/schema";
import type { Said } from "../../findings/speech";
import { tapeRollM } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { cautionsAbove, cautionsOfPaint, heightOf } from "../cautions";
import { openShare } from "../climate";
import type { PaintUse, SundryUse } from "../contribution";
import { nextCoat } from "../nextCoat";
import type { Work } from "../schema";
import { waitFor, type StepDraft, type Wait } from "../step";
import { tapedOver } from "../tapedOver";
import { said } from "../words";
import type { BrokenCoat } from "./coats";

/** What the steps of one wall's broken colour hang on. */
export interface BrokenWall {
  readonly wall: Wall;
  readonly covered: Covered;
  readonly finish: string;
  readonly work: Work;
  readonly paints: ReadonlyMap<string, Paint>;
  /** What has to be over before anything goes onto the wall. */
  readonly ready: readonly (Wait | null)[];
}

const stepId = ({ wall, finish }: BrokenWall, name: string) => `${wall.id}/${finish}/${name}`;

/** Masks around what is broken up, on paint that takes tape. */
export function maskBroken(on: BrokenWall): StepDraft {
  const { wall, covered, work, paints, ready } = on;
  return {
    id: stepId(on, "mask"),
    phase: "mask",
    verb: "mask-broken",
    wall: wall.id,
    sharedByTwo: true,
    minutes: covered.edgeM / work.rates.taping_m_min,
    after: ready.map((wait) => tapedOver(wait, paints)),
    say: said("broken-mask", { wall: wall.id, amount: covered.edgeM }),
    cautions: [said("care-knife", {}), ...cautionsAbove(heightOf(wall))],
    evening: [said("ready-tape", {})],
  };
}

/** Coats of a primer all over it, the first when it is masked. */
export function primeBroken(on: BrokenWall, primer: Paint): StepDraft[] {
  const { wall, covered, work } = on;
  const id = (coat: number) => stepId(on, `prime-${coat}`);
  return Array.from({ length: primer.coats }, (_, index): StepDraft => {
    const coat = index + 1;
    return {
      id: id(coat),
      phase: "ground",
      verb: "prime-broken",
      wall: wall.id,
      colour: primer.id,
      session: on.finish,
      coat,
      minutes: covered.areaM2 / work.rates.rolling_m2_min,
      coatsM2: covered.areaM2,
      after: index === 0 ? [waitFor(stepId(on, "mask"))] : nextCoat(id(coat - 1), primer, work.secondCoat),
      say: said("prime", {
        wall: wall.id,
        colour: primer.id,
        coat,
        amount: covered.areaM2,
        isPeeled: false,
        isFloated: false,
        downTo: null,
      }),
      cautions: cautionsOfPaint(primer, heightOf(wall)),
      evening: [said("ready-tins", { colours: [primer.id] }), said("ready-rollers", {})],
    };
  });
}

/** How a coat goes on, beside what all coats share. */
export interface CoatWords {
  readonly verb: string;
  readonly say: Said;
  readonly cautions: readonly Said[];
  readonly evening: readonly Said[];
}

/** Coats that may not be broken off, each when the one before takes it; `first` is what the first one waits for. */
export function coatBroken(
  on: BrokenWall,
  coats: readonly BrokenCoat[],
  {
    first,
    tones,
    wordsOf,
  }: {
    readonly first: readonly (Wait | null)[];
    /** The paints that are put on, the first of them the step's own. */
    readonly tones: readonly Paint[];
    readonly wordsOf: (coat: BrokenCoat) => CoatWords;
  },
): StepDraft[] {
  const { wall, work } = on;
  const id = (coat: number) => stepId(on, `coat-${coat}`);
  const [main, ...others] = tones as [Paint, ...Paint[]];
  const slowest = tones.reduce((a, b) => (b.recoatMin > a.recoatMin ? b : a));
  return coats.map((own): StepDraft => {
    const { say, verb, cautions, evening } = wordsOf(own);
    return {
      id: id(own.coat),
      phase: "colour",
      verb,
      wall: wall.id,
      colour: main.id,
      ...(others.length > 0 && { brushedWith: others.map((tone) => tone.id) }),
      session: on.finish,
      coat: own.coat,
      minutes: own.minutes / own.hands,
      ...(own.hands > 1 && { hands: own.hands }),
      unbroken: true,
      leftAlone: true,
      after: own.coat === 1 ? first : nextCoat(id(own.coat - 1), slowest, work.secondCoat),
      say,
      cautions: [...cautions, ...cautionsOfPaint(main, heightOf(wall))],
      evening: [said("ready-tins", { colours: tones.map((tone) => tone.id) }), ...evening],
    };
  });
}

/** The masks off while the last coat is soft. */
export function unmaskBroken(on: BrokenWall, last: StepDraft, paint: Paint): StepDraft {
  const { wall, covered, work } = on;
  return {
    id: stepId(on, "unmask"),
    phase: "unmask",
    verb: "unmask-broken",
    wall: wall.id,
    minutes: covered.edgeM / work.rates.peeling_m_min,
    after: [waitFor(last.id)],
    within: [{ step: last.id, minutes: Math.max(1, Math.floor(paint.openMin * openShare(work))) }],
    say: said("broken-unmask", { wall: wall.id, amount: covered.edgeM }),
    cautions: cautionsAbove(heightOf(wall)),
    evening: [],
  };
}

/** Paint over a share of what is covered. */
export const brokenUse = ({ wall, covered }: BrokenWall, paint: string, share = 1): PaintUse => ({
  paint,
  wall: wall.id,
  texture: wall.texture,
  areaM2: covered.areaM2 * share,
  sealMm: 0,
});

/** Rolls of tape around it, with laps. */
export function maskSundry(walls: readonly BrokenWall[]): SundryUse[] {
  const metres = walls.reduce((sum, { covered }) => sum + covered.edgeM, 0) * 1.05;
  return metres === 0 ? [] : [{ item: "tape-24", amount: metres, count: Math.ceil(metres / tapeRollM) }];
}
