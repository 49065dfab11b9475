/** A drop as it comes off a roll: its own length, and what it takes of the roll where another follows it, mm. */
export interface Cut {
  readonly length: number;
  readonly cut: number;
  /** Off a roll that starts half a repeat later. */
  readonly isLate: boolean;
}

const tolerance = 1e-6;
/** So many drops are tried in every way. */
const mostTried = 12;
const mostTries = 200_000;

/** A drop rounded up to whole repeats, so that the next one starts alike. */
export const roundedUp = (length: number, repeat: number | null): number =>
  repeat === null ? length : Math.ceil(length / repeat - 1e-9) * repeat;

/** How many drops of one length a roll gives: the last of them need not be rounded up. */
export const dropsPerRoll = (roll: number, { length, cut }: Pick<Cut, "length" | "cut">): number =>
  length > roll + tolerance ? 0 : Math.floor((roll - length) / cut + 1e-9) + 1;

/**
 * The roll, from 1, that each drop comes off, on as few rolls as can be; null where one is longer than a roll. Rolls that start
 * half a repeat later are others. Short drops go into what longer ones leave. Few drops are tried in every way; more are put
 * where they first fit, in the order in which they are hung and the longest first, and the better of the two is kept.
 */
export function assignRolls(cuts: readonly Cut[], roll: number, repeat: number | null): number[] | null {
  const late = roll - (repeat ?? 0) / 2;
  if (cuts.some(({ length, isLate }) => length > (isLate ? late : roll) + tolerance)) return null;
  const rolls = new Array<number>(cuts.length).fill(0);
  let used = 0;
  for (const isLate of [false, true]) {
    const own = cuts.flatMap((cut, index) => (cut.isLate === isLate ? [index] : []));
    const places = fewest(
      own.map((index) => cuts[index]!),
      isLate ? late : roll,
    );
    own.forEach((index, place) => (rolls[index] = used + places[place]!));
    used += Math.max(0, ...places);
  }
  return inOrderOfUse(rolls);
}

/** Whether drops come off one roll: all but one are rounded up, and best that which gains most by not being. */
function fits(cuts: readonly Cut[], roll: number): boolean {
  const whole = cuts.reduce((sum, { cut }) => sum + cut, 0);
  return whole - Math.max(0, ...cuts.map(({ cut, length }) => cut - length)) <= roll + tolerance;
}

function fewest(cuts: readonly Cut[], roll: number): number[] {
  const hung = cuts.map((_, index) => index);
  const longest = [...hung].sort((a, b) => cuts[b]!.cut - cuts[a]!.cut || cuts[b]!.length - cuts[a]!.length);
  const found = [firstFit(cuts, roll, hung), firstFit(cuts, roll, longest)];
  const best = countOf(found[1]!) < countOf(found[0]!) ? found[1]! : found[0]!;
  const isLeast = countOf(best) <= leastRolls(cuts, roll);
  return isLeast || cuts.length > mostTried ? best : (tryAll(cuts, roll, longest, countOf(best)) ?? best);
}

/** No fewer rolls can do: at best each is used up, and loses no rounding on its last drop. */
function leastRolls(cuts: readonly Cut[], roll: number): number {
  const whole = cuts.reduce((sum, { cut }) => sum + cut, 0);
  const spared = Math.max(0, ...cuts.map(({ cut, length }) => cut - length));
  return Math.ceil(whole / (roll + spared) - 1e-9);
}

const countOf = (rolls: readonly number[]): number => Math.max(0, ...rolls);

function firstFit(cuts: readonly Cut[], roll: number, order: readonly number[]): number[] {
  const onRoll: Cut[][] = [];
  const rolls = new Array<number>(cuts.length).fill(0);
  for (const index of order) {
    const cut = cuts[index]!;
    let place = onRoll.findIndex((own) => fits([...own, cut], roll));
    if (place < 0) place = onRoll.push([]) - 1;
    onRoll[place]!.push(cut);
    rolls[index] = place + 1;
  }
  return rolls;
}

/** An assignment to fewer rolls than are known to do; null where there is none, or where looking takes too long. */
function tryAll(
  cuts: readonly Cut[],
  roll: number,
  order: readonly number[],
  known: number,
): number[] | null {
  let best: number[] | null = null;
  let least = known;
  let tries = 0;
  const rolls = new Array<number>(cuts.length).fill(0);
  const onRoll: Cut[][] = [];
  const place = (at: number): void => {
    if (onRoll.length >= least || ++tries > mostTries) return;
    if (at === order.length) {
      least = onRoll.length;
      best = [...rolls];
      return;
    }
    const index = order[at]!;
    for (const [number, own] of onRoll.entries()) {
      if (!fits([...own, cuts[index]!], roll)) continue;
      own.push(cuts[index]!);
      rolls[index] = number + 1;
      place(at + 1);
      own.pop();
    }
    onRoll.push([cuts[index]!]);
    rolls[index] = onRoll.length;
    place(at + 1);
    onRoll.pop();
  };
  place(0);
  return best;
}

/** Rolls numbered as they are opened. */
function inOrderOfUse(rolls: readonly number[]): number[] {
  const opened = [...new Set(rolls)];
  return rolls.map((roll) => opened.indexOf(roll) + 1);
}
