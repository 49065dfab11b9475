import { paintsIn } from "../work/act";
import type { Step } from "../work/step";
import { releasedAt, waitsAt, type Links, type Order } from "./timeOrder";
import type { WorkHours } from "./workHours";

/** Waits so many times as long as on the label, from a warm dry room to a cold damp one: orders that suit each are tried. */
const triedFactors = [1, 1.5, 2.4, 3.9] as const;

/**
 * What to begin next when several could start at the same time, or within so many minutes of the first of them: the lower
 * comes first.
 */
interface Rule {
  readonly ranks: readonly number[];
  readonly patience: number;
}

/** For so long one waits for the next wall of a colour rather than take up another in between. */
const patienceMin = 20;

/**
 * Orders worth timing for so many hands; what takes more at once has others come to it. They are found by beginning, again
 * and again, what can start first, with waits of certain lengths and by several rules for what comes first. They depend on
 * the steps and the hours alone, never on the temperature: so warmth cannot make the best of them later.
 */
export function candidateOrders(
  steps: readonly Step[],
  links: Links,
  hours: WorkHours,
  hands: number,
): Order[] {
  const rules: readonly Rule[] = [
    { ranks: byTail(steps, links), patience: 0 },
    { ranks: byWall(steps), patience: 0 },
    { ranks: byColour(steps), patience: patienceMin },
  ];
  const followers = followersOf(steps.length, links);
  const orders: Order[] = [];
  for (const factor of triedFactors) {
    const waits = waitsAt(links, factor);
    for (const rule of rules) {
      const order = listInTurn({ steps, links, waits, followers, hours, hands }, rule);
      if (!orders.some((other) => isSameOrder(order, other))) orders.push(order);
    }
  }
  return orders;
}

const isSameOrder = (a: Order, b: Order): boolean =>
  a.steps.every((step, place) => step === b.steps[place]) &&
  a.hands.every((hands, place) => hands.every((hand, index) => hand === b.hands[place]![index]));

/** The longest way from a step to the end comes first. */
function byTail(steps: readonly Step[], links: Links): number[] {
  const waits = waitsAt(links, 1);
  const tails = steps.map(({ minutes }) => minutes);
  for (let step = steps.length - 1; step >= 0; step--) {
    for (let link = links.first[step]!; link < links.first[step + 1]!; link++) {
      const before = links.before[link]!;
      tails[before] = Math.max(tails[before]!, steps[before]!.minutes + waits[link]! + tails[step]!);
    }
  }
  return tails.map((tail) => -tail);
}

/** One wall is carried on with as far as it goes. */
function byWall(steps: readonly Step[]): number[] {
  const placeOf = placesOf(steps, wallOf);
  return steps.map((step, index) => placeOf.get(wallOf(step))! * steps.length + index);
}

/** The rounds go together over all walls, and in each of them a colour over all its walls, in the order of the room. */
function byColour(steps: readonly Step[]): number[] {
  const [colours, walls] = [placesOf(steps, wettedBy), placesOf(steps, wallOf)];
  const keyOf = (step: Step) =>
    [step.round ?? 0, step.coat ?? 0, colours.get(wettedBy(step))!, walls.get(wallOf(step))!] as const;
  const keys = steps.map(keyOf);
  const inTurn = [...steps.keys()].sort((a, b) => {
    const at = [0, 1, 2, 3].find((index) => keys[a]![index] !== keys[b]![index]);
    return at === undefined ? a - b : keys[a]![at]! - keys[b]![at]!;
  });
  const rule = new Array<number>(steps.length);
  inTurn.forEach((step, place) => (rule[step] = place));
  return rule;
}

const wallOf = ({ wall = "" }: Step): string => wall;

/** What someone has in hand for a step: its colour, or those that it puts on in turn. */
export const wettedBy = (step: Step): string =>
  step.colour ?? (step.phase === "colour" ? paintsIn(step).join(" ") : "");

function placesOf(steps: readonly Step[], by: (step: Step) => string): Map<string, number> {
  const places = new Map<string, number>();
  for (const step of steps) if (!places.has(by(step))) places.set(by(step), places.size);
  return places;
}

function followersOf(count: number, { first, before }: Links): number[][] {
  const followers = Array.from({ length: count }, (): number[] => []);
  for (let step = 0; step < count; step++) {
    for (let link = first[step]!; link < first[step + 1]!; link++) followers[before[link]!]!.push(step);
  }
  return followers;
}

interface Listing {
  readonly steps: readonly Step[];
  readonly links: Links;
  readonly waits: Float64Array;
  readonly followers: readonly (readonly number[])[];
  readonly hours: WorkHours;
  readonly hands: number;
}

/**
 * List scheduling: of the steps whose forerunners are placed, the one that can start first, by the rule where several
 * can. One that takes several people starts when the first so many of them are free; one that has to follow another closely
 * comes next after it.
 */
function listInTurn(listing: Listing, rule: Rule): Order {
  const list = new ListInTurn(listing);
  while (list.ready.length > 0) list.place(list.first(rule));
  return list.order;
}

class ListInTurn {
  readonly order: { steps: number[]; hands: (readonly number[])[] } = { steps: [], hands: [] };
  readonly ready: number[];
  private readonly open: number[];
  private readonly released: Float64Array;
  private readonly ends: Float64Array;
  private readonly freeAt: number[];

  constructor(private readonly listing: Listing) {
    const { steps, links, hands } = listing;
    this.open = steps.map((_, step) => links.first[step + 1]! - links.first[step]!);
    this.released = new Float64Array(steps.length);
    this.ends = new Float64Array(steps.length);
    this.freeAt = new Array<number>(hands).fill(0);
    this.ready = [...steps.keys()].filter((step) => this.open[step] === 0);
  }

  /** Of those that are ready the one that can start first, or within the patience of the rule. */
  first({ ranks, patience }: Rule): number {
    const inTurn = handsInTurn(this.freeAt);
    let best = this.ready[0]!;
    let bestStart = Infinity;
    for (const step of this.ready) {
      if (this.earliest(step, inTurn) > bestStart) continue;
      const start = this.startOf(step, inTurn);
      const isSooner = start < bestStart || (start === bestStart && ranks[step]! < ranks[best]!);
      if (!isSooner) continue;
      best = step;
      bestStart = start;
    }
    if (patience === 0) return best;
    for (const step of this.ready) {
      if (ranks[step]! >= ranks[best]! || this.earliest(step, inTurn) > bestStart + patience) continue;
      if (this.startOf(step, inTurn) <= bestStart + patience) best = step;
    }
    return best;
  }

  place(step: number): void {
    const { steps, links, waits, followers } = this.listing;
    const inTurn = handsInTurn(this.freeAt);
    const { hands = 1 } = steps[step]!;
    const taken = inTurn.slice(0, hands);
    this.ends[step] = this.listing.hours.endOf(this.startOf(step, inTurn), steps[step]!);
    const free = this.listing.hours.freeFrom(this.ends[step]!);
    for (const hand of taken) this.freeAt[hand] = free;
    this.ready.splice(this.ready.indexOf(step), 1);
    this.order.steps.push(step);
    // What takes more people than the order is made for has the others come to it.
    this.order.hands.push(taken.length < hands ? Array.from({ length: hands }, (_, hand) => hand) : taken);
    for (const follower of followers[step]!) {
      if (--this.open[follower]! > 0) continue;
      this.released[follower] = releasedAt(links, waits, follower, this.ends);
      this.ready.push(follower);
    }
    for (const { step: next, before } of links.latest) {
      if (before === step && this.ready.includes(next)) this.place(next);
    }
  }

  private earliest(step: number, inTurn: readonly number[]): number {
    const { hands = 1 } = this.listing.steps[step]!;
    const last = inTurn[Math.min(hands, inTurn.length) - 1]!;
    return Math.max(this.freeAt[last]!, this.released[step]!);
  }

  private startOf(step: number, inTurn: readonly number[]): number {
    return this.listing.hours.startOf(this.earliest(step, inTurn), this.listing.steps[step]!);
  }
}

/** Hands by when they are free, the first first. */
const handsInTurn = (freeAt: readonly number[]): number[] =>
  freeAt.length === 1 ? [0] : [...freeAt.keys()].sort((a, b) => freeAt[a]! - freeAt[b]! || a - b);
