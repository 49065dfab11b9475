import type { Anew } from "../../rounds/listPasses";
import type { EdgePiece } from "../../tape/tapePiece";
import type { Paint } from "../../paint/schema";
import { varnishCoats } from "../objects/finishObject";
import type { TapeTotal } from "../../tape/totalTape";
import { sealerMlPerM } from "../../trade/constants";
import type { PaintUse, SundryUse } from "../contribution";
import type { Did } from "../act";
import type { StepDraft } from "../step";
import type { WorkInput, WorkWall } from "../workInput";
import { isCurved } from "../../tape/isCurved";

/**
 * What brush and roller put on each wall, by paint: regions, and whole coats of its base and primer, each with all the
 * paint's coats; and what edges are sealed with.
 */
export function coatedPaint({ walls, paints, laid, baseMasks, anew }: WorkInput): PaintUse[] {
  return walls.flatMap((on): PaintUse[] => {
    const { wall, regions, base } = on;
    const painted = new Map<string, number>();
    // What goes on instead of another paint is what the design asks for, only later.
    const anewHere = anew.filter(({ walls, isInstead }) => walls.includes(wall.id) && !isInstead);
    for (const { colour, group, areaM2, isHidden } of regions) {
      if (group === 0 && isHidden) continue;
      painted.set(colour, (painted.get(colour) ?? 0) + (group === 0 ? 0 : areaM2));
    }
    const sealed = sealedMm([...(laid.get(wall.id) ?? []), baseMasks.get(wall.id) ?? []]);
    return [...paints].flatMap(([paint, told]) => {
      const whole = wholeCoats(told, on);
      const own = painted.get(paint);
      if (whole === 0 && own === undefined && !sealed.has(paint)) return [];
      const areaM2 = (own ?? 0) + whole * base.areaM2;
      const sealMm = sealed.get(paint) ?? 0;
      const anewM2 = anewHere
        .filter((one) => one.paint === paint)
        .reduce((sum, one) => sum + one.coats.length * areaOfAnew(one, regions), 0);
      return [
        {
          paint,
          wall: wall.id,
          texture: wall.texture,
          areaM2,
          sealMm,
          ...(anewM2 > 0 && { pastM2: anewM2 }),
        },
      ];
    });
  });
}

const areaOfAnew = ({ paint, regions: own }: Anew, regions: WorkWall["regions"]): number =>
  regions
    .filter(({ id, colour, group }) => group !== 0 && colour === paint && (own?.includes(id) ?? true))
    .reduce((sum, { areaM2 }) => sum + areaM2, 0);

/** What coats are carried past lines, under what comes later there. */
export const carriedPast = (site: WorkInput, drafts: readonly StepDraft[]): PaintUse[] =>
  besideAreas(site, drafts, ({ pastM2 = 0 }) => (pastM2 > 0 ? { pastM2 } : null));

/** What work takes that is done once more. */
export const takenOnceMore = (site: WorkInput, onceMore: readonly StepDraft[]): PaintUse[] =>
  besideAreas(site, onceMore, ({ ml = 0 }) => (ml > 0 ? { onceMoreMl: ml } : null));

/** What work takes of paints beside the areas that are coated, where it takes any. */
function besideAreas(
  { walls }: WorkInput,
  steps: readonly StepDraft[],
  takes: (did: Did) => Pick<PaintUse, "pastM2" | "onceMoreMl"> | null,
): PaintUse[] {
  const textures = new Map(walls.map(({ wall }) => [wall.id, wall.texture]));
  return steps.flatMap(({ wall, does }) =>
    does.flatMap((did): PaintUse[] => {
      const texture = wall === undefined ? undefined : textures.get(wall);
      const taken = takes(did);
      return did.with !== undefined && texture !== undefined && taken
        ? [{ paint: did.with, wall: wall!, texture, areaM2: 0, sealMm: 0, ...taken }]
        : [];
    }),
  );
}

/** mm of edges sealed with each colour; a tape that serves two edges is sealed along both. */
function sealedMm(inRounds: readonly (readonly EdgePiece[])[]): Map<string, number> {
  const sealed = new Map<string, number>();
  for (const pieces of inRounds) {
    for (const { sealPaint, length, centred } of pieces) {
      if (sealPaint === null) continue;
      sealed.set(sealPaint, (sealed.get(sealPaint) ?? 0) + length * (centred ? 2 : 1));
    }
  }
  return sealed;
}

/** How often a paint covers the whole wall, each time with all its coats: as its primer, its base, an object's varnish. */
export const wholeCoats = (paint: Paint, { wall }: WorkWall): number =>
  Number(wall.primer === paint.id) +
  Number(wall.base === paint.id && wall.baseState === "paint") +
  (wall.object?.varnish === paint.id ? varnishCoats(wall, paint) / paint.coats : 0);

/** How often tools are wetted and washed: once for every round that uses the colour, whole coats with the first. */
export function countSessions(paint: string, { walls, rounds, paints }: WorkInput): number {
  const groups = new Set(
    walls.flatMap(({ regions }) =>
      regions.flatMap(({ group, colour }) => (group !== 0 && colour === paint ? [group] : [])),
    ),
  );
  const inRounds = rounds.filter(({ group, paints }) => groups.has(group) && paints.has(paint)).length;
  // Whole coats are in one session with the first round.
  return Math.max(inRounds, walls.some((wall) => wholeCoats(paints.get(paint)!, wall) > 0) ? 1 : 0);
}

/** Tape and sealer, as they are sold. */
export function tapedSundries(site: WorkInput, tape: readonly TapeTotal[]): SundryUse[] {
  const sealed = (seal: "clear" | "white") =>
    sumLaidM(site, ({ sealWith, length, centred }) => (sealWith === seal ? length * (centred ? 2 : 1) : 0)) *
    sealerMlPerM;
  return [
    ...tape.map(({ widthMm, rolls, buyM }) => ({ item: `tape-${widthMm}`, amount: buyM, count: rolls })),
    {
      item: "tape-flexible",
      amount: sumLaidM(site, (piece) => (isCurved(piece) ? piece.length : 0)),
    },
    { item: "brush-wide", amount: floatedColours(site) },
    { item: "sealer-clear", amount: sealed("clear") },
    { item: "sealer-white", amount: sealed("white") },
  ];
}

/** How many colours are floated on at external corners. */
const floatedColours = ({ byHand, walls }: WorkInput): number =>
  new Set([
    ...[...byHand.values()]
      .flat(2)
      .flatMap((piece) => (piece.byHand === "float" ? piece.upTo.map(({ paint }) => paint) : [])),
    ...walls.flatMap(({ wall, base }) => (base.floatMm > 0 ? [wall.base] : [])),
  ]).size;

/** Sums mm over all tape, in every round in which it is laid, as metres. */
function sumLaidM({ laid, baseMasks }: WorkInput, of: (piece: EdgePiece) => number): number {
  let sum = 0;
  for (const pieces of [...[...laid.values()].flat(), ...baseMasks.values()]) {
    for (const piece of pieces) sum += of(piece);
  }
  return sum / 1000;
}
