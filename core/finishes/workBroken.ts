import type { Finding } from "../findings/finding";
import type { BrokenCoat } from "../work/broken/coats";
import { edgeOf, type BrokenWall } from "../work/broken/steps";
import { maskSundry } from "../work/maskEdge";
import type { Contribution, PaintUse, SundryUse, Table } from "../work/contribution";
import type { StepDraft } from "../work/step";
import type { FinishPart, Site } from "./defineCraft";

/** Where what it lies on is not to be seen: it is told, since nothing is done then. */
const overNothing = ({ walls }: Pick<FinishPart<unknown>, "walls">, thing: string): Finding[] =>
  walls.some(({ covered }) => covered !== null)
    ? []
    : [{ code: "off-wall", severity: "check", values: { thing }, at: null }];

/** Narrower than this on the average no tool of broken colour works, mm. */
const leastWidthMm = 60;

/** Where it lies on strips that none of its tools finds room in: twice the area over the edge is their width. */
function tooNarrow({ covered }: BrokenWall, thing: string): Finding[] {
  const widthMm = (2 * covered.areaM2 * 1000) / covered.edgeM;
  if (widthMm >= leastWidthMm) return [];
  return [{ code: "no-room", severity: "check", at: null, values: { thing, widthMm } }];
}

type BrokenPart = FinishPart<{ readonly spec: { readonly id: string } }>;

/** The walls of a share that anything of it lies on, as their steps want them. */
const brokenWalls = (
  { layout, walls }: BrokenPart,
  { work, paints, ready, readyForTape }: Site,
): BrokenWall[] =>
  walls.flatMap(({ wall, covered }, index): BrokenWall[] => {
    if (!covered) return [];
    const finish = layout.spec.id;
    const named = index === 0 ? finish : `${finish}/${wall.id}`;
    return [
      { named, wall, covered, finish, work, paints, ready: ready(wall), readyForTape: readyForTape(wall) },
    ];
  });

/** What a finish of broken colour says of its own: how a wall is coated, what is bought for that, and what is wrong. */
interface BrokenWork {
  /** What it is called where it lies on nothing. */
  readonly thing: string;
  coatsOf(on: BrokenWall): BrokenCoat[];
  stepsOn(on: BrokenWall, coats: readonly BrokenCoat[]): StepDraft[];
  paintOn(on: BrokenWall): PaintUse[];
  /** Where there is a wall to coat. */
  sundriesFor(walls: readonly BrokenWall[]): SundryUse[];
  findingsOn(on: BrokenWall, coats: readonly BrokenCoat[]): readonly Finding[];
  tableOf?(on: BrokenWall, coats: readonly BrokenCoat[]): Table;
}

/** The work of broken colour on all its walls. */
export function workBroken(share: BrokenPart, site: Site, own: BrokenWork): Contribution {
  const walls = brokenWalls(share, site).map((on) => ({ on, coats: own.coatsOf(on) }));
  const all = walls.map(({ on }) => on);
  return {
    steps: walls.flatMap(({ on, coats }) => own.stepsOn(on, coats)),
    paint: all.flatMap((on) => own.paintOn(on)),
    sundries: [...maskSundry(all.map(edgeOf)), ...(all.length > 0 ? own.sundriesFor(all) : [])],
    tables: walls.flatMap(({ on, coats }) => own.tableOf?.(on, coats) ?? []),
    findings: [
      ...overNothing(share, own.thing),
      ...all.flatMap((on) => tooNarrow(on, own.thing)),
      ...walls.flatMap(({ on, coats }) => own.findingsOn(on, coats)),
    ],
    coats: walls.flatMap(({ coats }) => coats),
  };
}
