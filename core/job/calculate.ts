import type { Finding } from "../findings/finding";
import { refuseClimate } from "../trade/climate";
import { partOnceMore } from "../work/onceMore";
import { countSundries, type Sundry } from "../work/sundries";
import { schedule, type Schedule } from "../sequence/schedule";
import type { UnderWay } from "../sequence/underWay";
import { workHoursOf } from "../sequence/workHours";
import { dayOf } from "../measure/calendar";
import { longestField } from "../work/stepList";
import { calculatePaint, type PaintOfJob } from "./calculatePaint";
import { checkStencils } from "./checkStencils";
import { isWorked, tapeOf, usesOf, type JobWork } from "./contribute";
import type { LaidOutJob } from "./orderedWall";
import type { Job } from "./schema";
import { tooMuch } from "./stopWalls";
import { adviseColours } from "./adviseJob";
import { allSundries } from "./allSundries";

/** When all that a job has to do is done; under way, what of it is still to be done, and when. */
export function workOut(work: JobWork, underWay: UnderWay | null = null): WorkedOut {
  const { crews, site } = work;
  const isRefused = refuseClimate(site.work) !== null || !isWorked(work);
  if (!underWay) return { work, schedule: isRefused ? null : schedule(crews, site.work) };
  const paintOf = (id: string) => site.paints.get(id);
  const given = crews.map((steps) => partOnceMore(steps, underWay.known, paintOf));
  const steps = given.map((one) => one.steps);
  const next = given[0]?.next ?? [];
  return {
    work: next.length === 0 ? work : { ...work, onceMore: next, tape: tapeOf(work.site, next) },
    schedule: isRefused ? null : schedule(steps, site.work, underWay),
  };
}

/** A job's work in one school, and when it is done. */
export interface WorkedOut {
  readonly work: JobWork;
  /** Null where paint would not dry, or there is nothing to do. */
  readonly schedule: Schedule | null;
}

/** What it takes beside time: paint, sundries and money. */
export interface Needs {
  readonly paint: readonly PaintOfJob[];
  readonly sundries: readonly BoughtSundry[];
  readonly cost: {
    readonly paint: number;
    readonly sundries: number;
    readonly total: number;
    /** Sizes of tins and sundries to buy without a price. */
    readonly unpriced: number;
  };
  readonly findings: readonly Finding[];
}

export interface BoughtSundry extends Omit<Sundry, "told"> {
  readonly onHand: number;
  readonly buy: number;
  readonly price: number | null;
  readonly cost: number;
}

export function calculate(
  { job, walls }: LaidOutJob,
  { work, schedule: planned }: WorkedOut,
  byHand: WorkedOut | null = null,
): Needs {
  const uses = usesOf(work, job.toolsToBuy);
  const { paint, findings } = calculatePaint(job, walls, uses.paint, work);
  const sundries = countSundries(uses.sundries, allSundries).map(({ told, ...sundry }): BoughtSundry => {
    const { price = told ?? null, onHand = 0 } = (job.supplies as Supplies)[sundry.item] ?? {};
    // What is at hand comes off what is bought.
    const buy = Math.max(0, sundry.count - onHand);
    return { ...sundry, onHand, buy, price, cost: buy * (price ?? 0) };
  });
  const sum = (things: readonly { cost: number }[]) => things.reduce((total, { cost }) => total + cost, 0);
  const cost = {
    paint: sum(paint),
    sundries: sum(sundries),
    total: sum(paint) + sum(sundries),
    unpriced:
      paint.flatMap(({ packs }) => packs).filter(({ isEstimate }) => isEstimate).length +
      sundries.filter(({ buy, price }) => buy > 0 && price === null).length,
  };
  return {
    paint,
    sundries,
    cost,
    findings: [
      ...checkClimate(job),
      ...coldRoom(job, work, planned),
      ...soonerByHand(planned, byHand),
      ...checkStencils(job),
      ...adviseColours(job, walls),
      ...(work.over ? [tooMuch(work.over)] : []),
      ...impossible(planned, job),
      ...work.findings,
      ...work.own.flatMap((own) => own.findings),
      ...patchesThatStay(job, work.boards),
      ...findings,
      ...checkBudget(job, cost.total),
    ],
  };
}

/** Patches on a wall whose base is on already: where that is left, they stay to be seen. */
const patchesThatStay = ({ walls }: Job, boards: JobWork["boards"]): Finding[] =>
  boards.flatMap(({ id: board, wall }, place): Finding[] => {
    const on = walls.find(({ id }) => id === wall);
    if (on?.baseState !== "on") return [];
    return [
      {
        code: "patch-stays",
        severity: "check",
        at: null,
        values: { board, wall: on.id },
        cure: { kind: "board-instead", count: 0, path: ["boards", place], set: { as: "board" } },
      },
    ];
  });

/** A room in which paint would not dry. */
function checkClimate({ work }: Job): Finding[] {
  const why = refuseClimate(work);
  const { temperature, humidity } = work;
  return why
    ? [{ code: "room-climate", severity: "stop", at: null, values: { why, temperature, humidity } }]
    : [];
}

/** Days under tape and by hand, where the brush is done sooner. */
function soonerByHand(taped: Schedule | null, byHand: WorkedOut | null): Finding[] {
  if (!taped || !byHand?.schedule) return [];
  const days = { taped: lastDayOf(taped), byHand: lastDayOf(byHand.schedule) };
  if (days.byHand >= days.taped) return [];
  return [
    {
      code: "by-hand-sooner",
      severity: "note",
      at: null,
      values: days,
      cure: { kind: "by-hand", count: 0, path: ["edges"], set: { straight: "hand" } },
    },
  ];
}

/** What air takes, against a room that is heated and aired: told where that is more than twice the days. */
const heated = { temperature: 20, humidity: 50 } as const;

export const lastDayOf = ({ end }: Schedule): number => dayOf(end - 1) + 1;

function coldRoom({ work: asked }: Job, { crews }: JobWork, planned: Schedule | null): Finding[] {
  if (!planned || planned.factor <= 1) return [];
  const days = lastDayOf(planned);
  if (days < 2) return [];
  const warmDays = lastDayOf(schedule(crews, { ...asked, ...heated }));
  if (days <= 2 * warmDays) return [];
  const { temperature, humidity } = asked;
  return [
    {
      code: "cold-room",
      severity: "check",
      at: null,
      values: { temperature, humidity, days, warmDays },
      cure: { kind: "warm-room", count: 0, path: ["work"], set: { ...heated } },
    },
  ];
}

const checkBudget = ({ budget }: Job, cost: number): Finding[] =>
  budget !== undefined && cost > budget
    ? [{ code: "over-budget", severity: "check", values: { cost, budget }, at: null }]
    : [];

/** What cannot be done as it should be. */
function impossible(planned: Schedule | null, { work }: Job): Finding[] {
  return (planned?.impossible ?? []).map(({ step, why }): Finding => {
    const { say, hands = 1 } = step;
    const values = {
      step: say,
      why,
      minutes: longestField(step),
      hands,
      crew: work.crew,
      day: workHoursOf(work).mostInOneGo(step),
    };
    return { code: "cannot-be-done", severity: "stop", values, at: null };
  });
}

type Supplies = Readonly<Record<string, { price?: number; onHand?: number } | undefined>>;
