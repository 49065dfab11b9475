import { OverLimit, planLimits } from "../../trade/allowance";
import type { Stretch } from "../step";
import type { InStretches } from "./didTape";

/** One region to be painted, and how long that takes with its cutting in and peeling. */
export interface Portion {
  readonly region: string;
  readonly minutes: number;
}

/** Portions from one up to before another, that are done in one go. */
export interface Go {
  readonly from: number;
  readonly to: number;
  readonly minutes: number;
  /** It is the rest, or more, of the portion that the go before it began. */
  readonly goesOn?: true;
}

/** Room for the last bits of sums that are cut back to a limit. */
const tolerance = 1e-9;

/**
 * Portions in their order, gathered into goes of at most a limit in minutes. A portion that is longer by itself is
 * divided into equal parts, each a go of its own.
 */
export function divideIntoGoes(portions: readonly Portion[], limit: number): Go[] {
  const goes: Go[] = [];
  let from = 0;
  let minutes = 0;
  const closeBefore = (to: number) => {
    if (to > from) goes.push({ from, to, minutes });
    from = to;
    minutes = 0;
  };
  portions.forEach((portion, index) => {
    if (portion.minutes > limit + tolerance) {
      closeBefore(index);
      const parts = Math.ceil(portion.minutes / limit - tolerance);
      if (parts > planLimits.stretches) throw new OverLimit("stretches");
      for (let part = 0; part < parts; part++)
        goes.push({
          from: index,
          to: index + 1,
          minutes: portion.minutes / parts,
          ...(part > 0 && { goesOn: true as const }),
        });
      from = index + 1;
      return;
    }
    if (minutes + portion.minutes > limit + tolerance) closeBefore(index);
    minutes += portion.minutes;
  });
  closeBefore(portions.length);
  return goes;
}

/** For each region of some portions the go in which it is begun, and that in which it is done. */
export function goesOf(portions: readonly Portion[], goes: readonly Go[]) {
  const first = new Map<string, number>();
  const last = new Map<string, number>();
  goes.forEach(({ from, to }, go) => {
    for (let index = from; index < to; index++) {
      const { region } = portions[index]!;
      if (!first.has(region)) first.set(region, go);
      last.set(region, go);
    }
  });
  return { first, last };
}

/** The stretches of a step whose own work is done in some goes, with what else it does in each. */
export const stretchesOfGoes = (goes: readonly Go[], does: readonly (InStretches | "goes")[]): Stretch[] =>
  goes.map(({ from, to, minutes, goesOn }, go) => ({
    minutes,
    ...(goesOn && { goesOn }),
    ids: does.map((one) => (one === "goes" ? [from, to] : rangeIn(one, go, goes.length))),
  }));

/** Which ids of some work fall into a stretch; they are in the order of their stretches. */
function rangeIn({ did, stretchOf }: InStretches, stretch: number, count: number): [number, number] {
  const { length } = did.ids;
  if (!stretchOf) return stretch === count - 1 ? [0, length] : [0, 0];
  const upTo = (limit: number) => {
    const place = stretchOf.findIndex((own) => own > limit);
    return place < 0 ? length : place;
  };
  return [upTo(stretch - 1), upTo(stretch)];
}
