import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";

/** A load of a stamp, a roller or a brush, or a section: the places that it goes to, one after the other. */
export interface Load {
  readonly number: number;
  readonly stops: readonly PlanPoint[];
}

/** What is done on a wall place by place in one visit: the faces of a tone, the prints of an overlay, the sections of a coat. */
export interface Visit {
  readonly key: string;
  readonly name: string;
  readonly loads: readonly Load[];
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
export function visitsOf(
  { bricks = [], prints = [], coats = [] }: Pick<PlanWall, "bricks" | "prints" | "coats">,
  nameOf: (paint: string) => string,
): Visit[] {
  const visits = new Map<string, { readonly name: string; readonly stops: Stop[] }>();
  const add = (key: string, name: string, stop: Stop) => {
    const own = visits.get(key) ?? { name, stops: [] };
    own.stops.push(stop);
    visits.set(key, own);
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
  return [...visits].map(([key, { name, stops }]) => ({ key, name, loads: loadsOf(stops) }));
}

function loadsOf(stops: readonly Stop[]): Load[] {
  const loads = new Map<number, PlanPoint[]>();
  for (const { at, load } of [...stops].sort((a, b) => a.order - b.order)) {
    const own = loads.get(load);
    if (own) own.push(at);
    else loads.set(load, [at]);
  }
  return [...loads].map(([number, own]) => ({ number, stops: own }));
}
