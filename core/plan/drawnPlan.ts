import type { Contour } from "../geometry/curve";
import { flattenContour } from "../geometry/flatten";
import type { DrawnPrint, DrawnWall } from "../pattern/walkWall";
import type { PlanPoint, PlanWall } from "./planTypes";

type Ring = readonly PlanPoint[];

/** Its lower left corner first, counter-clockwise. */
const boxRing = (minX: number, minY: number, maxX: number, maxY: number): PlanPoint[] => [
  [minX, minY],
  [maxX, minY],
  [maxX, maxY],
  [minX, maxY],
];

const shapes = {
  ringOf: (contour: Contour) => flattenContour(contour).map(({ x, y }): PlanPoint => [x, y]),
  boxRing,
};

/** What a printed plan has on a wall, to be drawn by its points; of a wall without a plan yet, nothing but what is in it. */
export const drawnPlan = (plan: PlanWall | null): DrawnWall<Ring> => ({
  regions: (plan?.regions ?? []).map(({ id, colour, name, outline, holes }) => {
    return { id, colour, name, rings: [outline, ...holes] };
  }),
  effects: plan?.effects ?? [],
  sheets: (plan?.sheets ?? []).map(({ finish, hex, repeat, drops }) => ({
    finish,
    hex,
    repeat,
    list: drops,
  })),
  bricks: (plan?.bricks ?? []).map(({ finish, list }) => ({
    finish,
    list: list.map((brick) => {
      const [x, y, width, height] = brick.box;
      return { brick, ring: boxRing(x, y, x + width, y + height) };
    }),
  })),
  prints: plan ? drawnPrints(plan) : [],
  lines: [],
  ...shapes,
});

function drawnPrints({ prints = [], motifs = [] }: PlanWall): DrawnPrint<Ring>[] {
  const byOverlay = new Map<string, DrawnPrint<Ring>["parts"]>();
  const partsOf = (name: string, overlay: string) => {
    const key = `${name} ${overlay}`;
    const own = motifs.find(({ id }) => id === name)?.cutouts.filter((cutout) => cutout.overlay === overlay);
    const parts =
      byOverlay.get(key) ?? own?.map(({ colour, contours }) => ({ paint: colour, rings: contours })) ?? [];
    byOverlay.set(key, parts);
    return parts;
  };
  return prints.flatMap(({ finish, list }) =>
    list.map(({ id, overlay, motif, kept, at: [x, y], turn, mirrored }) => {
      const print = { id, finish, overlay };
      return kept
        ? {
            ...print,
            parts: kept.map(({ colour, contours }) => ({ paint: colour, rings: contours })),
            pose: null,
          }
        : {
            ...print,
            parts: partsOf(motif, overlay),
            pose: { at: { x, y }, turn, mirrored: mirrored === true },
          };
    }),
  );
}
