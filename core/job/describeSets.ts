import { judgeSet, rankSets, reasonsOf } from "../colour/judgeSets";
import { ownSet } from "../colour/schema";
import { describeReason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import { seenOnWalls } from "../look/seenColours";
import type { Plan, PlanSet, PlanWall } from "../plan/planTypes";
import type { Job } from "./schema";

/** How the sets of a job look in its pattern, the document's own first; nothing of a job without sets. */
export function describeSets(job: Job, walls: readonly PlanWall[], speech: Speech): Pick<Plan, "sets"> {
  if (job.sets.length === 0) return {};
  // All walls together: a set is of the room.
  const pattern = seenOnWalls(job.walls, walls);
  const paper = new Map(
    pattern.colours.flatMap(({ colour, hex }) => (hex === undefined ? [] : [[colour, hex]])),
  );
  const paints = new Map(job.paints.map(({ id, hex }) => [id, hex]));
  const room = {
    hexOf: (colour: string) => paints.get(colour) ?? paper.get(colour) ?? "#ffffff",
    stays: job.stays,
    distance: job.viewingDistance,
  };
  const sets = [{ id: ownSet, name: "As it is", paints: {} }, ...job.sets];
  const figures = sets.map((set) => judgeSet(pattern, set.paints, room));
  const ranks = rankSets(figures);
  return {
    sets: sets.map(({ id, name }, place): PlanSet => {
      const { shares, tones, loud, contrasts, alike } = figures[place]!;
      return {
        id,
        name: name ?? id,
        shares: Object.fromEntries(shares),
        balance: { ...tones, quiet: Math.max(0, 1 - loud), loud },
        contrasts: contrasts
          .slice(0, mostContrasts)
          .map(({ between, deltaE, seen }) => ({ between: [...between], deltaE, seen })),
        alike: {
          protan: pairs(alike.protan),
          deutan: pairs(alike.deutan),
          tritan: pairs(alike.tritan),
        },
        rank: ranks[place]!,
        why: reasonsOf(figures[place]!, job.viewingDistance).map((reason) => describeReason(reason, speech)),
      };
    }),
  };
}

/** More colours that touch than these nobody weighs against each other. */
const mostContrasts = 60;

const pairs = (of: readonly (readonly [string, string])[]): [string, string][] => of.map(([a, b]) => [a, b]);
