import { differenceOf, exactDifference, labOf, type Lab } from "./difference";
import { mixedColour, type MixedPart } from "./mixColours";

/** A paint that may go into a mix. */
export interface Component {
  readonly id: string;
  readonly hex: string;
}

/** Shares of components, 0 to 1, and how far off the target the mix is, CIEDE2000. */
export interface NearestMix {
  readonly parts: readonly { readonly id: string; readonly share: number }[];
  readonly hex: string;
  readonly off: number;
}

/** At most so much of a component beside another: ml of a tint by ml of its base. */
export interface ShareLimit {
  readonly of: string;
  readonly in: string;
  readonly most: number;
}

/** More than these are not mixed by eye; and of the components so many, the nearest first, are looked at. */
const mostParts = 3;
const mostLookedAt = 8;
/** Shares are sought from coarse to fine, from so many of the coarse ones. */
const [coarseStep, finestStep, mostBegun] = [0.05, 0.0015, 3] as const;

/**
 * The mix of at most three components that is nearest to a colour: the least difference as the eye measures it (and so its least square), over all pairs and
 * threes, sought from coarse to fine; limits are kept. Fewer parts are taken where one more gains nothing to be seen.
 */
export function nearestMix(
  target: string,
  components: readonly Component[],
  limits: readonly ShareLimit[] = [],
): NearestMix | null {
  const to = labOf(target);
  const looked = [...components]
    .sort(
      (a, b) =>
        exactDifference(labOf(a.hex), to) - exactDifference(labOf(b.hex), to) || (a.id < b.id ? -1 : 1),
    )
    .slice(0, mostLookedAt);
  let best: NearestMix | null = null;
  for (let count = 1; count <= mostParts; count++)
    for (const some of choicesOf(looked, count)) {
      const found = nearestOf(some, to, limits);
      if (
        found &&
        (best === null || found.off < best.off - (found.parts.length > best.parts.length ? gainSeen : 0))
      )
        best = found;
    }
  return best;
}

/** By less nobody sees that a mix has come nearer: one part more, or an addition, has to be worth it. */
const gainSeen = 0.5;
export const isNearer = (off: number, before: number): boolean => off < before - gainSeen;

function choicesOf<Item>(items: readonly Item[], count: number): Item[][] {
  if (count === 0) return [[]];
  return items.flatMap((item, index) =>
    choicesOf(items.slice(index + 1), count - 1).map((rest) => [item, ...rest]),
  );
}

function nearestOf(
  components: readonly Component[],
  to: Lab,
  limits: readonly ShareLimit[],
): NearestMix | null {
  const tried = (shares: readonly number[]) => {
    if (shares.some((share) => share < 0) || isOverLimit(components, shares, limits)) return null;
    const hex = mixedColour(components.map(({ hex: own }, place) => ({ hex: own, amount: shares[place]! })));
    return hex === null ? null : { shares, hex, exact: exactDifference(labOf(hex), to) };
  };
  type Tried = NonNullable<ReturnType<typeof tried>>;
  const bestOf = (around: readonly (readonly number[])[]): Tried[] =>
    around.flatMap((shares) => tried(shares) ?? []).sort((one, other) => one.exact - other.exact);
  // A few of the coarse ones: what looks best from afar may lie in another valley.
  const begun = bestOf(gridOf(components.length, coarseStep)).slice(0, mostBegun);
  const best = begun
    .map((one) => {
      let here = one;
      // To the lowest place around, and then in finer steps from there.
      for (let step = coarseStep / 2; step >= finestStep;) {
        const [next] = bestOf(besides(here.shares, step));
        if (next && next.exact < here.exact) here = next;
        else step /= 2;
      }
      return here;
    })
    .reduce<Tried | null>((least, one) => (least && least.exact <= one.exact ? least : one), null);
  if (!best) return null;
  const parts = components
    .map(({ id }, place) => ({ id, share: best.shares[place]! }))
    .filter(({ share }) => share > 0);
  return { parts, hex: best.hex, off: differenceOf(labOf(best.hex), to) };
}

function isOverLimit(
  components: readonly Component[],
  shares: readonly number[],
  limits: readonly ShareLimit[],
): boolean {
  const shareOf = (id: string) => shares[components.findIndex((one) => one.id === id)] ?? 0;
  return limits.some((limit) => shareOf(limit.of) > limit.most * shareOf(limit.in) + 1e-9);
}

/** All shares of so many parts in whole steps that add up to one. */
function gridOf(count: number, step: number): number[][] {
  const all = Math.round(1 / step);
  const split = (left: number, parts: number): number[][] =>
    parts === 1
      ? [[left]]
      : Array.from({ length: left + 1 }, (_, own) =>
          split(left - own, parts - 1).map((rest) => [own, ...rest]),
        ).flat();
  return split(all, count).map((shares) => shares.map((share) => share / all));
}

/** Shares around some, a step to each side of each; the last is what is left. */
function besides(shares: readonly number[], step: number): number[][] {
  const free = shares.slice(0, -1);
  const moves = free.reduce<number[][]>(
    (all) => all.flatMap((before) => [-step, 0, step].map((move) => [...before, move])),
    [[]],
  );
  return moves.map((move) => {
    const moved = free.map((share, place) => Math.round((share + move[place]!) * 1e6) / 1e6);
    const rest = Math.round((1 - moved.reduce((sum, share) => sum + share, 0)) * 1e6) / 1e6;
    return [...moved, rest];
  });
}

/** What to add to a mix that is there, and what it comes to. */
export interface Addition {
  readonly id: string;
  readonly ml: number;
  readonly hex: string;
  readonly off: number;
}

/** A mix that has been begun, and what may still be done with it. */
export interface Begun {
  /** Its paints, ml. */
  readonly parts: readonly (MixedPart & { readonly id: string })[];
  /** What still goes into its container, and to what is measured, ml. */
  readonly room: number;
  readonly measure: number;
  readonly limits: readonly ShareLimit[];
}

/**
 * How much of one paint brings a mix that has been begun nearest to a colour, ml in whole steps of what is measured, within its room and
 * its limits; null where nothing does so that it is seen.
 */
export function bestAddition(
  begun: Begun,
  target: string,
  components: readonly Component[],
): Addition | null {
  const to = labOf(target);
  const now = mixedColour(begun.parts);
  const found = components
    .flatMap((component) => bestOf(component, begun, to) ?? [])
    .sort((a, b) => a.off - b.off || a.ml - b.ml || (a.id < b.id ? -1 : 1))[0];
  if (!found) return null;
  return now === null || isNearer(found.off, differenceOf(labOf(now), to)) ? found : null;
}

/** Along an addition the difference falls and then rises: so many looks find about where, and a closer one how much. */
const coarseLooks = 60;

function bestOf({ id, hex }: Component, begun: Begun, to: Lab): Addition | null {
  const { parts, measure } = begun;
  const most = Math.floor(Math.min(begun.room, roomByLimits(id, begun)) / measure + 1e-9);
  const at = (steps: number): Addition => {
    const mixed = mixedColour([...parts, { hex, amount: steps * measure }])!;
    return { id, ml: steps * measure, hex: mixed, off: differenceOf(labOf(mixed), to) };
  };
  const leastOf = (from: number, until: number, by: number): Addition | null => {
    let best: Addition | null = null;
    for (let steps = from; steps <= until; steps += by) {
      const one = at(steps);
      if (best === null || one.off < best.off) best = one;
    }
    return best;
  };
  const by = Math.max(1, Math.ceil(most / coarseLooks));
  const about = leastOf(by, most, by);
  const middle = about ? Math.round(about.ml / measure) : 0;
  return leastOf(Math.max(1, middle - by), Math.min(most, middle + by), 1);
}

/** How much more of a paint the labels allow in what is there, ml. */
function roomByLimits(id: string, { parts, limits }: Begun): number {
  const amountOf = (of: string) => parts.reduce((sum, part) => sum + (part.id === of ? part.amount : 0), 0);
  return Math.min(
    Infinity,
    ...limits
      .filter((limit) => limit.of === id)
      .map((limit) => Math.max(0, limit.most * amountOf(limit.in) - amountOf(id))),
  );
}
