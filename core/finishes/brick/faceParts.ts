import { boxAroundBoth, type Box } from "../../geometry/curve";
import type { OnSurface } from "../../wall/onSurface";
import { openingBox } from "../../wall/openingContour";
import type { Wall } from "../../wall/schema";

/** Less of a face than this is nothing, mm. */
export const leastPartMm = 0.5;

/**
 * What openings leave of a face, each piece as the upright box around it: what is stamped. A face that goes around the
 * corner of an opening is two pieces, cut so that one is as large as can be.
 */
export function partsOfFace(box: Box, { openings }: Wall, on: OnSurface): Box[] {
  const holes = openings.map((opening) => openingBox(opening, opening.casing));
  const upright = columnsOf(box, holes);
  const level = columnsOf(turned(box), holes.map(turned)).map(turned);
  const pieces = largest(level) > largest(upright) ? level : upright;
  // What a slope or an arch cuts besides has the size of the box around it.
  return pieces.flatMap((piece) => {
    const within = on.within(piece).box;
    return within && widthOf(within) > leastPartMm && heightOf(within) > leastPartMm ? [within] : [];
  });
}

/** Rows for columns. */
const turned = ({ minX, minY, maxX, maxY }: Box): Box => ({ minX: minY, minY: minX, maxX: maxY, maxY: maxX });
const largest = (pieces: readonly Box[]): number =>
  Math.max(0, ...pieces.map((piece) => widthOf(piece) * heightOf(piece)));

/** What holes leave of a box, cut along their sides from foot to top. */
function columnsOf(box: Box, holes: readonly Box[]): Box[] {
  const xs = [...new Set([box.minX, box.maxX, ...holes.flatMap(({ minX, maxX }) => [minX, maxX])])]
    .filter((x) => x >= box.minX && x <= box.maxX)
    .sort((a, b) => a - b);
  const pieces: Box[] = [];
  for (const [index, maxX] of xs.slice(1).entries()) {
    const minX = xs[index]!;
    const across = holes.filter((hole) => hole.minX < maxX && hole.maxX > minX);
    for (const [minY, maxY] of freeOf(box, across)) {
      const beside = pieces.findIndex((own) => own.maxX === minX && own.minY === minY && own.maxY === maxY);
      if (beside >= 0) pieces[beside] = { ...pieces[beside]!, maxX };
      else pieces.push({ minX, maxX, minY, maxY });
    }
  }
  return pieces;
}

export const widthOf = ({ minX, maxX }: Box): number => maxX - minX;
/** The boxes around what hangs together of some pieces: one that goes around a corner reads as one. */
export function joinedParts(parts: readonly Box[]): Box[] {
  const joined: Box[] = [];
  for (const part of parts) {
    const at = joined.findIndex((own) => touches(own, part));
    if (at < 0) joined.push(part);
    else joined[at] = boxAroundBoth(joined[at]!, part);
  }
  return joined;
}

const touches = (a: Box, b: Box): boolean =>
  a.minX <= b.maxX + leastPartMm &&
  b.minX <= a.maxX + leastPartMm &&
  a.minY <= b.maxY + leastPartMm &&
  b.minY <= a.maxY + leastPartMm;

const heightOf = ({ minY, maxY }: Box): number => maxY - minY;

/** What holes leave of a box's height. */
function freeOf({ minY, maxY }: Box, holes: readonly Box[]): [number, number][] {
  const free: [number, number][] = [];
  let from = minY;
  for (const hole of [...holes].sort((a, b) => a.minY - b.minY)) {
    if (hole.minY > from && hole.minY < maxY) free.push([from, hole.minY]);
    from = Math.max(from, hole.maxY);
  }
  if (from < maxY) free.push([from, maxY]);
  return free;
}
