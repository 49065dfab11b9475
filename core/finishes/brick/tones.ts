import { groupBy } from "../../geometry/groupBy";
import { createSequence, shuffled } from "../../trade/randomSequence";
import type { BrickSpec } from "./spec";

/** A brick's place, for what lies beside it; in the strip's coordinates, mm. */
export interface BrickPlace {
  readonly course: number;
  readonly left: number;
  readonly right: number;
}

/**
 * The paint of every brick: each accent takes its share of them, in a seeded order, never two that touch along a joint of one
 * accent until nothing else is left. The bricks come course by course from the left.
 */
export function tonesOf(
  { colour, accents, seed }: BrickSpec,
  bricks: readonly BrickPlace[],
  joint: number,
): string[] {
  const tones = bricks.map(() => colour);
  const isTaken = bricks.map(() => false);
  const beside = neighboursOf(bricks, joint);
  const random = createSequence(seed);
  for (const accent of accents) {
    const wanted = Math.round(accent.share * bricks.length);
    let placed = 0;
    const order = byQuarters(
      shuffled(
        bricks.map((_, index) => index),
        random,
      ).filter((index) => !isTaken[index]),
      bricks,
    );
    const take = (index: number) => {
      tones[index] = accent.colour;
      isTaken[index] = true;
      placed += 1;
    };
    for (const index of order) {
      if (placed >= wanted) break;
      if (beside[index]!.every((other) => tones[other] !== accent.colour)) take(index);
    }
    for (const index of order) {
      if (placed >= wanted) break;
      if (!isTaken[index]) take(index);
    }
  }
  return tones;
}

/** The same bricks, one of each quarter of the wall in turn, so that no corner has more than its part. */
function byQuarters(order: readonly number[], bricks: readonly BrickPlace[]): number[] {
  const middleOf = (values: readonly number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  const across = middleOf(bricks.map(({ left, right }) => (left + right) / 2));
  const down = middleOf(bricks.map(({ course }) => course));
  const quarters: number[][] = [[], [], [], []];
  for (const index of order) {
    const { left, right, course } = bricks[index]!;
    quarters[((left + right) / 2 > across ? 1 : 0) + (course > down ? 2 : 0)]!.push(index);
  }
  const longest = Math.max(...quarters.map(({ length }) => length));
  return Array.from({ length: longest }, (_, place) =>
    quarters.flatMap((own) => (own[place] === undefined ? [] : [own[place]])),
  ).flat();
}

/** For each brick those that share a joint with it: beside it in its course, over and under it. */
export function neighboursOf(bricks: readonly BrickPlace[], joint: number): number[][] {
  const courses = new Map<number, number[]>();
  bricks.forEach(({ course }, index) => {
    const own = courses.get(course);
    if (own) own.push(index);
    else courses.set(course, [index]);
  });
  const beside: number[][] = bricks.map(() => []);
  const join = (a: number, b: number) => {
    beside[a]!.push(b);
    beside[b]!.push(a);
  };
  for (const [course, own] of courses) {
    own.slice(1).forEach((index, place) => {
      if (bricks[index]!.left - bricks[own[place]!]!.right < joint * 1.5) join(own[place]!, index);
    });
    const under = courses.get(course + 1) ?? [];
    let from = 0;
    for (const index of own) {
      const { left, right } = bricks[index]!;
      while (from < under.length && bricks[under[from]!]!.right <= left) from += 1;
      for (let place = from; place < under.length && bricks[under[place]!]!.left < right; place++)
        join(index, under[place]!);
    }
  }
  return beside;
}

/**
 * In which turn faces are stamped and with which print of a load: down the wall, one course there and the next one back, two
 * loads woven into each other so that a fresh print stands beside a faded one and the hand goes on by two bricks at a time. A
 * load goes on into the next course until it is used up; only the last one may be less.
 */
export function loadsOf(courses: readonly number[], fade: number) {
  const byCourse = groupBy([...courses.keys()], (brick) => courses[brick]!);
  const inTurn = [...byCourse.values()].flatMap((own, place) => (place % 2 === 0 ? own : own.toReversed()));
  const prints: { readonly brick: number; readonly load: number; readonly nthOfLoad: number }[] = [];
  let load = 0;
  for (let from = 0; from < inTurn.length; from += 2 * fade) {
    const block = inTurn.slice(from, from + 2 * fade);
    const woven = [
      block.filter((_, place) => place % 2 === 0),
      block.filter((_, place) => place % 2 === 1).reverse(),
    ];
    for (const own of block.length > fade ? woven : [block]) {
      load += 1;
      own.forEach((brick, nth) => prints.push({ brick, load, nthOfLoad: nth + 1 }));
    }
  }
  return prints;
}
