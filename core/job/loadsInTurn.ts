import type { Placement } from "../pattern/placement";
import type { ScheduledStep } from "../sequence/scheduledStep";
import type { OrderedWall } from "./orderedWall";

/** A tool that is laid down for longer than this is washed out or dries, minutes: what was loaded is lost. */
const laidDownMin = 30;

/** Of each print the load that it takes, by its wall and id: one around a corner is made on both. */
export type Loads = ReadonlyMap<string, number>;

/** What is not printed yet has none. */
export const loadOf = (loads: Loads, wall: string | undefined, print: string): number | undefined =>
  loads.get(`${wall} ${print}`);

interface Tool {
  load: number;
  left: number;
  wall: string;
  until: number;
}

/**
 * The loads that prints really take: one ends where it does not reach, where the work goes on to another wall, and where the
 * tool is laid down for long. Laying out tells how many of each motif a load makes.
 */
export function loadsInTurn(
  steps: readonly ScheduledStep[],
  walls: readonly Pick<OrderedWall, "laid">[],
): Loads {
  const prints = new Map(
    walls.flatMap(({ laid }) => (laid?.pattern.placements ?? []).map((print) => [print.id, print] as const)),
  );
  const shareOf = sharesOfLoads([...prints.values()]);
  const tools = new Map<string, Tool>();
  const loads = new Map<string, number>();
  for (const one of steps)
    for (const { id, from, to, paint } of printedIn(one)) {
      const print = prints.get(id);
      if (!print) continue;
      const share = shareOf(print);
      const key = `${toolOf(print)} ${paint}`;
      const wall = one.step.wall ?? "";
      const tool = tools.get(key) ?? { load: 0, left: 0, wall, until: from };
      const isLaidDown = tool.wall !== wall || from - tool.until > laidDownMin;
      const isNew = isLaidDown || share > tool.left + 1e-9;
      const load = tool.load + Number(isNew);
      tools.set(key, { load, left: (isNew ? 1 : tool.left) - share, wall, until: to });
      loads.set(`${wall} ${id}`, load);
    }
  return loads;
}

const toolOf = ({ finish, overlay }: Placement): string => `${finish} ${overlay}`;

/** What of a load a print takes: those of a motif take all alike, so that the fullest load tells. */
function sharesOfLoads(prints: readonly Placement[]): (print: Placement) => number {
  const inLoad = new Map<string, number>();
  const most = new Map<string, number>();
  for (const print of prints) {
    const motif = `${toolOf(print)} ${print.motif}`;
    const count = (inLoad.get(`${motif} ${print.load}`) ?? 0) + 1;
    inLoad.set(`${motif} ${print.load}`, count);
    most.set(motif, Math.max(most.get(motif) ?? 1, count));
  }
  return (print) => 1 / most.get(`${toolOf(print)} ${print.motif}`)!;
}

/** What a step prints, in its turn, each from when to when, as evenly as its stretches are. */
function printedIn({ step, start, end, times }: ScheduledStep) {
  return step.does.flatMap(({ act, of, ids, with: paint }, place) => {
    if (act !== "print" || of !== "print") return [];
    const ranges = times ? step.stretches!.map((stretch) => stretch.ids[place]!) : [[0, ids.length] as const];
    return ranges.flatMap(([first, last], stretch) => {
      const [from, to] = times ? times[stretch]! : [start, end];
      const each = (to - from) / Math.max(1, last - first);
      return ids.slice(first, last).map((id, index) => ({
        id,
        paint,
        from: from + index * each,
        to: from + (index + 1) * each,
      }));
    });
  });
}
