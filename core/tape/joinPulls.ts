import { dot, subtract } from "../geometry/point";
import { lengthOf } from "../geometry/trig";
import { isCurved } from "./isCurved";
import type { EdgePiece } from "./tapePiece";

/** Ends this near are one place: the tape runs on over it. mm. */
const touchMm = 1;
/** Lines this near to each other are one: mm across, and as a direction. */
const acrossMm = 0.1;
const directionStep = 1e-5;

/** What is laid in one go: a length and a width. */
export interface Pull {
  readonly length: number;
  readonly width: number;
}

/**
 * The straight pieces of one round that go on from each other in one line, as the one length in which they are laid: a tape
 * runs across a junction. Curves stay as they are.
 */
export function joinPulls(pieces: readonly EdgePiece[]): Pull[] {
  const lines = new Map<string, { from: number; to: number; width: number }[]>();
  const pulls: Pull[] = [];
  for (const piece of pieces) {
    const { path, length, width, lies, against, centred } = piece;
    const [a, b] = [path[0]!.a, path.at(-1)!.b];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const size = lengthOf(dx, dy);
    if (isCurved(piece) || size < touchMm) {
      pulls.push({ length, width });
      continue;
    }
    const sign = dx > directionStep || (Math.abs(dx) <= directionStep && dy > 0) ? 1 : -1;
    const along = { x: (sign * dx) / size, y: (sign * dy) / size };
    const across = along.x * a.y - along.y * a.x;
    const places = [along.x / directionStep, along.y / directionStep, across / acrossMm].map(Math.round);
    const key = [...places, width, centred ? "" : lies, against].join();
    const origin = { x: 0, y: 0 };
    const ends = [a, b].map((end) => dot(subtract(end, origin), along));
    const own = { from: Math.min(...ends), to: Math.max(...ends), width };
    const others = lines.get(key);
    if (others) others.push(own);
    else lines.set(key, [own]);
  }
  for (const line of lines.values()) {
    let last: { from: number; to: number; width: number } | null = null;
    for (const stretch of line.sort((p, q) => p.from - q.from)) {
      if (last && stretch.from <= last.to + touchMm) last.to = Math.max(last.to, stretch.to);
      else {
        if (last) pulls.push({ length: last.to - last.from, width: last.width });
        last = { ...stretch };
      }
    }
    if (last) pulls.push({ length: last.to - last.from, width: last.width });
  }
  return pulls;
}
