import type { Paint } from "../../paint/schema";
import type { EdgePiece } from "../../tape/tapePiece";
import { sashArcUnderMm, sashUnderMm, smallRollerUnderMm } from "../../trade/constants";
import { did } from "../act";
import { filmMl } from "../filmMl";
import type { WorkRegion, WorkWall } from "../workInput";
import type { StepDraft } from "../step";
import type { TapeBundle } from "./bundleTape";
import { peelingOf, sealingOf } from "./didTape";
import type { RunsPast } from "./runsPast";
import { goesOf, stretchesOfGoes, type Go, type Portion } from "./stretches";

/** One coat of one paint in a round. */
interface CoatOfRound {
  readonly paint: Paint;
  readonly coat: number;
  /** The manieth time that it goes on. */
  readonly pass: number;
  readonly regions: readonly WorkRegion[];
  readonly portions: readonly Portion[];
  readonly goes: readonly Go[];
  /** Tape that comes off with it, and tape up to it whose edges are sealed wet, stretch by stretch. */
  readonly off: readonly TapeBundle[];
  readonly sealed: readonly TapeBundle[];
  /** How far it is carried past its lines. */
  readonly past: RunsPast;
  readonly isFloated: boolean;
}

/** How wide a piece is: as a rectangle of its area and edge, or a round one. */
function widthOf({ areaM2, edgeMm }: WorkRegion): number {
  const half = edgeMm / 2;
  const rest = half * half - 4 * areaM2 * 1e6;
  return rest > 0 ? (half - Math.sqrt(rest)) / 2 : half / 2;
}

/** What chooses the roller and the brush: how much is rolled, how much of that in narrow pieces, and whether any is tight. */
function rolling(regions: readonly WorkRegion[], restM2: number) {
  const under = (limit: number): number =>
    regions.reduce((sum, region) => sum + (widthOf(region) < limit ? region.areaM2 : 0), 0);
  const brushedM2 = restM2 > 0 ? 0 : under(sashUnderMm);
  return {
    rolledM2: regions.reduce((sum, { areaM2 }) => sum + areaM2, restM2),
    narrowM2: restM2 > 0 ? 0 : under(smallRollerUnderMm),
    brushedM2,
    isTight: brushedM2 > 0 || regions.some(({ tightestMm }) => tightestMm < sashArcUnderMm),
  };
}

/** Whether a paint is painted up to some tape. */
export const isUpTo = ({ upTo }: TapeBundle, paint: string): boolean =>
  upTo.some((side) => side.paint === paint);

/** What a coat does, and in which stretches: edges sealed just before where that is done wet, regions, and tape off after it. */
export function workOfCoat(
  { wall, workTopMm: heightMm }: WorkWall,
  { paint, coat, pass, regions, portions, goes, off, sealed, past, isFloated }: CoatOfRound,
): Pick<StepDraft, "does" | "stretches"> & { does: StepDraft["does"] } {
  const { first, last } = goesOf(portions, goes);
  const earliest = ({ beside }: EdgePiece) =>
    Math.min(goes.length - 1, ...beside.flatMap((region) => first.get(region) ?? []));
  const latest = ({ beside }: EdgePiece) =>
    Math.max(0, ...beside.flatMap((region) => last.get(region) ?? []));
  const areaM2 = regions.reduce((sum, region) => sum + region.areaM2, 0);
  const isPast = regions.some(({ id }) => past.alongMm.has(id));
  const alongMm = regions.reduce((sum, { id }) => sum + (past.alongMm.get(id) ?? 0), 0);
  const pastM2 = past.restM2 > 0 ? past.restM2 : (alongMm * past.pastMm) / 1e6;
  const before = sealingOf(sealed, heightMm, { coat, stretchOf: earliest });
  const after = peelingOf(off, heightMm, latest);
  const own = did(
    "coat",
    "region",
    regions.map(({ id }) => id),
    {
      coat,
      ...(pass > 1 && { pass }),
      with: paint.id,
      ...(isPast && { pastMm: past.pastMm, pastM2 }),
      ml: filmMl(paint, areaM2 + pastM2, wall.texture),
      ...(isFloated && { tools: ["brush-wide"] }),
      heightMm,
      ...rolling(regions, past.restM2),
    },
  );
  return {
    does: [...before.map((one) => one.did), own, ...after.map((one) => one.did)],
    stretches: stretchesOfGoes(goes, [...before, "goes", ...after]),
  };
}
