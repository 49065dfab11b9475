import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";

/** A load of a stamp, a roller or a brush, or a section: the places that it goes to, one after the other. */
export interface Round {
  readonly number: number;
  readonly stops: readonly PlanPoint[];
}

/** What is done on a wall place by place in one visit: the faces of a tone, the prints of an overlay, the sections of a coat. */
export interface Order {
  readonly key: string;
  readonly name: string;
  readonly rounds: readonly Round[];
}

interface Stop {
  readonly at: PlanPoint;
  readonly order: number;
  readonly load: number;
}

const middleOf = ([x, y, width, height]: readonly [number, number, number, number]): PlanPoint => [
  x + width / 2,
  y + height / 2,
];

/** All of a wall, in the order in which they are begun. `nameOf` a paint. */
export function ordersOf(
  { bricks = [], prints = [], coats = [] }: Pick<PlanWall, "bricks" | "prints" | "coats">,
  nameOf: (paint: string) => string,
): Order[] {
  const orders = new Map<string, { readonly name: string; readonly stops: Stop[] }>();
  const add = (key: string, name: string, stop: Stop) => {
    const own = orders.get(key) ?? { name, stops: [] };
    own.stops.push(stop);
    orders.set(key, own);
  };
  for (const { finish, list } of bricks)
    for (const { tone, box, order, load } of list)
      add(`${finish} ${tone}`, nameOf(tone), { at: middleOf(box), order, load });
  for (const { finish, list } of prints)
    for (const { overlay, at, order, load } of list)
      add(`${finish} ${overlay}`, `overlay ${overlay}`, { at, order, load });
  for (const { finish, coat, colour, sections } of coats)
    for (const { box, order } of sections)
      add(`${finish} coat ${coat}`, `coat ${coat} of ${nameOf(colour)}`, {
        at: middleOf(box),
        order,
        load: 1,
      });
  return [...orders].map(([key, { name, stops }]) => ({ key, name, rounds: roundsOf(stops) }));
}

function roundsOf(stops: readonly Stop[]): Round[] {
  const rounds = new Map<number, PlanPoint[]>();
  for (const { at, load } of [...stops].sort((a, b) => a.order - b.order)) {
    const own = rounds.get(load);
    if (own) own.push(at);
    else rounds.set(load, [at]);
  }
  return [...rounds].map(([number, own]) => ({ number, stops: own }));
}
