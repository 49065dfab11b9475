import type { Paint } from "../../paint/schema";
import { isCaulk } from "../../tape/sealEdge";
import type { EdgePiece } from "../../tape/planTape";
import { cautionsAbove, cautionsOfPaint, cautionsOfSeals, heightOf } from "../cautions";
import { nextCoat } from "../nextCoat";
import type { WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft, type Wait } from "../step";
import { tapingMinutesOf } from "../taped/tapingMinutes";
import { said } from "../words";
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
  const masks = site.baseMasks.get(wall.id) ?? [];
  const masking = maskAround(on, site);
  const sealed = masks.flatMap(({ sealPaint }) => (sealPaint === null ? [] : [sealPaint]));
  const sealDry = Math.max(0, ...sealed.map((paint) => site.paints.get(paint)!.touchDryMin));
  const masked = [
    ...groundReady(wall),
    waitFor(`${wall.id}/tape-base`),
    waitFor(`${wall.id}/seal-base`, "touch-dry", sealDry),
  ];
  const primed = primer ? coats(on, site, "prime", primer, masked) : [];
  const onPrimer = primer
    ? [waitFor(`${wall.id}/prime-${primer.coats}`, "recoat", primer.recoatMin)]
    : masked;
  const based = coats(on, site, "base", base, onPrimer);
  return [...masking, ...primed, ...(masks.length > 0 ? unmasked(on, site, base, based) : based)];
}

/** The base with its masks off again: with the last coat while it is wet, or in a step of its own. */
function unmasked({ wall, peel }: WorkWall, site: WorkSite, base: Paint, based: StepDraft[]): StepDraft[] {
  const metres = metresOf(site.baseMasks.get(wall.id)!);
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

const metresOf = (masks: readonly EdgePiece[]): number =>
  masks.reduce((sum, { length }) => sum + length, 0) / 1000;

/** Masks laid, and sealed where that is not done while it is painted. */
function maskAround({ wall }: WorkWall, { baseMasks, work, sealsWet }: WorkSite): StepDraft[] {
  const masks = baseMasks.get(wall.id) ?? [];
  if (masks.length === 0) return [];
  const sealed = masks.filter(({ sealWith }) => sealWith !== "press" && !(sealsWet && isCaulk(sealWith)));
  const colours = [...new Set(sealed.flatMap(({ sealPaint }) => (sealPaint === null ? [] : [sealPaint])))];
  const cautions = cautionsAbove(heightOf(wall));
  const tape: StepDraft = {
    id: `${wall.id}/tape-base`,
    phase: "mask",
    verb: "tape",
    wall: wall.id,
    round: 0,
    sharedByTwo: true,
    minutes: tapingMinutesOf(masks, work.rates),
    after: groundReady(wall),
    say: said("tape-base", { wall: wall.id, amount: metresOf(masks) }),
    cautions: [said("care-knife", {}), ...cautions],
    evening: [said("ready-tape", {})],
  };
  if (sealed.length === 0) return [tape];
  const seals = [...new Set(sealed.map(({ sealWith }) => sealWith))];
  const seal: StepDraft = {
    id: `${wall.id}/seal-base`,
    phase: "mask",
    verb: "seal",
    wall: wall.id,
    round: 0,
    sharedByTwo: true,
    minutes: metresOf(sealed) / work.rates.sealing_m_min,
    after: [waitFor(tape.id)],
    say: said("seal", { wall: wall.id, amount: metresOf(sealed), seals }),
    cautions: [...cautionsOfSeals(seals), ...cautions],
    evening: colours.length > 0 ? [said("ready-tins", { colours })] : [],
    ...(colours.length > 0 && { brushedWith: colours }),
  };
  return [tape, seal];
}

function coats(
  { wall, surfaceM2, edgeMm }: WorkWall,
  site: WorkSite,
  verb: "prime" | "base",
  paint: Paint,
  first: readonly (Wait | null)[],
): StepDraft[] {
  const { rates, secondCoat } = site.work;
  const minutes = surfaceM2 / rates.rolling_m2_min + edgeMm / 1000 / rates.cuttingIn_m_min;
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
      coatsM2: surfaceM2,
      session: firstSession(paint.id, site),
      after: coat === 1 ? first : nextCoat(id(coat - 1), paint, secondCoat),
      say: said(verb, { wall: wall.id, colour: paint.id, coat, amount: surfaceM2, isPeeled: false }),
      cautions: cautionsOfPaint(paint, heightOf(wall)),
      evening: [said("ready-tins", { colours: [paint.id] }), said("ready-rollers", {})],
    };
  });
}
