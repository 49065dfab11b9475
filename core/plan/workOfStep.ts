import type { WorkItem } from "../journal/limits";
import type { PlanDid, PlanStep } from "./planDayTypes";

/** The ids of what a step does by some acts, in their turn; without the paints that are in hand beside. */
export const idsDone = ({ does }: PlanStep, ...acts: readonly PlanDid["act"][]): string[] =>
  does.flatMap(({ act, of, ids }) => (acts.includes(act) && of !== "paint" ? ids : []));

/** The same stretch by stretch; one that is done in several stretches stands in each of them. */
export const idsInStretches = (
  { does, stretches = [] }: PlanStep,
  ...acts: readonly PlanDid["act"][]
): string[][] =>
  stretches.map(({ ids }) =>
    does.flatMap((one, place) =>
      acts.includes(one.act) && one.of !== "paint" ? one.ids.slice(...ids[place]!) : [],
    ),
  );

/** What a step does, as a journal tells it: by its keys, and what it is done with. */
export const workToTell = ({ does, wall: own }: Pick<PlanStep, "does" | "wall">): WorkItem[] =>
  does.map(({ act, wall = own, of, ids, pass, coat, with: paint }) => ({
    act,
    of,
    ids: [...ids],
    ...(wall !== undefined && { wall }),
    ...(pass !== undefined && { pass }),
    ...(coat !== undefined && { coat }),
    ...(paint !== undefined && { with: paint }),
  }));
