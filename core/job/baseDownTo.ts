import type { Finding } from "../findings/finding";
import { boxOfContour, boxOfCurve, curveLength, segment, type Curve } from "../geometry/curve";
import type { EdgePiece } from "../tape/tapePiece";
import { OnSurface } from "../wall/onSurface";
import type { Wall } from "../wall/schema";
import type { Surface } from "../wall/surface";
import type { OrderedWall } from "./orderedWall";

/** How far a base is painted past the line that covers its end, mm: a tentative line needs no care. */
const overlapMm = 50;
/** Less than this under the line is not worth one, mm. */
const worthMm = 300;

/** What of a wall's base is painted: all of it, or what lies above its tentative line. */
export function baseOf(surface: Surface, { baseDownTo }: Pick<Wall, "baseDownTo">) {
  const { extent, curves, area } = surface;
  const whole = {
    areaM2: area / 1e6,
    edgeMm: curves.reduce((sum, { curve }) => sum + curveLength(curve), 0),
  };
  if (baseDownTo === undefined || baseDownTo <= extent.minY) return whole;
  const above = { ...extent, minY: Math.min(extent.maxY, baseDownTo) };
  const edgeMm = curves.reduce((sum, { curve }) => {
    const { minY, maxY } = boxOfCurve(curve);
    if (minY >= baseDownTo) return sum + curveLength(curve);
    return maxY <= baseDownTo ? sum : sum + (curveLength(curve) * (maxY - baseDownTo)) / (maxY - minY);
  }, 0);
  return { areaM2: new OnSurface(surface).areaOf(above) / 1e6, edgeMm };
}

/** The masks of a base that stops at a tentative line: nothing is masked under it. */
export function masksAbove(
  pieces: readonly EdgePiece[],
  { baseDownTo }: Pick<Wall, "baseDownTo">,
): readonly EdgePiece[] {
  if (baseDownTo === undefined) return pieces;
  return pieces.flatMap((piece): EdgePiece[] => {
    const path = piece.path.flatMap((curve) => partAbove(curve, baseDownTo));
    if (path.length === 0) return [];
    return [{ ...piece, path, length: path.reduce((sum, curve) => sum + curveLength(curve), 0) }];
  });
}

/** What of a curve lies above a height; an arc that crosses it stays whole. */
function partAbove(curve: Curve, height: number): Curve[] {
  const { minY, maxY } = boxOfCurve(curve);
  if (maxY <= height + 1e-6) return [];
  if (minY >= height || curve.kind === "arc") return [curve];
  const { a, b } = curve;
  const at = { x: a.x + ((b.x - a.x) * (height - a.y)) / (b.y - a.y), y: height };
  return [a.y < b.y ? segment(at, b) : segment(a, at)];
}

/** A base that could stop at a tentative line, since what is under that is covered; or one that stops too soon. */
export function checkBaseDownTo({ wall, laid, groups }: OrderedWall): Finding[] {
  // What lies on a table is painted all over.
  if (!laid || wall.object || wall.baseState !== "paint") return [];
  const { pattern, surface } = laid;
  const { minY } = surface.extent;
  const lowest = pattern.regions.reduce(
    (low, { face }, index) => (groups[index] === 0 ? Math.min(low, boxOfContour(face.outer).minY) : low),
    Infinity,
  );
  const line = lowest - overlapMm;
  if (wall.baseDownTo !== undefined) {
    if (wall.baseDownTo <= lowest + 1e-6 || lowest === Infinity) return [];
    const values = { at: wall.baseDownTo, lowest };
    const cure = {
      kind: "down-to-line",
      count: line,
      wall: wall.id,
      set: { baseDownTo: tidied(line) },
    } as const;
    return [{ code: "base-stops-short", severity: "check", values, at: null, cure }];
  }
  if (lowest === Infinity || lowest - minY < worthMm) return [];
  const saved = baseOf(surface, {}).areaM2 - baseOf(surface, { baseDownTo: line }).areaM2;
  return [
    {
      code: "paint-down-to",
      severity: "note",
      at: null,
      values: { at: line, overlap: overlapMm, savedM2: saved },
      cure: { kind: "down-to-line", count: line, wall: wall.id, set: { baseDownTo: tidied(line) } },
    },
  ];
}

const tidied = (mm: number): number => Math.round(mm * 10) / 10;
