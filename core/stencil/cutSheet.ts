import { arrange } from "../geometry/arrange";
import { boxOfContour, curveLength, type Box, type Contour, type Curve } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { placeContour } from "../geometry/placeContour";
import type { Point } from "../geometry/point";
import { OverLimit } from "../trade/allowance";
import { betweenOverlays, type BetweenOverlays } from "./betweenOverlays";
import { windingAt } from "./openParts";
import { flattenContour } from "../geometry/flatten";
import { findBridges, type Bridge } from "./findBridges";
import { openPartsOf, outlinesOf, sheetToleranceMm } from "./openParts";
import { parsePath } from "./parsePath";
import type { Stencil } from "./schema";

/** The holes of one overlay that take one colour. */
export interface SheetSlot {
  readonly overlay: string;
  readonly slot: string;
  readonly contours: readonly Contour[];
  readonly openMm2: number;
  /** About how wide its narrowest hole is, mm. */
  readonly narrowestMm: number;
}

/** A stencil as its plastic is: what is open, what falls out and where it is thin. In its own coordinates, mm. */
export interface StencilSheet {
  readonly stencil: Stencil;
  readonly cell: Box;
  readonly plastic: Box;
  /** What all its holes lie within. */
  readonly cuts: Box;
  readonly slots: readonly SheetSlot[];
  readonly islands: readonly { readonly overlay: string; readonly at: Point; readonly areaMm2: number }[];
  /** Thin places, the thinnest first. */
  readonly bridges: readonly (Bridge & { readonly overlay: string })[];
  /** How the holes of each two overlays lie to each other. */
  readonly between: readonly BetweenOverlays[];
  /** Whether it is the same turned by half. */
  readonly hasHalfTurn: boolean;
  /** All edges that are cut, mm. */
  readonly cuttingMm: number;
}

/** Material narrower than this tears or floods, mm. */
export const leastBridgeMm = 3;
const sheetMarginMm = 40;

/** By the very sheet, and by what is cut out of it, since a document is read anew at every change. */
const known = new WeakMap<Stencil, StencilSheet>();
const kept = new Map<string, StencilSheet>();
const mostKept = 60;

/** Works a stencil's sheet out, once for what is cut out of it. */
export function cutSheet(stencil: Stencil): StencilSheet {
  const same = known.get(stencil);
  if (same) return same;
  const key = JSON.stringify([stencil.id, stencil.repeat, stencil.sheet, stencil.overlays]);
  const before = kept.get(key);
  const made = before ? { ...before, stencil } : cut(stencil);
  if (kept.size >= mostKept) kept.delete(kept.keys().next().value!);
  kept.set(key, made);
  known.set(stencil, made);
  return made;
}

/** The same, or null for holes that cross each other more often than can be worked out. */
export function tryCutSheet(stencil: Stencil): StencilSheet | null {
  try {
    return cutSheet(stencil);
  } catch (error) {
    if (error instanceof OverLimit) return null;
    throw error;
  }
}

function cut(stencil: Stencil): StencilSheet {
  const overlays = stencil.overlays.map(({ id, cuts }) => {
    const parsed = cuts.map(({ slot, path }) => ({ slot, subpaths: parsePath(path) }));
    return { id, parsed, whole: openPartsOf(parsed.flatMap(({ subpaths }) => subpaths)) };
  });
  const slots = overlays.flatMap(({ id, parsed }) =>
    [...new Set(parsed.map(({ slot }) => slot))].map((slot): SheetSlot => {
      const own = openPartsOf(parsed.flatMap((one) => (one.slot === slot ? one.subpaths : [])));
      const contours = outlinesOf(own.open);
      return {
        overlay: id,
        slot,
        contours,
        openMm2: own.areaMm2,
        narrowestMm: Math.min(...own.open.map(({ outer, area }) => widthOf(outer, area))),
      };
    }),
  );
  const cuts = around(slots.flatMap(({ contours }) => contours.map(boxOfContour)));
  const { x, y } = stencil.repeat;
  const { width, height } = stencil.sheet ?? { width: x + 2 * sheetMarginMm, height: y + 2 * sheetMarginMm };
  return {
    stencil,
    cell: boxAround(x, y),
    plastic: boxAround(width, height),
    cuts,
    slots,
    islands: overlays.flatMap(({ id, whole }) =>
      whole.islands.map((face) => ({ overlay: id, at: interiorPoint(face), areaMm2: face.area })),
    ),
    bridges: overlays
      .flatMap(({ id, whole }) =>
        findBridges(whole.open, leastBridgeMm).map((bridge) => ({ ...bridge, overlay: id })),
      )
      .sort((a, b) => a.width - b.width),
    between: pairsOf(overlays.map(({ id, whole }) => ({ id, outlines: outlinesOf(whole.open) }))),
    hasHalfTurn: slots.every(isSameTurned),
    cuttingMm: overlays.reduce((sum, { whole }) => sum + lengthOf(outlinesOf(whole.open)), 0),
  };
}

/** How far the plastic reaches beyond holes, on the side where that is least, mm. */
export function rimAround({ plastic }: Pick<StencilSheet, "plastic">, holes: readonly Contour[]): number {
  const { minX, maxX, minY, maxY } = around(holes.map(boxOfContour));
  return Math.min(minX - plastic.minX, plastic.maxX - maxX, minY - plastic.minY, plastic.maxY - maxY);
}

const pairsOf = (overlays: readonly { readonly id: string; readonly outlines: readonly Contour[] }[]) =>
  overlays.flatMap((first, index) =>
    overlays
      .slice(index + 1)
      .map((second) => betweenOverlays([first.id, second.id], [first.outlines, second.outlines])),
  );

const boxAround = (width: number, height: number): Box => ({
  minX: -width / 2,
  maxX: width / 2,
  minY: -height / 2,
  maxY: height / 2,
});

const around = (boxes: readonly Box[]): Box => ({
  minX: Math.min(...boxes.map(({ minX }) => minX)),
  maxX: Math.max(...boxes.map(({ maxX }) => maxX)),
  minY: Math.min(...boxes.map(({ minY }) => minY)),
  maxY: Math.max(...boxes.map(({ maxY }) => maxY)),
});

const lengthOf = (contours: readonly Contour[]): number =>
  contours.flat().reduce((sum, curve) => sum + curveLength(curve), 0);

/** Of a rectangle its shorter side, of a disc its diameter: 4 area / girth, and never more than its box. */
function widthOf(outer: Contour, area: number): number {
  const { minX, maxX, minY, maxY } = boxOfContour(outer);
  return Math.min(maxX - minX, maxY - minY, (4 * area) / lengthOf([outer]));
}

/** A thousandth of what is open may differ: hand-drawn halves are never the same to the last bit. */
const sameShare = 1e-3;

/** Whether holes turned by half about the cell's middle are the same holes: what lies in only one of the two is next to nothing. */
function isSameTurned({ contours, openMm2 }: SheetSlot): boolean {
  const turned = contours.map((contour) =>
    placeContour(contour, { at: { x: 0, y: 0 }, turn: 180, mirrored: false }),
  );
  const loops = [contours, turned].map((own) => own.map((contour) => flattenContour(contour)));
  const isIn = (own: readonly (readonly Point[])[], at: Point) =>
    own.reduce((inside, loop) => inside !== (windingAt(at, loop) !== 0), false);
  const curves: Curve[] = [...contours, ...turned].flat();
  const { faces } = arrange(
    curves.map((curve) => ({ curve, source: null })),
    sheetToleranceMm,
  );
  const different = faces
    .filter((face) => isIn(loops[0]!, interiorPoint(face)) !== isIn(loops[1]!, interiorPoint(face)))
    .reduce((sum, { area }) => sum + area, 0);
  return different <= openMm2 * sameShare;
}
