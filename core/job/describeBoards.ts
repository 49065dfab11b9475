import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { lights, sampleLook, type SampleLight } from "../journal/kinds/sampleLook";
import { clockOf, dayNumberOf, dayOf, isoDateOf, minutesADay, minutesOfClock } from "../measure/calendar";
import type { Plan, PlanBoard } from "../plan/planTypes";
import type { Schedule } from "../sequence/schedule";
import { componentsOf } from "../paint/mix";
import { paintsIn } from "../work/act";
import { decideStep, type BoardWork } from "../work/boards/boardSteps";
import type { StepDraft } from "../work/step";
import type { JobWork } from "./contribute";
import type { Job } from "./schema";

/** About when each light is there, minutes of the day. */
const lightAt: Readonly<Record<SampleLight, number>> = {
  morning: 8.5 * 60,
  midday: 12.5 * 60,
  evening: 18 * 60,
  lamp: 20.5 * 60,
};

/** Each board with what it takes, when it can be looked at, and what painting its walls once more would take. */
export function describeBoards(
  job: Job,
  { boards, drafts }: Pick<JobWork, "boards" | "drafts">,
  schedule: Schedule | null,
): Pick<Plan, "boards"> {
  if (boards.length === 0) return {};
  return { boards: boards.map((board) => describeOne(board, drafts, schedule, job)) };
}

function describeOne(
  board: BoardWork,
  drafts: readonly StepDraft[],
  schedule: Schedule | null,
  { work, paints }: Job,
): PlanBoard {
  const own = drafts.filter(({ does }) => does.some(({ of, ids }) => of === "board" && isOf(board, ids)));
  const paint = new Map<string, number>();
  for (const { parts } of board.layers)
    for (const part of parts) paint.set(part.paint, (paint.get(part.paint) ?? 0) + part.ml);
  const decided = schedule?.steps.find(({ step }) => step.id === decideStep(board));
  const dryAt = decided?.step.after
    .filter(({ what }) => what === "drying")
    .map(({ step, minutes }) => {
      const before = schedule!.steps.find((one) => one.step.id === step);
      return (before?.end ?? 0) + Math.ceil(minutes * schedule!.factor);
    })[0];
  return {
    id: board.id,
    of: { ...board.of } as Record<string, string>,
    as: board.as,
    size: [...board.size],
    coats: board.layers.length,
    // All are laid out together.
    minutes: own.reduce(
      (sum, { does, minutes }) => sum + minutes / (does[0]!.act === "dust" ? boardsIn(does) : 1),
      0,
    ),
    paint: [...paint].map(([id, ml]) => ({ paint: id, ml })),
    cost: costOf(paint, paints),
    repaint: repaintOf(board, drafts, paints),
    looks: dryAt === undefined ? [] : looksFrom(dryAt, board, work.start),
    decide: decideStep(board),
  };
}

const boardsIn = (does: StepDraft["does"]): number => Math.max(1, does[0]!.ids.length);

const isOf = ({ id }: BoardWork, ids: readonly string[]): boolean =>
  ids.some((one) => one === id || one.startsWith(`${id}/`));

/** Minutes and paint of painting once more what it is about: its walls taped, painted and peeled, in the paints that it shows. */
function repaintOf(
  { concerns }: BoardWork,
  drafts: readonly StepDraft[],
  paints: Job["paints"],
): PlanBoard["repaint"] {
  const isAbout = (step: StepDraft) =>
    !step.does.some(({ of }) => of === "board") && paintsIn(step).some((paint) => concerns.has(paint));
  const walls = new Set(drafts.filter(isAbout).flatMap(({ wall }) => wall ?? []));
  const own = drafts.filter(
    ({ wall = "", phase, does }) =>
      walls.has(wall) && !isMadeReady.has(phase) && !does.some(({ of }) => of === "board"),
  );
  const takes = new Map<string, number>();
  for (const { with: paint = "", ml = 0 } of own.flatMap(({ does }) => does))
    if (concerns.has(paint)) takes.set(paint, (takes.get(paint) ?? 0) + ml);
  return {
    minutes: own.reduce((sum, { minutes, hands = 1 }) => sum + minutes * hands, 0),
    ml: [...takes.values()].reduce((sum, ml) => sum + ml, 0),
    cost: costOf(takes, paints),
  };
}

/** What some ml of paints cost at the least by the litre; what is mixed costs what goes into it. */
function costOf(amounts: ReadonlyMap<string, number>, paints: Job["paints"]): number | null {
  let sum = 0;
  for (const [id, ml] of amounts) {
    const { mix, packs } = paints.find((paint) => paint.id === id)!;
    const prices = packs.flatMap(({ price, size }) => (price === undefined ? [] : [price / size]));
    const cost = mix
      ? costOf(componentsOf(mix, ml), paints)
      : prices.length > 0
        ? ml * Math.min(...prices)
        : null;
    if (cost === null) return null;
    sum += cost;
  }
  return sum;
}

const isMadeReady: ReadonlySet<StepDraft["phase"]> = new Set(["protect", "prepare"]);

/** Each light from when it is dry on, the first first; a chip is looked at once. */
function looksFrom(dryAt: number, { as }: BoardWork, start: string | undefined): PlanBoard["looks"] {
  if (as === "chip") return [];
  const first = start === undefined ? null : dayNumberOf(start);
  return lights
    .map((light) => ({ light, minute: nextAt(lightAt[light], dryAt) }))
    .sort((a, b) => a.minute - b.minute)
    .map(({ light, minute }) => lookAt(light, minute, first));
}

/** When an hour of the day comes next, from a moment on. */
function nextAt(hour: number, from: number): number {
  const today = dayOf(from) * minutesADay + hour;
  return today < from ? today + minutesADay : today;
}

const lookAt = (
  light: (typeof lights)[number],
  minute: number,
  first: number | null,
): PlanBoard["looks"][number] => ({
  light,
  day: dayOf(minute) + 1,
  date: first === null ? null : isoDateOf(first + dayOf(minute)),
  at: clockOf(minute - dayOf(minute) * minutesADay),
});

/**
 * Boards that are tried, by what was said of them up to a moment: by which light the client has not looked yet is looked at from then on.
 * `now` in minutes from midnight before the first day, which is counted from 1970-01-01.
 */
export function withLooksFrom(
  boards: readonly PlanBoard[],
  happened: Happened,
  now: number,
  firstDay: number,
): PlanBoard[] {
  const said = new Set(
    toldOf(happened, sampleLook).flatMap(({ who, board, light }) =>
      who === "client" ? [`${board} ${light}`] : [],
    ),
  );
  const minuteOf = ({ day, at }: PlanBoard["looks"][number]) => (day - 1) * minutesADay + minutesOfClock(at)!;
  return boards.map((board) => ({
    ...board,
    looks: board.looks
      .map((look) => {
        const isOpen = !said.has(`${board.id} ${look.light}`) && minuteOf(look) < now;
        return isOpen ? lookAt(look.light, nextAt(lightAt[look.light], now), firstDay) : look;
      })
      .sort((a, b) => minuteOf(a) - minuteOf(b)),
  }));
}
