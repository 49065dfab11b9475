import type { Curve } from "../geometry/curve";
import type { Point } from "../geometry/point";

/** Keys to replace in a spec, at its top or at a path within it; in a list, the key one past its end adds to it. */
export interface SpecChange {
  /** The sheet of the job that is changed, where it is not the spec. */
  readonly stencil?: string;
  readonly path?: readonly (string | number)[];
  readonly set: Readonly<Record<string, unknown>>;
}

/** Something of a finish that can be taken hold of on the wall. Places are the strip's. */
export interface Handle {
  readonly id: string;
  /** What it is called: "line 2, second point". */
  readonly name: string;
  readonly at: Point;
  /** The unit direction that it moves along; null where it moves freely. */
  readonly along: Point | null;
  /** What is taken hold of and moves with the hand; empty for a point. */
  readonly path: readonly Curve[];
  readonly moveTo: (place: Point) => SpecChange | null;
  /** What an arrow key does where a small step would change nothing: so many steps the positive way. */
  readonly nudge?: (steps: number) => SpecChange | null;
  /** The set-out lines that move with it, by their ids in the design; all of the finish where it does not say. */
  readonly lines?: readonly string[];
  /** What takes it off the wall. */
  readonly remove?: () => SpecChange | null;
}

/** Something that is drawn on the wall with clicks. */
export interface Tool {
  readonly id: string;
  readonly name: string;
  /** What the next click sets, in turn; the last one is said again where there may be more. */
  readonly asks: readonly string[];
  /** How many points at the most; it is done when it has as many as it asks for, unless it takes more. */
  readonly most: number;
  /** Whether a paint is chosen for it. */
  readonly paints: boolean;
  /** Whether points line up with what is on the wall; a place to fill does not. */
  readonly snaps: boolean;
  /** What becomes of the spec; null where the points make nothing. */
  readonly draw: (points: readonly Point[], paint: string) => SpecChange | null;
}

/** What can be done to a finish on the wall itself. */
export interface Editing {
  readonly handles: readonly Handle[];
  readonly tools: readonly Tool[];
}

export const east: Point = { x: 1, y: 0 };
export const north: Point = { x: 0, y: 1 };

/** A tool that gives the piece under one click another paint. */
export function fillTool(fill: (place: Point, paint: string) => SpecChange | null): Tool {
  return {
    id: "fill",
    name: "Fill",
    asks: ["the piece to fill"],
    most: 1,
    paints: true,
    snaps: false,
    draw: ([place], paint) => (place ? fill(place, paint) : null),
  };
}

/** A place as it is written in a document. */
export const written = ({ x, y }: Point): [number, number] => [tidy(x), tidy(y)];

/** A place that a hand has hardly left, mm. */
export const hairMm = 1e-3;

/** mm without the last bits of a computation. */
export const tidy = (value: number): number => Math.round(value * 1e6) / 1e6;
