import type { Share, ShareOfWall, Site } from "../finishes/defineFinish";
import { finishOf, type AnyLayout } from "../finishes/registry";
import type { Contribution } from "../work/contribution";
import { groundReady } from "../work/room/groundReady";
import type { WorkSite } from "../work/site";
import { waitFor, type Wait } from "../work/step";
import type { LaidOutJob } from "./layOutJob";
import type { JobFinish } from "./schema";

/** What one finish brings. */
export type OwnContribution = Contribution & { readonly finish: string };

/** What the finishes of a job do beside taped paint, each on the walls that it lies on, in the job's order. */
export function contributionsOf(
  laidOut: LaidOutJob,
  { work, paints }: WorkSite,
  ready: ReadonlyMap<string, readonly Wait[]>,
): OwnContribution[] {
  const site: Site = {
    work,
    paints,
    rate: (name) => (work.rates as Readonly<Record<string, number>>)[name]!,
    ready: (wall) => [waitFor(`${wall.id}/mark`), ...groundReady(wall), ...(ready.get(wall.id) ?? [])],
  };
  return laidOut.job.finishes.flatMap((finish): OwnContribution[] => {
    const definition = finishOf(finish.kind);
    const share = definition.work && shareOf(finish, laidOut);
    return share ? [{ finish: finish.id, ...definition.work!(share, site) }] : [];
  });
}

/** A finish's part of the walls that are laid out; null where there are none. */
function shareOf({ id }: JobFinish, { walls }: LaidOutJob): Share<AnyLayout> | null {
  let layout: AnyLayout | null = null;
  const own = walls.flatMap(({ wall, laid, surfaceM2, finishes }): ShareOfWall[] => {
    const here = finishes.find(({ finish }) => finish.id === id);
    if (!laid || !here) return [];
    layout = here.layout;
    const { regions, motifs, placements, effects } = laid.pattern;
    const isOwn = ({ finish }: { readonly finish: string | null }) => finish === id;
    return [
      {
        wall,
        surfaceM2,
        regions: regions.filter(isOwn),
        motifs: motifs.filter(isOwn),
        placements: placements.filter(isOwn),
        effects: effects.filter(isOwn),
      },
    ];
  });
  return layout && { layout, walls: own };
}
