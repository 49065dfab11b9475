import type { FinishPart, PartOfWall, Site } from "../finishes/defineCraft";
import { craftOf } from "../finishes/crafts";
import type { AnyLayout } from "../finishes/registry";
import type { Contribution } from "../work/contribution";
import { KeepingAll } from "../geometry/keeping";
import type { Box } from "../geometry/curve";
import { isOnBareBase } from "../pattern/onBareBase";
import { coveredBy } from "../pattern/covered";
import { wallReady } from "../work/room/besideBases";
import type { Wall } from "../wall/schema";
import type { WorkInput } from "../work/workInput";
import type { StepDraft, Wait } from "../work/step";
import { paintsIn } from "../work/act";
import { tapedOver } from "../work/tapedOver";
import type { Paint } from "../paint/schema";
import { recoatable, touchDry } from "../work/touchDry";
import type { LaidOutJob } from "./orderedWall";
import type { JobFinish } from "./schema";

/** What one finish brings. */
export type OwnContribution = Contribution & { readonly finish: string };

/** What each wall waits for: until all that is painted there is on, and until its base is. */
export interface ReadyWalls {
  readonly ready: ReadonlyMap<string, readonly Wait[]>;
  readonly based: ReadonlyMap<string, readonly Wait[]>;
}

/** What the finishes of a job do beside taped paint, each on the walls that it lies on, in the job's order. */
export function contributionsOf(
  laidOut: LaidOutJob,
  { work, paints, walls }: WorkInput,
  { ready, based }: ReadyWalls,
): OwnContribution[] {
  // What an earlier finish has put on a wall takes another one: prints once they are dry, coats as they take a further one.
  const before: StepDraft[] = [];
  const dryBefore = (wall: Wall) =>
    before
      .filter((step) => step.wall === wall.id && step.phase === "colour")
      .map((step) =>
        step.does.some(({ act }) => act === "coat") ? recoatable(step, paints) : touchDry(step, paints),
      );
  const readyOn = (wall: Wall, done = ready) => [
    ...walls.filter((on) => on.wall.id === wall.id).flatMap((on) => wallReady(on, paints)),
    ...(done.get(wall.id) ?? []),
    ...dryBefore(wall),
  ];
  const isBare = (wall: Wall, boxes: readonly Box[]): boolean => {
    const on = laidOut.walls.find((own) => own.wall.id === wall.id);
    return on?.laid != null && isOnBareBase(on.laid.pattern, on.groups, boxes);
  };
  /** The paints that lie on a wall by then: its own, those of its pieces, and what earlier finishes have put there. */
  const lyingOn = (wall: Wall): Paint[] => {
    const regions = walls.filter((on) => on.wall.id === wall.id).flatMap((on) => on.regions);
    const put = before.flatMap((step) => (step.wall === wall.id ? paintsIn(step) : []));
    const ids = new Set([
      wall.base,
      ...(wall.primer === undefined ? [] : [wall.primer]),
      ...regions.map(({ colour }) => colour),
      ...put,
    ]);
    return [...ids].map((id) => paints.get(id)!);
  };
  const site: Site = {
    work,
    paints,
    rate: (name) => (work.rates as Readonly<Record<string, number>>)[name]!,
    ready: (wall) => readyOn(wall),
    readyForTape: (wall, boxes) => {
      const done = boxes && isBare(wall, boxes) ? based : ready;
      const lying = lyingOn(wall);
      return readyOn(wall, done).map((wait) => tapedOver(wait, lying));
    },
  };
  return laidOut.job.finishes.flatMap((finish): OwnContribution[] => {
    const craft = craftOf(finish.kind);
    const share = craft.work && shareOf(finish, laidOut);
    if (!share) return [];
    const contribution = craft.work!(share, site);
    before.push(...contribution.steps);
    return [{ finish: finish.id, ...contribution }];
  });
}

/** By the walls that it is of: both schools of rounds ask for the same. */
const keptShares = new KeepingAll<FinishPart<AnyLayout> | null>();

const shareOf = (finish: JobFinish, laidOut: LaidOutJob): FinishPart<AnyLayout> | null =>
  keptShares.answer(laidOut.walls, finish.id, () => makeShare(finish, laidOut));

/** A finish's part of the walls that are laid out; null where there are none. */
function makeShare({ id }: JobFinish, { walls }: LaidOutJob): FinishPart<AnyLayout> | null {
  let layout: AnyLayout | null = null;
  const own = walls.flatMap(({ wall, laid, surfaceM2, finishes }): PartOfWall[] => {
    const here = finishes.find(({ finish }) => finish.id === id);
    if (!laid || !here) return [];
    layout = here.layout;
    const { regions, motifs, placements, effects, bricks, sheets } = laid.pattern;
    const isOwn = ({ finish }: { readonly finish: string | null }) => finish === id;
    return [
      {
        wall,
        surfaceM2,
        regions: regions.filter(isOwn),
        motifs: motifs.filter(isOwn),
        placements: placements.filter(isOwn),
        effects: effects.filter(isOwn),
        bricks: bricks.filter(isOwn),
        sheets: sheets.filter(isOwn),
        covered: coveredBy(effects.filter(isOwn), laid.pattern),
      },
    ];
  });
  return layout && { layout, walls: own };
}
