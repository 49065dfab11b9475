import { boxOfContour, type Box, type Contour } from "../geometry/curve";
import type { Point } from "../geometry/point";

/** Something that is printed or laid again and again: a motif cut in a sheet, a stamp, a disc. In its own coordinates, mm, y up. */
export interface Motif {
  readonly id: string;
  /** What one print takes up. */
  readonly face: Box;
  /** The sheet that lies on the wall meanwhile; null for what is no larger than its face. */
  readonly sheet: Box | null;
  readonly cutouts: readonly Cutout[];
}

/** What the open parts of one overlay lie within; the motif's face where it has none of its own. */
export function openBox({ cutouts, face }: Motif, overlay: string): Box {
  const boxes = cutouts.flatMap((cutout) =>
    cutout.overlay === overlay ? cutout.contours.map(boxOfContour) : [],
  );
  return boxes.length === 0
    ? face
    : {
        minX: Math.min(...boxes.map(({ minX }) => minX)),
        maxX: Math.max(...boxes.map(({ maxX }) => maxX)),
        minY: Math.min(...boxes.map(({ minY }) => minY)),
        maxY: Math.max(...boxes.map(({ maxY }) => maxY)),
      };
}

/** The open parts of a motif that take one paint in one overlay. What lies within two of its contours is not open. */
export interface Cutout {
  readonly overlay: string;
  readonly slot: string;
  readonly paint: string;
  readonly contours: readonly Contour[];
  /** What is open in truth, where the contours are a flattened copy. */
  readonly trueMm2?: number;
}

/** One print of one overlay, in the strip's coordinates. */
export interface PlacementDraft {
  /** Says where it stands, not how manieth it is: what hangs on it outlives an edit elsewhere. */
  readonly id: string;
  readonly motif: string;
  readonly overlay: string;
  /** Where the motif's origin comes to lie. */
  readonly at: Point;
  /** Degrees, counter-clockwise. */
  readonly turn: number;
  /** Left for right, before it is turned. */
  readonly mirrored: boolean;
  readonly column: number;
  readonly row: number;
  /** In which turn it is printed, and from which load of the tool; both from 1. */
  readonly order: number;
  readonly load: number;
  /** All of it that is printed lies in here: what a mitre leaves, in the strip's coordinates. Absent where nothing is masked. */
  readonly within?: Contour;
}

/** A print as it lies on one wall, in the wall's coordinates. */
export interface Placement extends Omit<PlacementDraft, "within"> {
  readonly finish: string;
  /** The part of its open area that lies on the surface, 0 to 1. */
  readonly share: number;
  /** What cuts into its open parts, and what only its sheet is bent by: left, right, floor, ceiling, an opening's id, or a mitre. */
  readonly cutBy: readonly string[];
  readonly bends: readonly string[];
  /** What is left of its open parts, by paint; null for a whole print, which is the motif's own. */
  readonly kept: readonly Kept[] | null;
}

export interface Kept {
  readonly paint: string;
  readonly contours: readonly Contour[];
  /** m2 */
  readonly areaM2: number;
}

/** A motif of a finish that lies on a wall, with the open area of its cutouts, in their order. */
export interface WallMotif extends Motif {
  readonly finish: string;
  readonly openM2: readonly number[];
  /** By how much each is larger in truth than its contours are. */
  readonly trueShare: readonly number[];
}

/** How the paint of regions is broken up: all of what a finish lies over, or what shows one paint. */
export interface EffectDraft {
  readonly id: string;
  readonly over: "all" | { readonly paint: string };
  readonly seed: number;
  readonly tones: readonly { readonly paint: string; readonly share: number }[];
  readonly by: EffectHand;
}

/** What breaks the paint up: strokes of a brush, a trowel, flakes in a clear coat, or a wash on boards. */
export type EffectHand =
  | { readonly hand: "brush" }
  | { readonly hand: "trowel" }
  | { readonly hand: "flakes" }
  | { readonly hand: "wash"; readonly board: number; readonly direction: "horizontal" | "vertical" };

export interface Effect extends Omit<EffectDraft, "over"> {
  readonly finish: string;
  /** Ids of the regions that it is on. */
  readonly regions: readonly string[];
}
