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

/** Work that is told of piece by piece: paint that is in hand beside, tools and the room are not. */
const inPieces: ReadonlySet<PlanDid["of"]> = new Set([
  "region",
  "section",
  "tape",
  "mark",
  "print",
  "brick",
  "drop",
]);

/** A piece of a step's work by which one tells how far one is. */
export interface Piece {
  readonly did: PlanDid;
  readonly id: string;
}

/** The pieces of what a step does first of all that is told piece by piece, in their turn; none of what is done all at once. */
export function piecesOf({ does }: Pick<PlanStep, "does">): Piece[] {
  const main = does.find(({ of, ids }) => inPieces.has(of) && ids.length > 1);
  return main ? main.ids.map((id) => ({ did: main, id })) : [];
}

/**
 * The work of a step up to one of its pieces: of a step in stretches all that is done up to the end of the last one that the piece stands
 * in, else that piece and those before it.
 */
export function workUpTo(
  step: Pick<PlanStep, "does" | "wall" | "stretches">,
  { did, id }: Piece,
): WorkItem[] {
  const { does, stretches = [] } = step;
  const main = does.indexOf(did);
  const place = did.ids.indexOf(id);
  const last = stretches.findLastIndex(({ ids }) => ids[main]![0] <= place && place < ids[main]![1]);
  const ends = does.map((one, index) => {
    if (last < 0) return one === did ? place + 1 : 0;
    return Math.max(0, ...stretches.slice(0, last + 1).map(({ ids }) => ids[index]?.[1] ?? 0));
  });
  const done = does.flatMap((one, index) =>
    ends[index]! > 0 && one.of !== "paint" ? [{ ...one, ids: one.ids.slice(0, ends[index]) }] : [],
  );
  return workToTell({ ...step, does: done });
}

/** Of what is done by an act, what was done to some ids: told to be done once more, it is done there. */
export const workDoneTo = (
  steps: readonly PlanStep[],
  act: PlanDid["act"],
  ids: ReadonlySet<string>,
): WorkItem[] =>
  steps
    .filter(({ state }) => state === "done")
    .flatMap(workToTell)
    .filter((one) => one.act === act)
    .map((one) => ({ ...one, ids: one.ids.filter((id) => ids.has(id)) }))
    .filter((one) => one.ids.length > 0);
