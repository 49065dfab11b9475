import * as z from "zod";
import type { Finding } from "../findings/finding";
import type { Point } from "../geometry/point";
import { coordinateRange, idSchema, lengthSchema } from "../measure/schema";
import type { Piece } from "../pattern/pattern";
import { isOnStrip, partAt, type Strip } from "../wall/strip";
import { written, type SpecChange } from "./editing";

const place = lengthSchema(coordinateRange);

/** Pieces that are given a paint by hand, each by a place on it, so that it survives what changes around it. */
export const fillSchema = z.strictObject({ at: z.tuple([place, place]), colour: idSchema });
export const mostFills = 2000;
export const fillsSchema = z.array(fillSchema).max(mostFills).default([]);

export type Fills = z.infer<typeof fillsSchema>;
type PieceAt = (point: Point, wall: string) => Piece | null;

/** The pieces with those in other paints that are filled by hand. */
export function withFills(pieceAt: PieceAt, fills: Fills, strip: Strip): PieceAt {
  if (fills.length === 0) return pieceAt;
  const byKey = new Map(
    fills.flatMap(({ at: [x, y], colour }) => {
      const piece = pieceUnder({ x, y }, pieceAt, strip);
      return piece ? [[piece.key, colour] as const] : [];
    }),
  );
  return (point, wall) => {
    const piece = pieceAt(point, wall);
    const colour = piece && byKey.get(piece.key);
    return colour ? { ...piece, colour } : piece;
  };
}

const pieceUnder = (at: Point, pieceAt: PieceAt, strip: Strip): Piece | null =>
  isOnStrip(strip, at) ? pieceAt(at, partAt(strip, at.x).wall.id) : null;

/** Fills that lie on no piece, with a button that takes them out. */
export function checkFills(id: string, pieceAt: PieceAt, fills: Fills, strip: Strip): Finding[] {
  return fills.flatMap(({ at: [x, y] }, index): Finding[] =>
    pieceUnder({ x, y }, pieceAt, strip) ? [] : [strayFill(id, fills, index)],
  );
}

export function strayFill(id: string, fills: Fills, index: number): Finding {
  const [x, y] = fills[index]!.at;
  return {
    code: "fill-in-opening",
    severity: "check",
    values: { number: index + 1 },
    at: { x, y },
    cure: {
      kind: "take-out",
      count: 0,
      finish: id,
      set: { fills: fills.filter((_, other) => other !== index) },
    },
  };
}

/** Gives the piece at a place a paint by hand; one that has been given another takes the new one on. */
export function fillByHand(
  fills: Fills,
  keyAt: (place: Point) => string | number | null,
  at: Point,
  colour: string,
): SpecChange | null {
  const key = keyAt(at);
  if (key === null) return null;
  const index = fills.findIndex(({ at: [x, y] }) => keyAt({ x, y }) === key);
  if (index !== -1) return { path: ["fills", index], set: { colour } };
  return { set: { fills: [...fills, { at: written(at), colour }] } };
}
