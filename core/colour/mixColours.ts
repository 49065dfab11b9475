import { Color } from "spectral.js";
import { differenceOf, exactDifference, labOf, type Lab } from "./difference";

/** So much of a colour in a mix, by volume; water is none. */
export interface MixedPart {
  readonly hex: string;
  readonly amount: number;
}

const kept = new Map<string, readonly number[]>();

/** K/S of a colour at each wavelength (Kubelka and Munk 1931): what it absorbs beside what it scatters. */
function absorbing(hex: string): readonly number[] {
  const before = kept.get(hex);
  if (before) return before;
  const { KS } = new Color(hex);
  kept.set(hex, KS);
  return KS;
}

/** The reflectance of a layer through which nothing is seen, from its K/S. */
const reflecting = (ks: number): number => 1 + ks - Math.sqrt(ks * ks + 2 * ks);

/**
 * The colour of a mix when it is dry, as #rrggbb: at each wavelength the K/S of its parts add up by their volumes (Duncan 1940, one
 * constant), on reflectances recovered from their colours by spectral.js. (That library's own mixing weighs parts by squares and
 * lightness, which suits brushes on a screen, and not jugs.) Null where nothing but water is in it.
 */
export function mixedColour(parts: readonly MixedPart[]): string | null {
  const solid = parts.filter(({ amount }) => amount > 0);
  const whole = solid.reduce((sum, { amount }) => sum + amount, 0);
  if (whole === 0) return null;
  const hexes = new Set(solid.map(({ hex }) => hex.toLowerCase()));
  if (hexes.size === 1) return [...hexes][0]!;
  // In one order, whatever order they are told in.
  const inTurn = [...solid].sort((a, b) => (a.hex < b.hex ? -1 : a.hex > b.hex ? 1 : a.amount - b.amount));
  const size = absorbing(inTurn[0]!.hex).length;
  const reflected = Array.from({ length: size }, (_, wave) =>
    reflecting(inTurn.reduce((sum, { hex, amount }) => sum + absorbing(hex)[wave]! * (amount / whole), 0)),
  );
  return new Color(reflected).toString({ method: "clip" }).toLowerCase();
}

/** How far a prediction may be off where nothing was mixed of it yet, CIEDE2000: colours on a screen tell nothing of a pigment's strength. */
const usuallyOff = 6;
/** No closer than that is anything held to anything by eye. */
const leastOff = 1;

/** How far predictions were off from what dried, so far: the root of the mean of their squares; and of how many. */
export function offSoFar(tried: readonly { readonly predicted: string; readonly dry: string }[]): {
  readonly off: number;
  readonly of: number;
} {
  if (tried.length === 0) return { off: usuallyOff, of: 0 };
  const squares = tried.map(({ predicted, dry }) => differenceOf(labOf(predicted), labOf(dry)) ** 2);
  const off = Math.sqrt(squares.reduce((sum, square) => sum + square, 0) / tried.length);
  return { off: Math.max(leastOff, Math.round(off * 10) / 10), of: tried.length };
}

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
/** Shares are sought from coarse to fine. */
const steps = [0.1, 0.02, 0.005] as const;

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

/** One part more has to be worth it. */
const gainSeen = 0.5;

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
  let best: ReturnType<typeof tried> = null;
  let around: readonly (readonly number[])[] = gridOf(components.length, steps[0]);
  for (const [turn, step] of steps.entries()) {
    for (const shares of around) {
      const one = tried(shares);
      if (one && (best === null || one.exact < best.exact)) best = one;
    }
    const finer = steps[turn + 1];
    if (!best || finer === undefined) break;
    around = besides(best.shares, step, finer);
  }
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

/** Shares around some, within a step to each side, in finer steps; the last is what is left. */
function besides(shares: readonly number[], within: number, step: number): number[][] {
  const reach = Math.round(within / step);
  const free = shares.slice(0, -1);
  const moves = free.reduce<number[][]>(
    (all) =>
      all.flatMap((before) =>
        Array.from({ length: 2 * reach + 1 }, (_, at) => [...before, (at - reach) * step]),
      ),
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

/**
 * How much of one paint brings a mix nearest to a colour, within the room that is left in its container, ml in whole steps of what is
 * measured; null where nothing does.
 */
export function bestAddition(
  mixed: readonly MixedPart[],
  target: string,
  components: readonly Component[],
  room: number,
  measure: number,
): Addition | null {
  const to = labOf(target);
  const now = mixedColour(mixed);
  let best: Addition | null = null;
  let off = now === null ? Infinity : differenceOf(labOf(now), to);
  const most = Math.floor(room / measure);
  for (const { id, hex } of components) {
    // Along an addition the difference falls and then rises: a coarse look finds where, a fine one how much.
    const offAt = (count: number) => {
      const with_ = mixedColour([...mixed, { hex, amount: count * measure }])!;
      return { hex: with_, off: differenceOf(labOf(with_), to) };
    };
    const coarse = Math.max(1, Math.ceil(most / 60));
    let at = 0;
    let least = Infinity;
    for (let count = coarse; count <= most; count += coarse)
      if (offAt(count).off < least) [at, least] = [count, offAt(count).off];
    for (let count = Math.max(1, at - coarse); count <= Math.min(most, at + coarse); count++) {
      const one = offAt(count);
      if (one.off < off) [best, off] = [{ id, ml: count * measure, ...one }, one.off];
    }
  }
  return best;
}
