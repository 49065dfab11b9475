import { dayOf } from "../../measure/calendar";
import { formatDuration } from "../../measure/formatLength";
import { stepName } from "../words";
import type { PlanStep } from "../../plan/planDayTypes";
import type { Fault } from "../fault";
import type { History } from "../history";
import type { Doing } from "../timeline";

/** Someone who is in two places at once, and tools that are loaded for nothing. */
export const rehearseHands = (history: History): Fault[] => [
  ...inTwoPlaces(history),
  ...wastedLoads(history),
];

const peopleOf = ({ person, people }: PlanStep): readonly number[] => people ?? [person];

function inTwoPlaces(history: History): Fault[] {
  const busy = new Map<number, PlanStep>();
  return [...history.plan.steps]
    .sort((a, b) => a.start - b.start || a.end - b.end)
    .flatMap((step) =>
      peopleOf(step).flatMap((person) => {
        const before = busy.get(person);
        if (!before || before.end < step.end) busy.set(person, step);
        if (!before || before.end <= step.start || isLaidDownFor(before, step)) return [];
        const say = `person ${person} is at two things at once: ${stepName(before)} and ${stepName(step)}`;
        return [
          history.fault("two-places", { step: step.id, wall: step.wall ?? null }, null, step.start, say),
        ];
      }),
    );
}

/**
 * Whether work that was told to have begun on an earlier day, and of which nothing says when it was laid down, rested while that day
 * was closed or the next one set up: it went on through no night.
 */
const isLaidDownFor = ({ state, start, end }: PlanStep, { kind }: PlanStep): boolean =>
  (state === "running" || state === "done") &&
  dayOf(start) < dayOf(end - 1) &&
  (kind === "close" || kind === "set-up");

/** A load that is put down for longer than this dries on its tool, minutes. */
const laidDownMin = 60;

interface Stop {
  readonly doing: Doing;
  readonly load: number;
  /** What is loaded: a tone of bricks, or an overlay of prints. */
  readonly tool: string;
}

/** A load is used up on its own wall and without a rest. */
function wastedLoads(history: History): Fault[] {
  const loadOf = new Map<string, Omit<Stop, "doing">>();
  // A print around a corner is made on both its walls.
  for (const { id: wall, prints = [], bricks = [] } of history.plan.walls) {
    for (const { finish, list } of prints)
      for (const { id, load, overlay } of list)
        loadOf.set(`${wall} ${id}`, { load, tool: `${finish} ${overlay}` });
    for (const { finish, list } of bricks)
      for (const { id, load, tone } of list) loadOf.set(`${wall} ${id}`, { load, tool: `${finish} ${tone}` });
  }
  const latest = new Map<string, Stop>();
  const onWall = new Map<string, Stop>();
  const told = new Set<string>();
  return [...history.all("print", "print"), ...history.all("print", "brick")].flatMap((doing) => {
    const own = loadOf.get(`${doing.wall} ${doing.id}`);
    // What is printed once more is loaded for itself.
    if (!own || (doing.did.pass ?? 1) > 1) return [];
    const stop = { doing, load: own.load, tool: `${own.tool} ${doing.did.with}` };
    const key = `${doing.wall} ${stop.tool} ${stop.load}`;
    // Loads are counted on each wall, or go on over a corner: on another wall only what comes next can be the same one.
    const [next, here] = [latest.get(stop.tool), onWall.get(key)];
    latest.set(stop.tool, stop);
    onWall.set(key, stop);
    const isElsewhere = next !== undefined && next.load === stop.load && next.doing.wall !== doing.wall;
    const before = isElsewhere ? next : here;
    const rest = before ? doing.from - before.doing.to : 0;
    if (!before || (!isElsewhere && rest <= laidDownMin) || told.has(key)) return [];
    told.add(key);
    const say = isElsewhere
      ? `a tool that was loaded on ${history.called(before.doing.wall)} is carried here.`
      : `a loaded tool is put down for ${formatDuration(rest)}.`;
    return [history.faultIn("load-wasted", doing, say)];
  });
}
