import Flatbush from "flatbush";
import { arrange } from "../geometry/arrange";
import { clipAtLine } from "../geometry/clipAtLine";
import { isInsideContour, rectangleContour, signedArea } from "../geometry/contour";
import { boxOfCurve, segment, type Box, type Contour, type Curve } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { intersectCurves } from "../geometry/intersectCurves";
import { moveContour, placeBox, placeContour } from "../geometry/placeContour";
import { cross, subtract, type Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import { Allowance } from "../trade/allowance";
import { placeTolerance } from "../wall/outline";
import { isOnSurface, type EdgeSource, type Surface } from "../wall/surface";
import { doTouch, isOpenAt, partsOfCutout, type CutoutPart } from "./cutoutParts";
import type { Kept, Placement, PlacementDraft, WallMotif } from "./placement";

/** Less than this part of a print is a last bit of a computation. */
const hair = 1e-9;
/** Where nothing cuts through it, so much may be lost to places within the tolerance of the edge. */
const touch = 1e-3;
/** Nearer than this to the edge, mm, what an end or a touch comes to is told by an arrangement. */
const clear = 8 * placeTolerance;
/** Edges as far from a print's origin as this, mm, run through it alike. */
const sameMm = 1e-6;

/** How a print lies on a surface. */
export type Lying = Pick<Placement, "at" | "share" | "cutBy" | "bends" | "kept">;

/** What an edge leaves of a print; null for nothing. */
type Cut = Pick<Placement, "share" | "cutBy" | "kept"> | null;

/** What is left of one of its parts. */
interface LeftOfPart {
  readonly mm2: number;
  readonly kept: readonly Contour[];
  readonly isMasked: boolean;
  readonly cutBy: readonly EdgeSource[];
}

const whole: Cut = { share: 1, cutBy: [], kept: null };

/** The edge of a surface, with an index of what of it lies where. */
export class SurfaceEdge {
  private readonly index: Flatbush;
  /** What each piece of the edge is called: a side as the eye has it, an opening by its id. */
  private readonly names: ReadonlyMap<EdgeSource, string>;
  /** What was cut before, and where, by how the edge ran through it. */
  private readonly cuts = new Map<string, { readonly at: Point; readonly cut: Cut }>();

  private readonly allowed = new Allowance("pieces of cut prints");
  /** Pieces of line that were gone through to cut what the edge meets; what is cut alike counts once. */
  cutPieces = 0;

  constructor(private readonly surface: Surface) {
    this.names = new Map<EdgeSource, string>([
      ...(surface.wall.object ? sidesOfObject : sides),
      ...surface.covers.map(({ opening: { id } }) => [`opening ${id}`, id] as const),
    ]);
    this.index = new Flatbush(surface.curves.length);
    for (const { curve } of surface.curves) {
      const { minX, minY, maxX, maxY } = boxOfCurve(curve);
      this.index.add(minX, minY, maxX, maxY);
    }
    this.index.finish();
  }

  /** A print as it lies on the surface; null for one that does not reach it. Throws OverLimit once too much has been cut. */
  place(draft: PlacementDraft, motif: WallMotif): Lying | null {
    const face = placeBox(motif.face, draft);
    const near = this.near(face);
    const cut = this.cutOnce(draft, motif, face, near);
    if (!cut) return null;
    const { share, cutBy, kept } = cut;
    const bends = motif.sheet && !this.surface.wall.object ? this.meeting(placeBox(motif.sheet, draft)) : [];
    return {
      at: draft.at,
      share,
      cutBy,
      kept,
      bends: bends.length > 0 && share < 1 ? bends.filter((name) => !cutBy.includes(name)) : bends,
    };
  }

  private cutOnce(
    draft: PlacementDraft,
    motif: WallMotif,
    face: Box,
    near: readonly SourcedCurve<EdgeSource>[],
  ): Cut {
    const mask = draft.within && !isBoxInside(face, draft.within) ? draft.within : null;
    if (near.length === 0 && mask === null) {
      const middle = { x: (face.minX + face.maxX) / 2, y: (face.minY + face.maxY) / 2 };
      return isOnSurface(this.surface, middle) ? whole : null;
    }
    const key = mask === null ? this.keyOf(draft, motif, face, near) : null;
    const before = key === null ? undefined : this.cuts.get(key);
    if (before) return movedCut(before.cut, subtract(draft.at, before.at));
    const cut = this.cut(draft, motif, near, mask);
    if (key !== null) this.cuts.set(key, { at: draft.at, cut });
    return cut;
  }

  /**
   * What prints of one motif share that the edge runs through alike: every piece of it that is near lies as far from the
   * print's origin, and the wall on the same side, which the corners of the face tell.
   */
  private keyOf(
    { at, overlay, turn, mirrored }: PlacementDraft,
    motif: WallMotif,
    face: Box,
    near: readonly SourcedCurve<EdgeSource>[],
  ): string {
    const edges = near.map(({ curve, source }) => `${source} ${runThrough(curve, at, face)}`);
    const { minX, minY, maxX, maxY } = face;
    const corners = rectangleContour(minX, minY, maxX, maxY).map((side) => isOnSurface(this.surface, side.a));
    return [motif.finish, motif.id, overlay, turn, mirrored, ...edges, ...corners].join(" ");
  }

  private cut(
    draft: PlacementDraft,
    motif: WallMotif,
    near: readonly SourcedCurve<EdgeSource>[],
    mask: Contour | null,
  ): Cut {
    let [open, left] = [0, 0];
    const cutBy = new Set<string>();
    const kept: Kept[] = [];
    motif.cutouts.forEach(({ overlay, paint, contours }, place) => {
      if (overlay !== draft.overlay) return;
      const parts = partsOfCutout(contours).map((part) => this.partOf(part, draft, near, mask));
      const areaM2 = parts.reduce((sum, { mm2 }) => sum + mm2, 0) / 1e6;
      const leftM2 = areaM2 * motif.trueShare[place]!;
      open += motif.openM2[place]!;
      left += leftM2;
      for (const { cutBy: sources, isMasked } of parts) {
        for (const source of sources) cutBy.add(this.names.get(source)!);
        if (isMasked) cutBy.add("mitre");
      }
      if (areaM2 > 0) kept.push({ paint, contours: parts.flatMap(({ kept }) => kept), areaM2: leftM2 });
    });
    if (open === 0 || left <= open * hair) return null;
    const isWhole = left >= open * (1 - (cutBy.size === 0 ? touch : hair));
    if (isWhole) return whole;
    // A cutout may lie beyond the edge altogether, and the edge run between it and the others.
    if (cutBy.size === 0) for (const { source } of near) cutBy.add(this.names.get(source)!);
    return { share: left / open, cutBy: [...cutBy], kept };
  }

  /** What of an open part lies on the surface and within the mask, and what runs through it; only what meets an edge is cut. */
  private partOf(
    part: CutoutPart,
    draft: PlacementDraft,
    near: readonly SourcedCurve<EdgeSource>[],
    mask: Contour | null,
  ): LeftOfPart {
    const box = placeBox(part.box, draft);
    const meeting = near.filter(({ curve }) => doTouch(boxOfCurve(curve), box));
    const cutting = mask && !isBoxInside(box, mask) ? mask : null;
    if (meeting.length === 0 && cutting === null) {
      // The edge lies beyond its box, so that any place in that tells of all of it.
      const isOn = isOnSurface(this.surface, { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 });
      const kept = isOn ? part.outlines.map((outline) => placeContour(outline, draft)) : [];
      return { mm2: isOn ? part.mm2 : 0, kept, isMasked: false, cutBy: [] };
    }
    this.count(part.contours.reduce((sum, { length }) => sum + length, cutting?.length ?? 0));
    const clipped = cutting ? null : this.clipped(part, draft, meeting);
    if (clipped) return clipped;
    const own = part.contours.map((contour) => placeContour(contour, draft));
    return this.arranged(own, meeting, cutting);
  }

  /** Throws OverLimit once too much has been cut. */
  private count(pieces: number): void {
    this.allowed.take(pieces);
    this.cutPieces += pieces;
  }

  /** The same as `arranged` where one straight edge goes across it, and no end or touch is near; else null. */
  private clipped(
    { outlines }: CutoutPart,
    draft: PlacementDraft,
    meeting: readonly SourcedCurve<EdgeSource>[],
  ): LeftOfPart | null {
    const [{ curve, source }, ...others] = meeting as [SourcedCurve<EdgeSource>];
    if (others.length > 0 || curve.kind !== "segment" || outlines.length === 0) return null;
    const own = outlines.map((outline) => placeContour(outline, draft));
    // The edge goes all the way across, so that any place tells on which side of it the wall is.
    const some = own[0]![0]!.a;
    const isLeft = cross(subtract(curve.b, curve.a), subtract(some, curve.a)) > 0;
    const line = isLeft === isOnSurface(this.surface, some) ? curve : segment(curve.b, curve.a);
    const kept = clipAtLine(own, line, clear);
    if (!kept) return null;
    const isCut = kept.some((contour) => !own.includes(contour));
    const mm2 = kept.reduce((sum, contour) => sum + signedArea(contour), 0);
    return { mm2, kept, isMasked: false, cutBy: isCut ? [source] : [] };
  }

  private arranged(
    own: readonly Contour[],
    meeting: readonly SourcedCurve<EdgeSource>[],
    mask: Contour | null,
  ): LeftOfPart {
    const curves = [...own, mask ?? []].flat().map((curve) => ({ curve, source: null }));
    const { faces, edges } = arrange<EdgeSource | null>([...meeting, ...curves], placeTolerance);
    const middles = faces.map(interiorPoint);
    const isOpen = middles.map((at) => isOpenAt(own, at));
    const isOnWall = middles.map((at, face) => isOpen[face]! && isOnSurface(this.surface, at));
    const isKept = middles.map((at, face) => isOnWall[face]! && (mask === null || isInsideContour(at, mask)));
    const keptFaces = faces.filter((_, face) => isKept[face]);
    return {
      mm2: keptFaces.reduce((sum, { area }) => sum + area, 0),
      kept: keptFaces.flatMap(({ outer, holes }) => [outer, ...holes]),
      isMasked: isOnWall.some((is, face) => is && !isKept[face]),
      cutBy: edges.flatMap(({ sources, left, right }) =>
        left !== null && right !== null && isOpen[left] && isOpen[right] && isKept[left] !== isKept[right]
          ? sources.filter((source) => source !== null)
          : [],
      ),
    };
  }

  private near({ minX, minY, maxX, maxY }: Box): SourcedCurve<EdgeSource>[] {
    return this.index
      .search(minX, minY, maxX, maxY)
      .sort((a, b) => a - b)
      .map((place) => this.surface.curves[place]!);
  }

  /** Names of what a rectangle reaches over. */
  private meeting(box: Box): string[] {
    const near = this.near(box);
    if (near.length === 0) return [];
    const edges = rectangleContour(box.minX, box.minY, box.maxX, box.maxY);
    const met = near.filter(({ curve }) =>
      edges.some((side) => intersectCurves(side, curve, placeTolerance).length > 0),
    );
    return [...new Set(met.map(({ source }) => this.names.get(source)!))];
  }
}

/** How a piece of the edge runs through a face, from the print's origin: of upright and level lines nothing beyond it. */
function runThrough(curve: Curve, at: Point, { minX, minY, maxX, maxY }: Box): string {
  const away = (point: Point) =>
    `${Math.round((point.x - at.x) / sameMm)},${Math.round((point.y - at.y) / sameMm)}`;
  if (curve.kind === "arc")
    return `${away(curve.a)} ${away(curve.b)} ${away(curve.centre)} ${curve.sweep > 0}`;
  const isStraight = curve.a.x === curve.b.x || curve.a.y === curve.b.y;
  // A little beyond it, so that an end on the face's own side is not taken for one beyond.
  const inside = ({ x, y }: Point): Point =>
    isStraight
      ? {
          x: Math.min(maxX + beyondMm, Math.max(minX - beyondMm, x)),
          y: Math.min(maxY + beyondMm, Math.max(minY - beyondMm, y)),
        }
      : { x, y };
  return `${away(inside(curve.a))} ${away(inside(curve.b))}`;
}
const beyondMm = 1;

function movedCut(cut: Cut, by: Point): Cut {
  if (!cut?.kept) return cut;
  const kept = cut.kept.map((part) => ({
    ...part,
    contours: part.contours.map((contour) => moveContour(contour, by)),
  }));
  return { ...cut, kept };
}

const isBoxInside = ({ minX, minY, maxX, maxY }: Box, contour: Contour): boolean =>
  rectangleContour(minX, minY, maxX, maxY).every(({ a }) => isInsideContour(a, contour));

const sides: readonly (readonly [EdgeSource, string])[] = [
  ["left", "left"],
  ["right", "right"],
  ["top", "ceiling"],
  ["bottom", "floor"],
];
/** A sheet lies over them as it is: nothing bends it. */
const sidesOfObject: readonly (readonly [EdgeSource, string])[] = [
  ["left", "left edge"],
  ["right", "right edge"],
  ["top", "upper edge"],
  ["bottom", "lower edge"],
];
