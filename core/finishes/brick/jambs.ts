import type { Cure, Finding } from "../../findings/finding";
import { openingBox } from "../../wall/openingContour";
import { endPieceOf, kindsOf, rowOf, type Row } from "./bond";
import { joinedParts, leastPartMm, widthOf } from "./faceParts";
import type { BrickLayout } from "./layout";

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
      : joinedParts(parts).flatMap((part) =>
          widthOf(part) < leastMm && widthOf(part) < widthOf(box) - leastPartMm ? [{ wall, part }] : [],
        ),
  );
  if (slivers.length === 0) return [];
  const least = slivers.reduce((a, b) => (widthOf(b.part) < widthOf(a.part) ? b : a));
  const { minX, minY, maxY } = least.part;
  const from = starts.get(strip.parts[0]!.wall.id)!;
  // A bond that goes around an outside corner stays there.
  const isFree = new Set(starts.values()).size === 1;
  const better = isFree ? shiftFor({ spec, strip, courses }, from) : null;
  const [pieces, width] = [slivers.length, widthOf(least.part)];
  const cure: Cure | undefined =
    better === null
      ? undefined
      : {
          kind: "shift-bond",
          count: better.least,
          finish: spec.id,
          set: { start: { at: better.at } },
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
function shiftFor(
  bond: Bond,
  from: number,
): { readonly by: number; readonly at: number; readonly least: number } | null {
  const pitch = bond.spec.face.width + bond.spec.joint;
  const shifts = Array.from({ length: tried }, (_, index) => (pitch * (index - tried / 2)) / tried).sort(
    (a, b) => Math.abs(a) - Math.abs(b),
  );
  for (const by of shifts) {
    const least = narrowest(bond, from + by);
    if (least < bond.spec.face.width * leastShare) continue;
    // Told at the left: whole pitches further it is the same bond.
    const { minX } = bond.strip.extent;
    const beyond = from + by - minX;
    return { by: Math.round(by), at: minX + beyond - Math.floor(beyond / pitch) * pitch, least };
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
