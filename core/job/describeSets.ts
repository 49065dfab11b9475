import type { Blindness } from "../colour/difference";
import {
  judgeSet,
  rankSets,
  type SetContrast,
  type SetFault,
  type SetFigures,
  type ShownPattern,
} from "../colour/judgeSets";
import { ownSet } from "../colour/schema";
import type { Speech } from "../findings/speech";
import { seenColours } from "../look/seenColours";
import type { Plan, PlanSet, PlanWall } from "../plan/planTypes";
import type { Job } from "./schema";

/** How the sets of a job look in its pattern, the document's own first; nothing of a job without sets. */
export function describeSets(job: Job, walls: readonly PlanWall[], speech: Speech): Pick<Plan, "sets"> {
  if (job.sets.length === 0) return {};
  const pattern = patternOf(job, walls);
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
  const stays = new Map(job.stays.map(({ id, name }) => [id, name ?? id]));
  const say = sayingOf((id) => stays.get(id) ?? speech.paint(id), job, speech);
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
        why: say(figures[place]!),
      };
    }),
  };
}

/** More colours that touch than these nobody weighs against each other. */
const mostContrasts = 60;

const pairs = (of: readonly (readonly [string, string])[]): [string, string][] => of.map(([a, b]) => [a, b]);

/** All walls together: a set is of the room. */
function patternOf(job: Job, walls: readonly PlanWall[]) {
  const seen = walls.flatMap((plan) => {
    const wall = job.walls.find(({ id }) => id === plan.id);
    return wall ? [seenColours(wall, plan)] : [];
  });
  return {
    colours: seen.flatMap(({ colours }) => colours),
    edges: seen.flatMap(({ edges }) => edges),
  } satisfies ShownPattern;
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
const rounded = (difference: number) => difference.toFixed(1);
const eyes: Record<Blindness, string> = {
  protan: "eyes blind to red",
  deutan: "eyes blind to green",
  tritan: "eyes blind to blue",
};

/** Why a set stands where it does, what speaks against it first. */
const sayingOf = (nameOf: (id: string) => string, job: Job, speech: Speech) => {
  const away = speech.run(job.viewingDistance / 1000);
  const named = ([a, b]: readonly [string, string]) => `${nameOf(a)} and ${nameOf(b)}`;
  const fault = (one: SetFault): string => {
    switch (one.code) {
      case "run-together":
        return `${named(one.contrast.between)} run together from ${away} away: they touch along ${percent(one.contrast.along)} of all edges, and differ by ${rounded(one.contrast.seen)}.`;
      case "like-what-stays":
        return `${named(one.contrast.between)} are nearly one colour, ${rounded(one.contrast.deltaE)} apart.`;
      case "alike-to-some":
        return `${named(one.between)} look alike to ${one.to.map((blindness) => eyes[blindness]).join(", to ")}.`;
      case "nearly-all":
        return `${percent(one.share)} of it is ${one.tone === "middle" ? "neither light nor dark" : one.tone} and quiet: nothing stands out.`;
      case "loud":
        return `Strong colours take ${percent(one.share)} of the walls.`;
      default:
        return one satisfies never;
    }
  };
  const parted = (contrasts: readonly SetContrast[]): string[] => {
    const touching = contrasts.filter(({ along }) => along > 0);
    if (touching.length === 0) return [];
    const [nearest, furthest] = [least(touching), most(touching)];
    const far = `${named(furthest.between)} part most, ${rounded(furthest.seen)} as seen from ${away} away.`;
    return nearest === furthest
      ? [far]
      : [far, `${named(nearest.between)} part least, ${rounded(nearest.seen)}.`];
  };
  return ({ faults, contrasts, tones }: SetFigures): string[] => [
    ...faults.map(fault),
    ...parted(contrasts),
    `Light ${percent(tones.light)}, middle ${percent(tones.middle)}, dark ${percent(tones.dark)}.`,
  ];
};

const least = (all: readonly SetContrast[]) => all.reduce((a, b) => (b.seen < a.seen ? b : a));
const most = (all: readonly SetContrast[]) => all.reduce((a, b) => (b.seen > a.seen ? b : a));
