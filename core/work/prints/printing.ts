import type { Placement, WallMotif } from "../../pattern/placement";
import type { Paint } from "../../paint/schema";
import type { Wall } from "../../wall/schema";
import type { Wait } from "../step";
import type { PrintMethod } from "./constants";
import type { PiecesOfSheet } from "./severalColours";
import type { PrintedBy } from "./stretchesInTurn";

/** What is printed on one wall. */
export interface PrintedWall {
  readonly wall: Wall;
  readonly motifs: readonly WallMotif[];
  readonly placements: readonly Placement[];
}

/** How a finish prints. */
export interface Printing {
  readonly finish: string;
  readonly method: PrintMethod;
  readonly fixing: "tape" | "adhesive";
  /** Minutes a whole print. */
  readonly eachMin: number;
  /** Overlays that are printed together, each repeat finished before the next; usually one at a time. */
  readonly passes: readonly (readonly string[])[];
  /** What is done whole before a night: columns of a field, or repeats along a way. */
  readonly by: PrintedBy;
  /** What sets prints between readings: the sheet's registers, every so many prints read from the datum, with each leg's stretch; ticks; or nothing, where all are read. */
  readonly carried: { readonly every: number; readonly isStretched: boolean } | "ticks" | null;
  /** Whether a copy cut short is at hand for where the sheet would bend at the ceiling. */
  readonly hasTopSheet: boolean;
  readonly pieces: PiecesOfSheet;
  /** The second paint of a colour of the sheet, by its slot. */
  readonly shades: ReadonlyMap<string, string>;
  /** The colours of the sheets, their paints, and about how wide the narrowest hole of each is, mm. */
  readonly holes: readonly { readonly slot: string; readonly paint: string; readonly narrowestMm: number }[];
  /** How far the plastic reaches beyond the holes of each overlay, where that is least, and how wide the tool is, mm. */
  readonly rimsMm: ReadonlyMap<string, number>;
  readonly toolMm: number;
  readonly walls: readonly PrintedWall[];
  readonly paints: ReadonlyMap<string, Paint>;
  readonly readyForTape: (wall: Wall) => readonly (Wait | null)[];
  /** How much longer things dry in this air. */
  readonly airFactor: number;
}
