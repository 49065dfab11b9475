import type { Paint } from "../../paint/schema";
import { did } from "../act";
import { cautionsOfPaint, cautionsOfSeals, heightOf } from "../cautions";
import { filmMl } from "../filmMl";
import { wallStep, wholeStep } from "../keys";
import { nextCoat } from "../nextCoat";
import type { WorkInput, WorkWall } from "../workInput";
import { waitFor, waitIfAny, type StepDraft, type Wait } from "../step";
import { bundleTape, type TapeBundle } from "../taped/bundleTape";
import { isCaulk } from "../../tape/sealEdge";
import { coloursOfSeals, edgeMetresOf, metresOf, sealsOf } from "../taped/bundles";
import { peelingOf, sealingOf } from "../taped/didTape";
import { layTape } from "../taped/layTape";
import { said } from "../words";
import { floatedAround, tapedAround } from "./besideBases";
import { firstSession } from "./firstSession";
import { groundReady } from "./groundReady";

/**
 * The coats that go over a whole wall, its primer and its base where that is not on yet, within masks that come off with the
 * last of them.
 */
export function coatWhole(on: WorkWall, site: WorkInput): StepDraft[] {
  const { wall } = on;
  const primer = wall.primer === undefined ? undefined : site.paints.get(wall.primer);
  if (wall.baseState !== "paint") return primer ? coats(on, site, "prime", primer, groundReady(wall)) : [];
  const base = site.paints.get(wall.base)!;
  const masks = bundleTape({
    on: wall.id,
    pieces: site.baseMasks.get(wall.id) ?? [],
    ids: site.tapeIds.get(wall.id)?.[0] ?? [],
    groupOf: () => 0,
    offOf: () => 0,
  });
  const ids = { tape: wallStep(wall.id, "tape-base"), seal: wallStep(wall.id, "seal-base") };
  const masking = masks.length === 0 ? [] : maskAround(on, site, masks, ids);
  const sealDry = Math.max(0, ...coloursOfSeals(masks).map((paint) => site.paints.get(paint)!.touchDryMin));
  const masked = [
    ...groundReady(wall),
    ...tapedAround(on, site.paints),
    ...floatedAround(on, site.paints),
    waitIfAny(ids.tape),
    waitIfAny(ids.seal, "touch-dry", sealDry),
  ];
  const primed = primer ? coats(on, site, "prime", primer, masked) : [];
  const onPrimer = primer
    ? [waitFor(wholeStep(wall.id, "prime", primer.coats), "recoat", primer.recoatMin)]
    : masked;
  const based = sealedInto(coats(on, site, "base", base, onPrimer), masks, site, heightOf(wall));
  return [...masking, ...primed, ...(masks.length > 0 ? unmasked(on, site, base, based, masks) : based)];
}

/** A sealer is wiped along its edges just before the first coat, which is laid into it while it is wet. */
function sealedInto(
  [first, ...rest]: StepDraft[],
  masks: readonly TapeBundle[],
  { work: { rates } }: WorkInput,
  heightMm: number,
): StepDraft[] {
  const wet = masks.filter(({ sealWith }) => isCaulk(sealWith));
  if (!first || wet.length === 0) return first ? [first, ...rest] : [];
  const sealedM = edgeMetresOf(wet);
  const sealed: StepDraft = {
    ...first,
    does: [...sealingOf(wet, heightMm).map((one) => one.did), ...first.does],
    minutes: first.minutes + sealedM / rates.sealing_m_min,
    say: { ...first.say, values: { ...first.say.values, sealedM } },
    cautions: [...cautionsOfSeals(sealsOf(wet)), ...first.cautions],
  };
  return [sealed, ...rest];
}

function maskAround(
  on: WorkWall,
  site: WorkInput,
  tape: readonly TapeBundle[],
  ids: { readonly tape: string; readonly seal: string },
): StepDraft[] {
  const { wall } = on;
  const after = [...groundReady(wall), ...tapedAround(on, site.paints)];
  const say = said("tape-base", {
    wall: wall.id,
    amount: metresOf(tape),
    isObject: wall.object !== undefined,
  });
  return layTape({ wall: wall.id, round: 0, ids, tape, after, say, heightMm: heightOf(wall) }, site);
}

/** The base with its masks off again: with the last coat while it is wet, or in a step of its own. */
function unmasked(
  { wall, peel }: WorkWall,
  site: WorkInput,
  base: Paint,
  based: StepDraft[],
  masks: readonly TapeBundle[],
): StepDraft[] {
  const metres = metresOf(masks);
  const minutes = metres / site.work.rates.peeling_m_min;
  const peeling = peelingOf(masks, heightOf(wall)).map((one) => one.did);
  if (peel.when === "wet") {
    const last = based.at(-1)!;
    const values = { ...last.say.values, isPeeled: true };
    const peeled = {
      ...last,
      does: [...last.does, ...peeling],
      minutes: last.minutes + minutes,
      say: { ...last.say, values },
    };
    return [...based.slice(0, -1), peeled];
  }
  const off: StepDraft = {
    id: wallStep(wall.id, "peel-base"),
    phase: "unmask",
    verb: "peel",
    wall: wall.id,
    does: peeling,
    minutes,
    after: [waitFor(wholeStep(wall.id, "base", base.coats), "touch-dry", base.touchDryMin)],
    say: said("peel-base", { wall: wall.id, amount: metres }),
    cautions: [],
    evening: [],
  };
  return [...based, off];
}

function coats(
  { wall, base: { areaM2, edgeMm, floatMm } }: WorkWall,
  site: WorkInput,
  verb: "prime" | "base",
  paint: Paint,
  first: readonly (Wait | null)[],
): StepDraft[] {
  const { rates, secondCoat } = site.work;
  const minutes =
    areaM2 / rates.rolling_m2_min +
    (edgeMm - floatMm) / 1000 / rates.cuttingIn_m_min +
    floatMm / 1000 / rates.floating_m_min;
  const id = (number: number) => wholeStep(wall.id, verb, number);
  return Array.from({ length: paint.coats }, (_, index): StepDraft => {
    const coat = index + 1;
    return {
      id: id(coat),
      phase: verb === "prime" ? "prepare" : "ground",
      verb,
      wall: wall.id,
      colour: paint.id,
      coat,
      does: [
        did(verb, "wall", [wall.id], {
          coat,
          with: paint.id,
          ml: filmMl(paint, areaM2, wall.texture),
          ...(floatMm > 0 && { tools: ["brush-wide"] }),
          heightMm: heightOf(wall),
          rolledM2: areaM2,
        }),
      ],
      minutes,
      session: firstSession(paint.id, site),
      after: coat === 1 ? first : nextCoat(id(coat - 1), paint, secondCoat),
      say: said(verb, {
        wall: wall.id,
        colour: paint.id,
        coat,
        amount: areaM2,
        isPeeled: false,
        isFloated: floatMm > 0,
        downTo: wall.baseDownTo ?? null,
      }),
      cautions: cautionsOfPaint(paint),
      evening: [],
    };
  });
}
