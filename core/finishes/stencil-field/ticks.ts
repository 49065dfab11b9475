import { distance } from "../../geometry/point";
import { placeBox } from "../../geometry/placeContour";
import { OnSurface } from "../../wall/onSurface";
import { partAt } from "../../wall/strip";
import { goFor, readEvery } from "../registerDrift";
import type { SheetPlace } from "../printTurns";
import type { StencilFieldLayout } from "./layout";

/** What registering each print by the corner ticks of the one before may come to. */
export interface TicksDrift {
  /** A column, and a row, is to be read from the datum every so many. */
  readonly columns: number;
  readonly rows: number;
  /** How far the last one of so many may have strayed, as chance has it and at worst, mm. */
  readonly likelyMm: number;
  readonly worstMm: number;
}

type Printed = Pick<StencilFieldLayout, "sheet" | "context">;

/**
 * A tick is read to half a division d of the tape, either way: k prints stray by k d / 2 at worst, and by 2 x (d / 2) x
 * sqrt(k / 3) as chance has it (an even error of +-e has a deviation of e / sqrt 3; two of them hold 19 of 20). As many go by
 * ticks as stay, at worst, within what is not seen of a repeat.
 */
export function ticksDrift({ sheet, context }: Printed): TicksDrift {
  const { repeat } = sheet.stencil;
  const half = context.tapeDivision / 2;
  const columns = goFor(repeat.x, context);
  return {
    columns,
    rows: goFor(repeat.y, context),
    likelyMm: 2 * half * Math.sqrt(columns / 3),
    worstMm: columns * half,
  };
}

/** The place that is read first: the nearest to the start whose print is whole; the nearest at all where none is. */
export function readFirst({ places, start, sheet, strip }: StencilFieldLayout): SheetPlace | null {
  const surfaces = new Map(
    strip.parts.flatMap(({ wall, surface }) => (surface ? [[wall.id, new OnSurface(surface)] as const] : [])),
  );
  const isWhole = ({ at, turn }: SheetPlace): boolean => {
    const { wall, offset } = partAt(strip, at.x);
    const box = placeBox(sheet.cuts, { at: { x: at.x - offset, y: at.y }, turn, mirrored: false });
    const areaMm2 = (box.maxX - box.minX) * (box.maxY - box.minY);
    return (surfaces.get(wall.id)?.areaOf(box) ?? 0) > areaMm2 - 1;
  };
  const far = ({ at }: SheetPlace) => distance(at, start);
  const nearest = [...places].sort((a, b) => far(a) - far(b));
  return nearest.find(isWhole) ?? nearest[0] ?? null;
}

/** Whether a column or row so many repeats from the one that is read first has a reading of its own: every few have. */
export function isRead(repeats: number, axis: "x" | "y", layout: StencilFieldLayout): boolean {
  const { spec, sheet, context } = layout;
  const { columns, rows } = ticksDrift(layout);
  const byTicks = axis === "x" ? columns : rows;
  const every = spec.register === "ticks" ? byTicks : readEvery(sheet.stencil.repeat[axis], context);
  const whole = Math.floor(repeats + 1e-6);
  // What stands half a repeat off has its own readings, but the ticks of the others serve it.
  if (spec.register === "ticks" && Math.abs(repeats - whole) > 1e-3) return false;
  return whole % every === 0;
}

/** Places in the turn in which ticks are made: from the one that is read first to the right, then to the left; wall by wall. */
export function inTurnOfTicks(layout: StencilFieldLayout): SheetPlace[] {
  const first = readFirst(layout);
  if (!first) return [];
  const { strip, places } = layout;
  const wallOf = ({ at }: SheetPlace) => strip.parts.indexOf(partAt(strip, at.x));
  const own = wallOf(first);
  const keysOf = (place: SheetPlace) => {
    const wall = wallOf(place);
    const isLeft = place.column < first.column;
    const isUp = place.row < first.row;
    return [
      wall >= own ? wall - own : strip.parts.length + own - wall,
      Number(isLeft),
      Math.abs(place.column - first.column),
      Number(isUp),
      Math.abs(place.row - first.row),
    ];
  };
  return places
    .map((place) => ({ place, keys: keysOf(place) }))
    .sort((a, b) => a.keys.map((key, at) => key - b.keys[at]!).find((difference) => difference !== 0) ?? 0)
    .map(({ place }) => place);
}
