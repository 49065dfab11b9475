import type { StencilSheet } from "../../stencil/cutSheet";
import { judgeDifference, visibleTolerance, type Visibility } from "../../trade/visibleDifference";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import type { SheetPlace } from "../printTurns";
import { isTooMuch, sheetOf, wholeSheetOf } from "../stencilMotif";
import { betweenMitres, leastOverMitre, reachOverMitre } from "./mitre";
import { alongLeg, isClosed, legsOf, type CornerRoom, type Leg } from "./legs";
import type { StencilBorderSpec } from "./spec";

/** A leg with its repeats: how many whole ones, and by how much each is longer than the sheet's own, mm. */
export interface DividedLeg extends Leg {
  readonly repeats: number;
  readonly stretch: number;
  readonly verdict: Visibility;
}

export interface StencilBorderLayout extends Laid<StencilBorderSpec> {
  readonly sheet: StencilSheet;
  readonly legs: readonly DividedLeg[];
  readonly places: readonly SheetPlace[];
  /** A sheet of its own at the corners around a thing. */
  readonly corner: { readonly sheet: StencilSheet; readonly places: readonly SheetPlace[] } | null;
  readonly count: number;
  readonly isOver: boolean;
}

/** Repeats along every leg of the way. */
export function layOutStencilBorder(
  spec: StencilBorderSpec,
  strip: Strip,
  context: FinishContext,
): StencilBorderLayout {
  const sheet = sheetOf(context, spec);
  const repeat = sheet.stencil.repeat.x;
  const legs = legsOf(spec, strip, roomInCorners(spec, context)).map((leg) =>
    divide(leg, repeat, spec.fit, context.viewingDistance),
  );
  const count = legs.reduce((sum, { repeats }) => sum + repeats, 0);
  const isOver = isTooMuch(count, sheet, true);
  return {
    spec,
    strip,
    context,
    sheet,
    legs,
    places: isOver ? [] : placesAlong(spec, sheet, legs),
    corner: isOver ? null : cornersOf(spec, legs, context),
    count,
    isOver,
  };
}

/** What the sheet in the corners leaves to the legs: it is turned with the leg that begins at it. */
export function roomInCorners(
  spec: Pick<StencilBorderSpec, "corners" | "along">,
  context: FinishContext,
): CornerRoom | null {
  if (typeof spec.corners === "string" || !isClosed(spec)) return null;
  const { repeat } = wholeSheetOf(context, spec.corners.motif).stencil;
  return { begins: repeat.x / 2, ends: repeat.y / 2 };
}

/** The whole number of repeats nearest to the length, at least one; kept ones are as many whole ones as fit. */
export function divide(
  leg: Leg,
  repeat: number,
  fit: StencilBorderSpec["fit"],
  viewingDistance: number,
): DividedLeg {
  if (fit === "keep" || leg.length === 0) {
    return { ...leg, repeats: Math.floor(leg.length / repeat + 1e-9), stretch: 0, verdict: "won't show" };
  }
  const repeats = Math.max(1, Math.round(leg.length / repeat));
  const stretch = leg.length / repeats - repeat;
  const verdict = judgeDifference(Math.abs(stretch), visibleTolerance(repeat, viewingDistance));
  return { ...leg, repeats, stretch, verdict };
}

/** The prints along every leg; where the corners are mitred they run on past them, and are cut along the diagonals. */
function placesAlong(
  spec: StencilBorderSpec,
  sheet: StencilSheet,
  legs: readonly DividedLeg[],
): SheetPlace[] {
  const { stencil, cuts } = sheet;
  const isMitred = spec.corners === "mitre" && isClosed(spec);
  const reach = Math.max(cuts.maxY, -cuts.minY, cuts.maxX, -cuts.minX) + stencil.repeat.x;
  return legs.flatMap((leg, index) => {
    const all = placesOn(leg, index, stencil.repeat.x, spec, isMitred);
    if (!isMitred) return all;
    const places = all.filter((_, place) => isWorthPrinting(place, all.length, leg, spec, sheet));
    const within = betweenMitres(leg, legs[(index + 1) % legs.length]!.length, reach);
    return places.map((place) => ({ ...place, within }));
  });
}

/** Whether a print at either end of a mitred leg reaches far enough over the mitre to be more than a speck. */
function isWorthPrinting(
  place: number,
  count: number,
  { length, repeats }: DividedLeg,
  { fit }: StencilBorderSpec,
  sheet: StencilSheet,
): boolean {
  if (place > 0 && place < count - 1) return true;
  const pitch = fit === "keep" ? sheet.stencil.repeat.x : length / repeats;
  const middle = (length - repeats * pitch) / 2 - pitch / 2;
  return middle + reachOverMitre(sheet, place === 0 ? 1 : -1) >= leastOverMitre(sheet) * Math.SQRT2;
}

/** Middles of the prints; kept repeats are centred, and a part of one stands at either end where there is room or a mitre. */
function placesOn(
  leg: DividedLeg,
  index: number,
  repeat: number,
  { fit, join }: StencilBorderSpec,
  isMitred: boolean,
): SheetPlace[] {
  const { repeats, length } = leg;
  const pitch = fit === "keep" ? repeat : length / repeats;
  if (fit === "keep" && join) return placesFrom(join, leg, index, pitch);
  const over = (length - repeats * pitch) / 2;
  const isParted = isMitred || (fit === "keep" && over > 1e-6);
  const count = repeats + (isParted ? 2 : 0);
  const first = over + (isParted ? -pitch / 2 : pitch / 2);
  return Array.from({ length: count }, (_, place) => ({
    id: `l${index + 1}n${place + (isParted ? 0 : 1)}`,
    ...alongLeg(leg, first + place * pitch),
    column: place + 1,
    row: index + 1,
  }));
}

/** Whole repeats from one end on; what is left over at the end with the join is part of one more. */
function placesFrom(
  join: NonNullable<StencilBorderSpec["join"]>,
  leg: DividedLeg,
  index: number,
  pitch: number,
): SheetPlace[] {
  const over = leg.length - leg.repeats * pitch;
  const count = leg.repeats + (over > 1e-6 ? 1 : 0);
  const first = join === "right" || over <= 1e-6 ? 0 : over - pitch;
  return Array.from({ length: count }, (_, place) => ({
    id: `l${index + 1}n${place + 1}`,
    ...alongLeg(leg, first + (place + 0.5) * pitch),
    column: place + 1,
    row: index + 1,
  }));
}

function cornersOf(
  spec: StencilBorderSpec,
  legs: readonly Leg[],
  context: FinishContext,
): StencilBorderLayout["corner"] {
  const { corners } = spec;
  if (typeof corners === "string" || !isClosed(spec)) return null;
  const places = legs.map((leg, index): SheetPlace => ({
    id: `corner-${index + 1}`,
    at: leg.corner,
    turn: 0 - 90 * index,
    column: index + 1,
    row: legs.length + 1,
  }));
  return { sheet: wholeSheetOf(context, corners.motif), places };
}
