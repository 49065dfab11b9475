import type { Cure, Finding } from "../../findings/finding";
import type { Box } from "../../geometry/curve";
import type { OnSurface } from "../../wall/onSurface";
import { openingBox } from "../../wall/openingContour";
import type { Wall } from "../../wall/schema";
import { endPieceOf, kindsOf, rowOf, type Row } from "./bond";
import type { BrickLayout } from "./layout";

/** Less of a face than this is nothing, mm. */
const leastPartMm = 0.5;

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

const widthOf = ({ minX, maxX }: Box): number => maxX - minX;
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

/** A piece under a quarter of a face looks like a mistake. */
export const leastShare = 0.25;
/** The bond is tried in so many places of a pitch. */
const tried = 200;

/** Slivers beside openings, with the shift that loses them. */
export function checkJambs({ spec, strip, bricks, courses, starts }: BrickLayout): Finding[] {
  const leastMm = spec.face.width * leastShare;
  const slivers = bricks.flatMap(({ wall, box, parts, share }) =>
    share === 1
      ? []
      : parts.flatMap((part) =>
          widthOf(part) < leastMm && widthOf(part) < widthOf(box) - leastPartMm ? [{ wall, part }] : [],
        ),
  );
  if (slivers.length === 0) return [];
  const least = slivers.reduce((a, b) => (widthOf(b.part) < widthOf(a.part) ? b : a));
  const { minX, minY, maxY } = least.part;
  const from = starts.get(strip.parts[0]!.wall.id)!;
  const better = shiftFor({ spec, strip, courses }, from);
  const [pieces, width] = [slivers.length, widthOf(least.part)];
  const cure: Cure | undefined =
    better === null
      ? undefined
      : {
          kind: "shift-bond",
          count: better.least,
          finish: spec.id,
          set: { start: { at: from + better.by } },
        };
  return [
    {
      own: true,
      code: "jamb-sliver",
      severity: "check",
      values: { wall: least.wall, pieces, width, face: spec.face.width, shift: better?.by ?? null },
      at: { x: minX, y: (minY + maxY) / 2 },
      ...(cure && { cure }),
    },
  ];
}

type Bond = Pick<BrickLayout, "spec" | "strip" | "courses">;

/** The least shift from a start that leaves no piece under a quarter of a face at ends and jambs; null where none does. */
function shiftFor(bond: Bond, from: number): { readonly by: number; readonly least: number } | null {
  const pitch = bond.spec.face.width + bond.spec.joint;
  const shifts = Array.from({ length: tried }, (_, index) => (pitch * (index - tried / 2)) / tried).sort(
    (a, b) => Math.abs(a) - Math.abs(b),
  );
  for (const by of shifts) {
    const least = narrowest(bond, from + by);
    if (least >= bond.spec.face.width * leastShare) return { by: Math.round(by), least };
  }
  return null;
}

/** The narrowest piece at an end or a jamb where the first course has a brick that begins at `from`. */
function narrowest({ spec, strip, courses }: Bond, from: number): number {
  let least = endPieceOf(spec, from, courses.count, strip.extent);
  for (const { wall, offset } of strip.parts)
    for (const opening of wall.openings) {
      const { minX, maxX } = openingBox(opening, opening.casing);
      for (let course = 0; course < kindsOf(spec, courses.count); course++) {
        const row = rowOf(spec, course, from - offset);
        least = Math.min(least, leftOf(row, minX), rightOf(row, maxX));
      }
    }
  return least;
}

/** What of a brick is left to the left of a place; Infinity in a joint. */
function leftOf({ from, width, pitch }: Row, x: number): number {
  const within = x - from - Math.floor((x - from) / pitch) * pitch;
  return within < leastPartMm || within >= width ? Infinity : within;
}

const rightOf = (row: Row, x: number): number => {
  const left = leftOf(row, x);
  return left === Infinity || row.width - left < leastPartMm ? Infinity : row.width - left;
};
