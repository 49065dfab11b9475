import type { Point } from "../geometry/point";
import type { EdgePiece } from "./tapePiece";

/** Room for the last bits of a place that lies halfway between two millimetres. */
const lastBits = 1e-6;
const wholeMm = (value: number): number => Math.floor(value + 0.5 + lastBits) + 0;

/** By the piece: it is laid in both schools, and in every plan until its wall changes. */
const known = new WeakMap<EdgePiece, string>();

/** Whether one place lies further to the left than another, or below it. */
const isBefore = (a: Point, b: Point): boolean =>
  a.x < b.x - lastBits || (a.x < b.x + lastBits && a.y < b.y - lastBits);

/** The end (of a ring the corner) of a piece that lies furthest to the left, then the lower one. */
export function firstEnd({ path }: Pick<EdgePiece, "path">): Point {
  let first: Point = path.at(-1)!.b;
  for (const { a } of path) if (isBefore(a, first)) first = a;
  return first;
}

/** Pieces from the left, and upwards where several begin there. */
export function fromTheLeft(a: Pick<EdgePiece, "path">, b: Pick<EdgePiece, "path">): number {
  const [first, second] = [firstEnd(a), firstEnd(b)];
  return isBefore(first, second) ? -1 : Number(isBefore(second, first));
}

/** Its line, its place along that, and its side. */
function placeOf(piece: EdgePiece, wall: string): string {
  const before = known.get(piece);
  if (before !== undefined) return before;
  const { line, lies } = piece;
  const first = firstEnd(piece);
  const along = line.startsWith(`${wall}/`) ? line : `${wall}/${line}`;
  const name = `${along.replaceAll(" ", "-")}@${wholeMm(first.x)},${wholeMm(first.y)}-${lies}`;
  known.set(piece, name);
  return name;
}

/**
 * The ids of a wall's tape, laid in turn: "wall/finish/line@x,y-side", with the manieth time that it is laid there from the
 * second on. They hang on where the tape lies alone, and so last while rounds and everything else change.
 */
export function nameTape(wall: string, inTurn: readonly (readonly EdgePiece[])[]): string[][] {
  const times = new Map<string, number>();
  return inTurn.map((pieces) =>
    pieces.map((piece) => {
      const place = placeOf(piece, wall);
      const pass = (times.get(place) ?? 0) + 1;
      times.set(place, pass);
      return pass === 1 ? place : `${place}-${pass}`;
    }),
  );
}

/** How often tape was laid at the place of each piece in the turns before its own. */
export function laidBefore(wall: string, inTurn: readonly (readonly EdgePiece[])[]): number[][] {
  const times = new Map<string, number>();
  return inTurn.map((pieces) => {
    const before = pieces.map((piece) => times.get(placeOf(piece, wall)) ?? 0);
    for (const place of new Set(pieces.map((piece) => placeOf(piece, wall))))
      times.set(place, (times.get(place) ?? 0) + 1);
    return before;
  });
}
