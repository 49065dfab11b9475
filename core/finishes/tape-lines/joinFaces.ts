import { curveLength } from "../../geometry/curve";
import { groupBy } from "../../geometry/groupBy";
import type { Point } from "../../geometry/point";
import { matchCorner } from "../../pattern/matchCorner";
import type { WallFaces } from "./findFaces";

/** A face of the unfolded strip: its pieces on the walls that it goes over, and the faces that it shares more than a point with. */
export interface StripFace {
  /** In the strip, in the middle of its first piece. */
  readonly at: Point;
  readonly neighbours: ReadonlySet<number>;
}

export interface JoinedFaces {
  readonly faces: readonly StripFace[];
  /** Which of them the pieces of each wall belong to. */
  readonly faceOf: readonly (readonly number[])[];
}

/** Two faces that share less edge than this only touch. */
const touchMm = 1;

/**
 * Faces that go on around a corner are one. Where the ends of the walls lean, a line meets them at heights that differ
 * a little; pieces belong together when they share more than half of the shorter one's end. What is coloured on its own
 * wall only ends at the corner.
 */
export function joinFaces(
  walls: readonly Pick<WallFaces, "faces" | "edges" | "part">[],
  isNext: (first: number, second: number) => boolean,
  endsAtCorner: (wall: number, piece: number) => boolean = () => false,
): JoinedFaces {
  const starts: number[] = [];
  let count = 0;
  for (const { faces } of walls) {
    starts.push(count);
    count += faces.length;
  }
  const shared = new Map<number, number>();
  const share = (a: number, b: number, length: number) => {
    const key = Math.min(a, b) * count + Math.max(a, b);
    shared.set(key, (shared.get(key) ?? 0) + length);
  };
  const leader = Array.from({ length: count }, (_, piece) => piece);
  const leaderOf = (piece: number): number => (leader[piece] === piece ? piece : leaderOf(leader[piece]!));
  walls.forEach(({ edges }, wall) => {
    const start = starts[wall]!;
    for (const { left, right, curve } of edges) {
      if (left !== null && right !== null) share(start + left, start + right, curveLength(curve));
    }
    const next = walls[wall + 1];
    if (!next || !isNext(wall, wall + 1)) return;
    const touches = matchCorner({ edges }, next).map((touch) => ({
      ...touch,
      length: curveLength(touch.onFirst),
    }));
    const onEnd = (side: "first" | "second") =>
      new Map(
        [...groupBy(touches, (touch) => touch[side])].map(([face, own]) => [
          face,
          own.reduce((sum, { length }) => sum + length, 0),
        ]),
      );
    const [ends, others] = [onEnd("first"), onEnd("second")];
    for (const { first, second, length } of touches) {
      const [a, b] = [start + first, starts[wall + 1]! + second];
      const isOne =
        length > Math.min(ends.get(first)!, others.get(second)!) / 2 &&
        !endsAtCorner(wall, first) &&
        !endsAtCorner(wall + 1, second);
      if (isOne) leader[Math.max(leaderOf(a), leaderOf(b))] = Math.min(leaderOf(a), leaderOf(b));
      else share(a, b, length);
    }
  });
  const leaders = leader.flatMap((_, piece) => (leaderOf(piece) === piece ? [piece] : []));
  const faceOfLeader = new Map(leaders.map((piece, face) => [piece, face]));
  const faceOfPiece = leader.map((_, piece) => faceOfLeader.get(leaderOf(piece))!);
  const neighbours = leaders.map(() => new Set<number>());
  for (const [key, length] of shared) {
    const [a, b] = [faceOfPiece[Math.floor(key / count)]!, faceOfPiece[key % count]!];
    if (length <= touchMm || a === b) continue;
    neighbours[a]!.add(b);
    neighbours[b]!.add(a);
  }
  const middles = walls.flatMap(({ faces, part }) =>
    faces.map(({ at }) => ({ x: at.x + part.offset, y: at.y })),
  );
  return {
    faces: leaders.map((piece, face) => ({ at: middles[piece]!, neighbours: neighbours[face]! })),
    faceOf: walls.map(({ faces }, wall) => faces.map((_, piece) => faceOfPiece[starts[wall]! + piece]!)),
  };
}
