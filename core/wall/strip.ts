import type { Box } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { Wall } from "./schema";
import { isOnSurface, type Surface } from "./surface";

/** A wall's place in a strip. */
export interface StripPart {
  readonly wall: Wall;
  /** Null where a stop keeps the wall from being laid out; the pattern still runs on past it. */
  readonly surface: Surface | null;
  /** x of the wall's left plumb line in the strip. */
  readonly offset: number;
}

/**
 * What a finish is laid on: one wall, or the walls of a run side by side. x continues from wall to wall (wall k starts
 * at the sum of the widths before it), y is the walls' own.
 */
export interface Strip {
  readonly parts: readonly StripPart[];
  readonly extent: Box;
  /** The corners of the walls' outlines. */
  readonly corners: readonly Point[];
  /** How far it is around the room, where its last wall meets its first, mm. */
  readonly around?: number;
}

/** A room begins at its join: so far along, counted from the first wall of its run, mm. */
interface Room {
  readonly from: number;
}

/** Puts walls side by side. */
export function joinWalls(
  walls: readonly Wall[],
  surfaceOf: (wall: Wall) => Surface | null,
  room?: Room,
): Strip {
  let offset = room?.from ?? 0;
  const parts: StripPart[] = [];
  for (const wall of walls) {
    parts.push({ wall, surface: surfaceOf(wall), offset });
    offset += wall.width;
  }
  const corners = parts.flatMap(({ surface, offset }) =>
    surface ? surface.outline.map(({ a }) => ({ x: a.x + offset, y: a.y })) : [],
  );
  const around = room && { around: offset - room.from };
  return { parts, corners, extent: extentOf(parts, corners, offset), ...around };
}

/** A place told along a run, in its strip: in a room what stands before the join comes after all the others. */
export const placeAlong = ({ parts, around }: Strip, x: number): number =>
  around !== undefined && x < parts[0]!.offset ? x + around : x;

function extentOf(parts: readonly StripPart[], corners: readonly Point[], width: number): Box {
  const xs = corners.map(({ x }) => x);
  const ys = corners.map(({ y }) => y);
  // A wall that could not be built still takes its width.
  if (!parts[0]?.surface) xs.push(parts[0]?.offset ?? 0);
  if (!parts.at(-1)?.surface) xs.push(width);
  return { minX: Math.min(...xs), maxX: Math.max(...xs), minY: Math.min(...ys), maxY: Math.max(...ys) };
}

/** The part that x lies on; the nearest for what is beyond the ends. */
export function partAt({ parts }: Strip, x: number): StripPart {
  return parts.findLast((part) => part.offset <= x) ?? parts[0]!;
}

/** Whether a point that lies on no edge can be painted. */
export function isOnStrip(strip: Strip, { x, y }: Point): boolean {
  const { surface, offset } = partAt(strip, x);
  return surface !== null && isOnSurface(surface, { x: x - offset, y });
}
