import { finishOf } from "../finishes/registry";
import { setIn } from "../finishes/applyChange";
import { withoutBoardsOf, type Boarded } from "./boardsOfDocument";
import type { Job } from "./schema";

/** A document as far as its colours are changed; as it is written. */
interface Coloured extends Boarded {
  readonly walls: readonly object[];
  readonly finishes: readonly object[];
  readonly sets?:
    | readonly { readonly id: string; readonly name?: string; readonly paints?: Record<string, string> }[]
    | undefined;
}

const wallPaths = [
  ["base"],
  ["primer"],
  ["object", "varnish"],
  ["ceiling", "colour"],
  ["floorTrim", "colour"],
] as const;

/** Which stand-ins of a set go on otherwise than what they are in place of: with those it cannot be painted. */
export const unlikeStandIns = (job: Job, id: string): { readonly slot: string; readonly paint: string }[] => {
  const materialOf = new Map(job.paints.map((paint) => [paint.id, paint.material]));
  const set = job.sets.find((one) => one.id === id);
  return Object.entries(set?.paints ?? {})
    .map(([slot, paint]) => ({ slot, paint }))
    .filter(({ slot, paint }) => materialOf.get(slot) !== materialOf.get(paint));
};

/**
 * A document painted in the colours of one of its sets: its paints stand wherever those stood that they are in place of. The other
 * sets still show what they showed, and what it was itself is a set, too. A base that becomes another one is to be painted.
 */
export function takeSet<Document extends Coloured>(
  document: Document,
  job: Job,
  id: string,
  was: { id: string; name: string },
): Document {
  const chosen = job.sets.find((set) => set.id === id);
  if (!chosen) throw new RangeError(`there is no set ${id}`);
  if (unlikeStandIns(job, id).length > 0) throw new RangeError(`${id} has paints that go on otherwise`);
  const inPlace = (paint: string): string => chosen.paints[paint] ?? paint;
  const walls = document.walls.map((wall, index) => recoloured(wall, job.walls[index]!, inPlace));
  const finishes = document.finishes.map((finish, index) => {
    const own = job.finishes[index]!;
    return finishOf(own.kind)
      .paints(own)
      .reduce((changed, { path, id: paint }) => put(changed, path, inPlace(paint), paint), finish);
  });
  const others = (document.sets ?? []).filter((set) => set.id !== id);
  return {
    ...withoutBoardsOf(document, { set: id }),
    walls,
    finishes,
    sets: [
      ...others.map((set) => ({
        ...set,
        paints: from(chosen.paints, (slot) => set.paints?.[slot] ?? slot, set.paints ?? {}),
      })),
      { ...was, paints: from(chosen.paints, (slot) => slot, {}) },
    ],
  };
}

/** What stood for a slot stands for the paint that has come into its place. */
function from(
  chosen: Readonly<Record<string, string>>,
  shownFor: (slot: string) => string,
  own: Readonly<Record<string, string>>,
): Record<string, string> {
  const paints: Record<string, string> = {};
  for (const [slot, paint] of Object.entries(own)) if (!Object.hasOwn(chosen, slot)) paints[slot] = paint;
  for (const [slot, now] of Object.entries(chosen)) if (now !== shownFor(slot)) paints[now] = shownFor(slot);
  return paints;
}

/** With another paint at a path, where the document names one there. */
function put<Value extends object>(
  value: Value,
  path: readonly (string | number)[],
  to: string,
  was: string,
): Value {
  const at = path.reduce<unknown>(
    (inner, key) => (inner as Record<string | number, unknown> | undefined)?.[key],
    value,
  );
  return at === was && to !== was ? setIn(value, path, to) : value;
}

function recoloured(wall: object, own: Job["walls"][number], inPlace: (paint: string) => string): object {
  const changed = wallPaths.reduce((before, path) => {
    const paint = path.reduce<unknown>(
      (inner, key) => (inner as Record<string, unknown> | undefined)?.[key],
      own,
    );
    return typeof paint === "string" ? put(before, path, inPlace(paint), paint) : before;
  }, wall);
  const isAnother = inPlace(own.base) !== own.base;
  return isAnother && own.baseState === "on"
    ? { ...changed, baseState: "paint", baseAge: undefined }
    : changed;
}
