import type { Visibility } from "../trade/visibleDifference";
import type { EffectHand } from "../pattern/placement";
import type { PlanPoint } from "./planPoint";

/** What is printed on a wall by one finish. */
export interface PlanPrints {
  finish: string;
  counts: { whole: number; partial: number };
  /** Of hands. */
  minutes: number;
  loads: number;
  list: PlanPrint[];
}

/** One print of one overlay on one wall. */
export interface PlanPrint {
  id: string;
  motif: string;
  column: number;
  row: number;
  at: PlanPoint;
  turn: number;
  mirrored?: true;
  /** Of its face as it lies. */
  width: number;
  height: number;
  share: number;
  cutBy: string[];
  bends: string[];
  overlay: string;
  order: number;
  load: number;
  /** What is left of one that is not whole, in the wall's coordinates. */
  kept?: { colour: string; contours: PlanPoint[][] }[];
}

/** In its own coordinates, y up; what lies within two of its contours is not open. */
export interface PlanMotif {
  id: string;
  finish: string;
  face: [PlanPoint, PlanPoint];
  cutouts: { overlay: string; slot: string; colour: string; open_mm2: number; contours: PlanPoint[][] }[];
}

export interface PlanEffect {
  id: string;
  finish: string;
  regions: string[];
  seed: number;
  tones: { paint: string; share: number }[];
  by: EffectHand;
}

/** Rows hold plain values, `cells` the same in the job's own units. */
/** The legs of a border, each with the whole repeats on it. */
export interface PlanBorder {
  finish: string;
  /** `row` is what the prints of a leg are called by; none has it where all of the leg is off the wall. */
  legs: {
    row: number;
    name: string;
    length: number;
    repeats: number;
    stretch: number;
    verdict: Visibility;
  }[];
}

/** The bricks of one finish on a wall. */
export interface PlanBricks {
  finish: string;
  courses: number;
  /** Mortar between courses, and between the bricks of one. */
  bed: number;
  perpend: number;
  /** What is stamped, by size; part: cut out of a face. */
  pieces: { width: number; height: number; count: number; part?: boolean }[];
  bed_m: number;
  perpend_m: number;
  /** The narrowest piece at an end. */
  endPiece_mm: number;
  /** Fresh and faded prints among each other: the correlation of neighbours, and what a random arrangement comes to. */
  mixing: { correlation: number; random: number; verdict: "mixed" | "as by chance" | "bunched" };
  list: PlanBrick[];
}

export interface PlanBrick {
  id: string;
  course: number;
  n: number;
  /** x, y of its lower left corner, width, height. */
  box: [number, number, number, number];
  /** What openings leave of it, piece by piece, where that is not all. */
  parts?: [number, number, number, number][];
  piece: "whole" | "part";
  share: number;
  tone: string;
  order: number;
  load: number;
  nthOfLoad: number;
}

/** The paper of one finish on a wall. */
export interface PlanSheets {
  finish: string;
  /** Opened for this wall. */
  rolls: number;
  dropsPerRoll: number;
  /** A sheet that goes around a corner is listed on both walls, with one number. `cut`: in whole repeats. */
  drops: { n: number; from: number; to: number; length: number; cut: number; roll: number; phase: number }[];
  seams: number[];
  /** Of the narrower end sheet. */
  lastWidth: number;
  /** What it is drawn in, and the pattern's repeat where it is matched. */
  hex: string;
  repeat: number | null;
}

/** A coat of broken colour on a wall, and whether its edge can be joined while it is wet. */
export interface PlanCoat {
  finish: string;
  coat: number;
  colour: string;
  /** Of all hands together. */
  minutes: number;
  hands: number;
  unbroken: true;
  /** Until what is next to a wet edge is on, and how long that stays wet in this air. */
  front_min: number;
  open_min: number;
  fits: boolean;
  need_ml: number;
  /** What is worked in one go, in its turn: box is x, y of its lower left corner, width, height. */
  sections: {
    id: string;
    order: number;
    area_m2: number;
    minutes: number;
    box: [number, number, number, number];
    tone?: string;
    /** Sides that are feathered, since they set before what comes beside them. */
    ragged?: ("right" | "bottom")[];
  }[];
}

export interface PlanTable {
  id: string;
  finish: string;
  wall?: string;
  title: string;
  columns: { key: string; label: string; as: "text" | "length" | "area" | "count" | "minutes" | "paint" }[];
  rows: Record<string, string | number>[];
  cells: string[][];
}

export interface PlanStencil {
  id: string;
  /** By the colour that goes through. */
  open_mm2: Record<string, number>;
  islands: { overlay: string; at: PlanPoint; area_mm2: number }[];
  /** Thin places, under 3 mm. */
  bridges: { overlay: string; width: number; at: PlanPoint }[];
  /** How the holes of each two overlays lie to each other; absent for one overlay. */
  between?: {
    overlays: [string, string];
    /** 0 where they touch or lie over each other, null where they are further apart than 12 mm. */
    gap: number | null;
    overlap_mm2: number;
    /** About how wide the widest overlap is. */
    overlap: number;
    at: PlanPoint | null;
  }[];
  /** Whether it is the same turned by half. */
  turns: boolean;
  /** The smallest blank that its plastic is cut from; null for a roll. */
  blank: string | null;
  /** All edges that are cut into its overlays, m. */
  cutting_m: number;
  /** Bridges for what falls out of it, and marks where it has none to lay overlays by; absent where it needs neither. */
  proposed?: {
    bridges: { overlay: string; from: PlanPoint; to: PlanPoint; width: number }[];
    registers: PlanPoint[];
  };
}
