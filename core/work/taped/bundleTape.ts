import { isCurved } from "../../tape/isCurved";
import type { EdgePiece, Handwork, PaintedUp } from "../../tape/tapePiece";
import type { Seal } from "../../tape/tapePiece";

/**
 * Edges of one round that lie on one ground, are sealed alike (or done by hand alike) and are painted up to with the same
 * colours from one wall.
 */
export interface TapeBundle {
  readonly over: string | null;
  readonly underGroup: number | null;
  readonly upTo: readonly PaintedUp[];
  readonly byHand: Handwork | null;
  /** The place of the round in which it comes off. */
  readonly off: number;
  /** The wall around the corner that is painted up to it; null for its own. */
  readonly corner: string | null;
  readonly sealWith: Seal;
  readonly sealPaint: string | null;
  readonly metres: number;
  /** Those of them along curves. */
  readonly curvedMetres: number;
  /** Edges to be sealed: a tape that serves two is sealed along both. */
  readonly edgeMetres: number;
  /** Places at which its pieces meet each other. */
  readonly crossings: number;
  /** The wall that it lies on, and its pieces with their ids; those that are done by hand have none. */
  readonly on: string;
  readonly pieces: readonly { readonly id: string; readonly piece: EdgePiece }[];
}

/** A place as one number: no coordinate comes near to this, mm. */
const widerThanWalls = 1e7;

interface Bundling extends Omit<TapeBundle, "pieces"> {
  metres: number;
  curvedMetres: number;
  edgeMetres: number;
  crossings: number;
  readonly pieces: TapeBundle["pieces"][number][];
}

/** Edges of a wall in one round, with the ids of those that are taped. */
export interface EdgesToBundle {
  readonly on: string;
  readonly pieces: readonly EdgePiece[];
  readonly ids?: readonly string[];
  /** The group of each of the wall's regions (0: left in base). */
  readonly groupOf: (region: number) => number;
  /** The round in which a piece comes off. */
  readonly offOf: (piece: EdgePiece) => number;
}

/** The edges of a wall in one round as the few bundles that the order of work depends on. */
export function bundleTape({ on, pieces, ids, groupOf, offOf }: EdgesToBundle): readonly TapeBundle[] {
  const bundles = new Map<string, Bundling>();
  // Where ends of pieces meet, to the millimetre; the piece that comes second crosses.
  const ends = new Map<number, number>();
  pieces.forEach((piece, index) => {
    const { over, under, upTo, corner, length, centred, path, sealWith, sealPaint, byHand } = piece;
    const underGroup = under === null ? null : groupOf(under);
    const off = offOf(piece);
    const sides = upTo.length === 1 ? `${upTo[0]!.paint} ${upTo[0]!.group}` : JSON.stringify(sorted(upTo));
    const key = `${over}\n${underGroup}\n${sides}\n${corner}\n${sealWith}\n${sealPaint}\n${byHand}\n${off}`;
    let bundle = bundles.get(key);
    if (!bundle) {
      const empty = { metres: 0, curvedMetres: 0, edgeMetres: 0, crossings: 0, pieces: [] };
      bundle = {
        on,
        over,
        underGroup,
        upTo: sorted(upTo),
        corner,
        sealWith,
        sealPaint,
        byHand,
        off,
        ...empty,
      };
      bundles.set(key, bundle);
    }
    if (ids) bundle.pieces.push({ id: ids[index]!, piece });
    bundle.metres += length / 1000;
    if (isCurved(piece)) bundle.curvedMetres += length / 1000;
    bundle.edgeMetres += ((centred ? 2 : 1) * length) / 1000;
    for (const { x, y } of [path[0]!.a, path.at(-1)!.b]) {
      const place = Math.round(x) * widerThanWalls + Math.round(y);
      const met = ends.get(place) ?? 0;
      if (met === 1) bundle.crossings++;
      ends.set(place, met + 1);
    }
  });
  return [...bundles.values()];
}

const sorted = (upTo: readonly PaintedUp[]): readonly PaintedUp[] =>
  upTo.length === 1
    ? upTo
    : [...upTo].sort((a, b) => a.group - b.group || (a.paint < b.paint ? -1 : a.paint > b.paint ? 1 : 0));
