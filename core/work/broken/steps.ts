import type { Covered } from "../../pattern/covered";
import type { Paint } from "../../paint/schema";
import type { Said } from "../../findings/speech";
import type { Wall } from "../../wall/schema";
import { openShare } from "../../trade/climate";
import { did, type Did } from "../act";
import { cautionsOfPaint, heightOf } from "../cautions";
import { filmMl } from "../filmMl";
import { finishStep } from "../keys";
import type { PaintUse } from "../contribution";
import { maskEdge, unmaskEdge, type MaskedEdge } from "../maskEdge";
import { nextCoat } from "../nextCoat";
import type { Work } from "../schema";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import type { BrokenCoat } from "./coats";

/** What the steps of one wall's broken colour hang on. */
export interface BrokenWall {
  /** What its sections are called after: their finish, and on further walls those. */
  readonly named: string;
  readonly wall: Wall;
  readonly covered: Covered;
  readonly finish: string;
  readonly work: Work;
  readonly paints: ReadonlyMap<string, Paint>;
  /** What has to be over before anything goes onto the wall. */
  readonly ready: readonly (Wait | null)[];
  /** And before masks do. */
  readonly readyForTape: readonly (Wait | null)[];
}

const stepId = ({ wall, finish }: BrokenWall, name: string) => finishStep(wall.id, finish, name);

/** All around what is broken up. */
export const edgeOf = ({ wall, finish, work, covered }: BrokenWall): MaskedEdge => ({
  wall,
  finish,
  work,
  edgeM: covered.edgeM,
  isFilmed: covered.hasNeighbours,
});

/** Masks around what is broken up, on paint that takes tape. */
export const maskBroken = (on: BrokenWall): StepDraft => maskEdge(edgeOf(on), on.readyForTape);

/** Coats of a primer all over it, the first when it is masked. */
export function primeBroken(on: BrokenWall, primer: Paint, sections: BrokenCoat["sections"]): StepDraft[] {
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
      does: [
        did(
          "prime",
          "section",
          sections.map(({ id }) => id),
          {
            coat,
            with: primer.id,
            ml: filmMl(primer, covered.areaM2, wall.texture),
            heightMm: heightOf(wall),
            rolledM2: covered.areaM2,
          },
        ),
      ],
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
      cautions: cautionsOfPaint(primer),
      evening: [],
    };
  });
}

/** How a coat goes on, beside what all coats share. */
export interface CoatWords {
  readonly verb: string;
  readonly say: Said;
  readonly cautions: readonly Said[];
  readonly evening: readonly Said[];
  /** Paint that settles is stirred after so many minutes. */
  readonly stirMin?: number;
}

/** Coats that may not be broken off, each when the one before takes it; `first` is what the first one waits for. */
export function coatBroken(
  on: BrokenWall,
  coats: readonly BrokenCoat[],
  {
    first,
    tones,
    tools,
    begunIn,
    wordsOf,
  }: {
    readonly first: readonly (Wait | null)[];
    /** The paints that are put on, the first of them the step's own. */
    readonly tones: readonly Paint[];
    /** What it is put on with. */
    readonly tools: readonly string[];
    /** The step in which the first sections of the first coat go on before the rest, and how many they are. */
    readonly begunIn?: { readonly step: string; readonly sections: number };
    readonly wordsOf: (coat: BrokenCoat) => CoatWords;
  },
): StepDraft[] {
  const { wall, work } = on;
  const id = (coat: number) => stepId(on, `coat-${coat}`);
  const main = tones[0]!;
  const slowest = tones.reduce((a, b) => (b.recoatMin > a.recoatMin ? b : a));
  const done = begunIn?.sections ?? 0;
  return coats.map((own, index): StepDraft => {
    const { say, verb, cautions, evening, stirMin } = wordsOf(own);
    const before = index === 0 && begunIn ? begunIn.step : id(own.coat - 1);
    return {
      id: id(own.coat),
      phase: "colour",
      verb,
      wall: wall.id,
      colour: main.id,
      does: coatWork(on, own, own.coat === 1 ? own.sections.slice(done) : own.sections, tones, tools),
      session: on.finish,
      coat: own.coat,
      minutes: own.minutes / own.hands,
      ...(own.hands > 1 && { hands: own.hands }),
      unbroken: true,
      leftAlone: true,
      ...(stirMin !== undefined && { stirMin }),
      after: own.coat === 1 ? first : nextCoat(before, slowest, work.secondCoat),
      say,
      cautions: [...cautions, ...cautionsOfPaint(main)],
      evening,
    };
  });
}

/** Sections that get a coat, with the paints that are in hand for it: they take their part of the coat's paint. */
export function coatWork(
  { wall }: BrokenWall,
  { coat, needMl, needOf, sections: all }: BrokenCoat,
  sections: BrokenCoat["sections"],
  [main, ...others]: readonly Paint[],
  tools: readonly string[],
): Did[] {
  const area = (own: BrokenCoat["sections"]) => own.reduce((sum, { areaM2 }) => sum + areaM2, 0);
  const share = area(sections) / Math.max(1e-9, area(all));
  const mlOf = (paint: Paint) => share * (needOf ? (needOf.get(paint.id) ?? 0) : needMl);
  const shared = { coat, tools, heightMm: heightOf(wall) };
  return [
    did(
      "coat",
      "section",
      sections.map(({ id }) => id),
      { ...shared, with: main!.id, ml: mlOf(main!) },
    ),
    ...others.map((tone) => did("coat", "paint", [tone.id], { ...shared, with: tone.id, ml: mlOf(tone) })),
  ];
}

/** The masks off while the last coat is soft. */
export const unmaskBroken = (on: BrokenWall, last: StepDraft, paint: Paint): StepDraft =>
  unmaskEdge(edgeOf(on), last, paint.openMin * openShare(on.work));

/** Paint over a share of what is covered. */
export const brokenUse = ({ wall, covered }: BrokenWall, paint: string, share = 1): PaintUse => ({
  paint,
  wall: wall.id,
  texture: wall.texture,
  areaM2: covered.areaM2 * share,
  sealMm: 0,
});
