import type { Paint } from "../paint/schema";
import type { Anew, Round } from "../rounds/listPasses";
import type { EdgePiece } from "../tape/tapePiece";
import type { Peel } from "../tape/sealEdge";
import type { Wall } from "../wall/schema";
import type { Work } from "./schema";

/** What is to be painted on a wall. */
export interface WorkRegion {
  readonly id: string;
  readonly colour: string;
  /** 0 is left in base. */
  readonly group: number;
  readonly areaM2: number;
  /** All around it, mm. */
  readonly edgeMm: number;
  /** Of the arcs in it the tightest one's radius, mm; Infinity where there is none. */
  readonly tightestMm: number;
  /** Of edgeMm, along the wall's ends, floor, ceiling and openings. */
  readonly perimeterMm: number;
  /** How its paint is put on. */
  readonly technique: string;
  /** Paper or broken colour lies over it: what is left in base there is never touched up. */
  readonly isHidden: boolean;
}

/** What is marked on a wall. */
export interface WorkMarking {
  /** The ids of the marks that are read off, proofs included, or touched by eye. */
  readonly marks: readonly string[];
  /** Those of them that fix the set-out line along which a piece of tape is laid. */
  readonly along: (piece: EdgePiece) => readonly string[];
  /** Those of them that paper hides: they are not rubbed out. */
  readonly hidden: ReadonlySet<string>;
  /** Whether they are read from a level line. */
  readonly isLevelled: boolean;
  /** Arcs drawn with a string: its length, and the arc's, each mm. */
  readonly arcs: readonly { readonly radius: number; readonly length: number }[];
  /** Pins that leave a hole in the wall. */
  readonly pins: number;
  /** Areas between lines struck by eye, on which a chip of the colour goes up first. */
  readonly chips: number;
}

/** A base around a corner: masks lie between the two, or each is floated up to the arris. */
export interface BaseBeside {
  readonly wall: string;
  readonly paint: string;
  readonly isFloated: boolean;
}

/** What of a wall a base is painted on. */
export interface WorkBase {
  readonly areaM2: number;
  /** Around that, mm; of it what is floated on at the arris of an external corner. */
  readonly edgeMm: number;
  readonly floatMm: number;
  /** Those that are painted before it. */
  readonly after: readonly BaseBeside[];
}

export interface WorkWall {
  readonly wall: Wall;
  readonly surfaceM2: number;
  readonly base: WorkBase;
  /** Walls whose masks lie on it while their base goes on. */
  readonly maskedFrom: readonly BaseBeside[];
  readonly regions: readonly WorkRegion[];
  /** Edges that are painted up to, each once, m. */
  readonly edgesM: number;
  readonly marking: WorkMarking;
  /** Whether its tape comes off while the last coat is wet. */
  readonly peel: Peel;
  /** How high over its floor hands go for what is set out and painted, mm. */
  readonly workTopMm: number;
  /** Boards without paint on them, to be washed white: dusted, since water raises their grain. */
  readonly isBareWood: boolean;
  /** Whether anything is done on it. */
  readonly isWorkedOn: boolean;
}

/** All that the order of work depends on, in one school of rounds. */
export interface WorkInput {
  readonly work: Work;
  readonly paints: ReadonlyMap<string, Paint>;
  readonly rounds: readonly Round[];
  /** Coats that go on anew, to tape that is laid anew. */
  readonly anew: readonly Anew[];
  /** The tape that is laid on each wall, by its id, in each round by its place. */
  readonly laid: ReadonlyMap<string, readonly (readonly EdgePiece[])[]>;
  /** The masks around each wall while its base goes on. */
  readonly baseMasks: ReadonlyMap<string, readonly EdgePiece[]>;
  /** The ids of all of these on each wall: of the masks of its base, and then round by round. */
  readonly tapeIds: ReadonlyMap<string, readonly (readonly string[])[]>;
  /** Widths of tape that are to be had, mm, the narrowest first. */
  readonly tapes: readonly number[];
  /** The edges that are done by hand, likewise. */
  readonly byHand: ReadonlyMap<string, readonly (readonly EdgePiece[])[]>;
  /** Whether a film of sealer is wiped on, painted over and peeled while it is wet, stretch by stretch. */
  readonly sealsWet: boolean;
  /** Those that could be laid out. */
  readonly walls: readonly WorkWall[];
}
