import type { Step } from "./step";
import { linkSteps, releaseOf, type Link, type Order } from "./timeOrder";
import type { WorkHours } from "./workHours";

/** Waits so many times as long as on the label, from a warm dry room to a cold damp one: orders that suit each are tried. */
const triedFactors = [1, 1.5, 2.4, 3.9] as const;

/** What to begin next when several could start at the same time: the lower comes first. */
type Rule = readonly number[];

/**
 * Orders worth timing, for one person up to the whole crew. They are found by beginning, again and again, what can start
 * first, with waits of certain lengths and by several rules for what comes first. They depend on the steps and the hours
 * alone, never on the temperature, and those for a crew include all for a smaller one: so neither warmth nor one more
 * person can make the best of them later.
 */
export function candidateOrders(steps: readonly Step[], hours: WorkHours, crew: number): Order[] {
  const rules = [byTail(steps), byWall(steps), byRound(steps)];
  const orders = new Map<string, Order>();
  for (const factor of triedFactors) {
    const links = linkSteps(steps, factor);
    for (let hands = 1; hands <= crew; hands++) {
      for (const rule of rules) {
        const order = listInTurn(steps, links, hours, hands, rule);
        orders.set(`${order.steps.join()} ${order.hands.join()}`, order);
      }
    }
  }
  return [...orders.values()];
}

/** The longest way from a step to the end comes first. */
function byTail(steps: readonly Step[]): Rule {
  const links = linkSteps(steps, 1);
  const tails = steps.map(({ minutes }) => minutes);
  for (let step = steps.length - 1; step >= 0; step--) {
    for (const { before, minutes } of links[step]!) {
      tails[before] = Math.max(tails[before]!, steps[before]!.minutes + minutes + tails[step]!);
    }
  }
  return tails.map((tail) => -tail);
}

/** One wall is carried on with as far as it goes. */
function byWall(steps: readonly Step[]): Rule {
  const walls = [...new Set(steps.map(({ wall }) => wall ?? ""))];
  return steps.map(({ wall }, index) => walls.indexOf(wall ?? "") * steps.length + index);
}

/** The rounds go together over all walls. */
function byRound(steps: readonly Step[]): Rule {
  return steps.map(({ round = 0 }, index) => round * steps.length + index);
}

/** List scheduling: of the steps whose forerunners are placed, the one that can start first, by the rule where several can. */
function listInTurn(
  steps: readonly Step[],
  links: readonly Link[][],
  hours: WorkHours,
  hands: number,
  rule: Rule,
): Order {
  const followers = steps.map((): number[] => []);
  links.forEach((own, step) => own.forEach(({ before }) => followers[before]!.push(step)));
  const open = links.map((own) => own.length);
  const released = new Array<number>(steps.length).fill(0);
  const ends = new Array<number>(steps.length).fill(0);
  const freeAt = new Array<number>(hands).fill(0);
  const ready = [...steps.keys()].filter((step) => open[step] === 0);
  const order: { steps: number[]; hands: number[] } = { steps: [], hands: [] };
  while (ready.length > 0) {
    const hand = freeAt.indexOf(Math.min(...freeAt));
    let best = 0;
    let bestStart = Infinity;
    for (let place = 0; place < ready.length; place++) {
      const step = ready[place]!;
      const earliest = Math.max(freeAt[hand]!, released[step]!);
      if (earliest > bestStart) continue;
      const start = hours.fit(earliest, steps[step]!.minutes);
      const isSooner = start < bestStart || (start === bestStart && rule[step]! < rule[ready[best]!]!);
      if (!isSooner) continue;
      best = place;
      bestStart = start;
    }
    const [step] = ready.splice(best, 1) as [number];
    ends[step] = bestStart + steps[step]!.minutes;
    freeAt[hand] = ends[step];
    order.steps.push(step);
    order.hands.push(hand);
    for (const follower of followers[step]!) {
      if (--open[follower]! > 0) continue;
      released[follower] = Math.max(...links[follower]!.map((link) => releaseOf(link, ends)));
      ready.push(follower);
    }
  }
  return order;
}
