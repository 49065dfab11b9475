import type { Paint } from "../../paint/schema";
import { cautionsAbove, cautionsOfPaint, heightOf } from "../cautions";
import { nextCoat } from "../nextCoat";
import type { WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft, type Wait } from "../step";
import { bundleTape, type TapeBundle } from "../taped/bundleTape";
import { coloursOfSeals, metresOf } from "../taped/bundles";
import { layTape } from "../taped/layTape";
import { said } from "../words";
import { floatedAround, tapedAround } from "./besideBases";
import { firstSession } from "./firstSession";
import { groundReady } from "./groundReady";

/**
 * The coats that go over a whole wall, its primer and its base where that is not on yet, within masks that come off with the
 * last of them.
 */
export function coatWhole(on: WorkWall, site: WorkSite): StepDraft[] {
  const { wall } = on;
  const primer = wall.primer === undefined ? undefined : site.paints.get(wall.primer);
  if (wall.baseState !== "paint") return primer ? coats(on, site, "prime", primer, groundReady(wall)) : [];
  const base = site.paints.get(wall.base)!;
  const masks = bundleTape(
    site.baseMasks.get(wall.id) ?? [],
    () => 0,
    () => 0,
  ).bundles;
  const ids = { tape: `${wall.id}/tape-base`, seal: `${wall.id}/seal-base` };
  const masking = masks.length === 0 ? [] : maskAround(on, site, masks, ids);
  const sealDry = Math.max(0, ...coloursOfSeals(masks).map((paint) => site.paints.get(paint)!.touchDryMin));
  const masked = [
    ...groundReady(wall),
    ...tapedAround(on, site.paints),
    ...floatedAround(on, site.paints),
    waitFor(ids.tape),
    waitFor(ids.seal, "touch-dry", sealDry),
  ];
  const primed = primer ? coats(on, site, "prime", primer, masked) : [];
  const onPrimer = primer
    ? [waitFor(`${wall.id}/prime-${primer.coats}`, "recoat", primer.recoatMin)]
    : masked;
  const based = coats(on, site, "base", base, onPrimer);
  return [
    ...masking,
    ...primed,
    ...(masks.length > 0 ? unmasked(on, site, base, based, metresOf(masks)) : based),
  ];
}

function maskAround(
  on: WorkWall,
  site: WorkSite,
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
  const cautions = cautionsAbove(heightOf(wall));
  return layTape({ wall: wall.id, round: 0, ids, tape, after, say, cautions }, site);
}

/** The base with its masks off again: with the last coat while it is wet, or in a step of its own. */
function unmasked(
  { wall, peel }: WorkWall,
  site: WorkSite,
  base: Paint,
  based: StepDraft[],
  metres: number,
): StepDraft[] {
  const minutes = metres / site.work.rates.peeling_m_min;
  if (peel.when === "wet") {
    const last = based.at(-1)!;
    const values = { ...last.say.values, isPeeled: true };
    const peeled = { ...last, minutes: last.minutes + minutes, say: { ...last.say, values } };
    return [...based.slice(0, -1), peeled];
  }
  const off: StepDraft = {
    id: `${wall.id}/peel-base`,
    phase: "unmask",
    verb: "peel",
    wall: wall.id,
    minutes,
    after: [waitFor(`${wall.id}/base-${base.coats}`, "touch-dry", base.touchDryMin)],
    say: said("peel-base", { wall: wall.id, amount: metres }),
    cautions: cautionsAbove(heightOf(wall)),
    evening: [],
  };
  return [...based, off];
}

function coats(
  { wall, base: { areaM2, edgeMm, floatMm } }: WorkWall,
  site: WorkSite,
  verb: "prime" | "base",
  paint: Paint,
  first: readonly (Wait | null)[],
): StepDraft[] {
  const { rates, secondCoat } = site.work;
  const minutes =
    areaM2 / rates.rolling_m2_min +
    (edgeMm - floatMm) / 1000 / rates.cuttingIn_m_min +
    floatMm / 1000 / rates.floating_m_min;
  const id = (number: number) => `${wall.id}/${verb}-${number}`;
  return Array.from({ length: paint.coats }, (_, index): StepDraft => {
    const coat = index + 1;
    return {
      id: id(coat),
      phase: verb === "prime" ? "prepare" : "ground",
      verb,
      wall: wall.id,
      colour: paint.id,
      coat,
      minutes,
      coatsM2: areaM2,
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
      cautions: cautionsOfPaint(paint, heightOf(wall)),
      evening: [said("ready-tins", { colours: [paint.id] }), said("ready-rollers", {})],
    };
  });
}
