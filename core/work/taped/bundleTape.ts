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
}

/** A place as one number: no coordinate comes near to this, mm. */
const widerThanWalls = 1e7;

/**
 * The edges of a wall in one round as the few bundles that the order of work depends on, and which of them each piece is
 * of. `groupOf` is the group of each of the wall's regions (0: left in base), `offOf` the round in which a piece comes off.
 */
export function bundleTape(
  pieces: readonly EdgePiece[],
  groupOf: (region: number) => number,
  offOf: (piece: EdgePiece) => number,
): { readonly bundles: readonly TapeBundle[]; readonly bundleOf: readonly TapeBundle[] } {
  const bundles = new Map<string, { -readonly [Key in keyof TapeBundle]: TapeBundle[Key] }>();
  // Where ends of pieces meet, to the millimetre; the piece that comes second crosses.
  const ends = new Map<number, number>();
  const bundleOf = pieces.map((piece) => {
    const { over, under, upTo, corner, length, centred, path, sealWith, sealPaint, byHand } = piece;
    const underGroup = under === null ? null : groupOf(under);
    const off = offOf(piece);
    const sides = upTo.length === 1 ? `${upTo[0]!.paint} ${upTo[0]!.group}` : JSON.stringify(sorted(upTo));
    const key = `${over}\n${underGroup}\n${sides}\n${corner}\n${sealWith}\n${sealPaint}\n${byHand}\n${off}`;
    let bundle = bundles.get(key);
    if (!bundle) {
      const lengths = { metres: 0, curvedMetres: 0, edgeMetres: 0, crossings: 0 };
      bundle = { over, underGroup, upTo: sorted(upTo), corner, sealWith, sealPaint, byHand, off, ...lengths };
      bundles.set(key, bundle);
    }
    bundle.metres += length / 1000;
    if (isCurved(piece)) bundle.curvedMetres += length / 1000;
    bundle.edgeMetres += ((centred ? 2 : 1) * length) / 1000;
    for (const { x, y } of [path[0]!.a, path.at(-1)!.b]) {
      const place = Math.round(x) * widerThanWalls + Math.round(y);
      const met = ends.get(place) ?? 0;
      if (met === 1) bundle.crossings++;
      ends.set(place, met + 1);
    }
    return bundle;
  });
  return { bundles: [...bundles.values()], bundleOf };
}

const sorted = (upTo: readonly PaintedUp[]): readonly PaintedUp[] =>
  upTo.length === 1
    ? upTo
    : [...upTo].sort((a, b) => a.group - b.group || (a.paint < b.paint ? -1 : a.paint > b.paint ? 1 : 0));
