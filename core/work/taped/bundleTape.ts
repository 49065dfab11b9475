import { isCurved } from "../../tape/isCurved";
import type { EdgePiece } from "../../tape/planTape";
import type { Seal } from "../../tape/sealEdge";

/** Tape of one group that lies on one ground, is sealed alike and is painted up to with one colour from one wall. */
export interface TapeBundle {
  readonly group: number;
  readonly over: string | null;
  readonly underGroup: number | null;
  readonly paints: string;
  /** The wall around the corner that is painted up to it; null for its own. */
  readonly corner: string | null;
  readonly sealWith: Seal;
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
 * A wall's pieces of tape as the few bundles that the order of work depends on. `groupOf` is the group of each of the
 * wall's regions (0: left in base).
 */
export function bundleTape(pieces: readonly EdgePiece[], groupOf: readonly number[]): TapeBundle[] {
  const bundles = new Map<string, { -readonly [Key in keyof TapeBundle]: TapeBundle[Key] }>();
  // Where ends of a group's pieces meet, to the millimetre; the piece that comes second crosses.
  const ends = new Map<number, Map<number, number>>();
  for (const piece of pieces) {
    const { group, over, under, paints, corner, length, centred, path, sealWith } = piece;
    const underGroup = under === null ? null : groupOf[under]!;
    const key = `${group}\n${over}\n${underGroup}\n${paints}\n${corner}\n${sealWith}`;
    let bundle = bundles.get(key);
    if (!bundle) {
      bundle = {
        group,
        over,
        underGroup,
        paints,
        corner,
        sealWith,
        metres: 0,
        curvedMetres: 0,
        edgeMetres: 0,
        crossings: 0,
      };
      bundles.set(key, bundle);
    }
    bundle.metres += length / 1000;
    if (isCurved(piece)) bundle.curvedMetres += length / 1000;
    bundle.edgeMetres += ((centred ? 2 : 1) * length) / 1000;
    let own = ends.get(group);
    if (!own) ends.set(group, (own = new Map()));
    for (const { x, y } of [path[0]!.a, path.at(-1)!.b]) {
      const place = Math.round(x) * widerThanWalls + Math.round(y);
      const met = own.get(place) ?? 0;
      if (met === 1) bundle.crossings++;
      own.set(place, met + 1);
    }
  }
  return [...bundles.values()];
}
