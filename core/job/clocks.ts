import { minutesADay } from "../measure/calendar";
import type { Happened, Told } from "../journal/happened";
import { formatMoment } from "../journal/moment";
import type { PlanClock, PlanStep } from "../plan/planDayTypes";
import type { WaitKind } from "../work/step";
import { keysOfStep } from "../work/ownKeys";
import type { Job } from "./schema";
import { leftBy } from "./waitedFor";

/** A step that is under way, with what was told of it, in minutes from the first midnight. */
interface Running {
  readonly step: PlanStep;
  readonly began: number;
  /** The last word of it: begun, or a part of it done. */
  readonly last: number;
  /** Whether all of it but its peeling is told as done. */
  readonly isPeeling: boolean;
}

type Timed = Omit<PlanClock, "since" | "due"> & { readonly from: number; readonly to: number };

/**
 * What is due when, by what was told and never by counting down: of work under way its wet edge or its tape that comes off while the
 * paint tacks, what is stirred and cleaned meanwhile; of what waits on work that is done when that is dry, and by when it is begun.
 */
export function clocksOf(
  steps: readonly PlanStep[],
  job: Job,
  work: Happened["work"],
  now: number,
  firstDay: number,
): PlanClock[] {
  const words = wordsFor(job);
  const timeOf = ({ at }: Told) => (at.day - firstDay) * minutesADay + at.minutes;
  const byId = new Map(steps.map((step) => [step.id, step]));
  const momentAt = (time: number) =>
    formatMoment(
      firstDay + Math.floor(time / minutesADay),
      ((time % minutesADay) + minutesADay) % minutesADay,
    );
  return [
    ...steps.flatMap((step) => {
      const running = step.state === "running" ? runningOf(step, work, timeOf) : null;
      return running ? whileRunning(running, now, words) : [];
    }),
    ...steps.flatMap((step) => beginBy(step, byId, words)),
    ...drying(steps, byId, now, words),
  ]
    .sort((a, b) => a.to - b.to)
    .map(({ from, to, ...clock }) => ({ ...clock, since: momentAt(from), due: momentAt(to) }));
}

interface Words {
  readonly paint: (step: PlanStep) => string;
  readonly on: (step: PlanStep) => string;
}

const wordsFor = ({ walls, paints }: Job): Words => ({
  paint: ({ colour }) => paints.find(({ id }) => id === colour)?.name ?? "Paint",
  on: ({ wall: id }) => {
    const wall = walls.find((one) => one.id === id);
    return wall ? ` on ${wall.name ?? wall.id}` : "";
  },
});

function runningOf(step: PlanStep, work: Happened["work"], timeOf: (told: Told) => number): Running | null {
  const known = keysOfStep(step).map((key) => ({ key, ...work.get(key) }));
  const began = known.flatMap((one) => (one.began ? timeOf(one.began) : []));
  const done = known.flatMap((one) => (one.finished ? timeOf(one.finished) : []));
  if (began.length + done.length === 0) return null;
  const peels = new Set(keysOfStep({ ...step, does: step.does.filter(({ act }) => isOff.has(act)) }));
  return {
    step,
    began: Math.min(...began, ...done),
    last: Math.max(...began, ...done),
    isPeeling: peels.size > 0 && known.every(({ key, finished }) => peels.has(key) || finished !== undefined),
  };
}

const isOff: ReadonlySet<string> = new Set(["peel", "unmask"]);

function whileRunning({ step, began, last, isPeeling }: Running, now: number, { paint, on }: Words): Timed[] {
  const { open_min: open, stir_min: stir, clean_every: every } = step;
  const of = about(step);
  // What recurs is due at the next of its times that is not over.
  const nextOf = (from: number, each: number) => from + Math.max(1, Math.ceil((now - from) / each)) * each;
  const prints = step.does.find(({ act }) => act === "print")?.ids.length ?? 0;
  const cleaned = every === undefined || prints === 0 ? 0 : (every * step.minutes) / prints;
  return [
    ...(open === undefined
      ? []
      : [
          {
            ...of,
            clock: isPeeling ? ("peel" as const) : ("wet-edge" as const),
            from: last,
            to: last + open,
            say: isPeeling
              ? `Tape off while ${paint(step)}${on(step)} tacks.`
              : `${paint(step)}${on(step)} stays wet at its edge: join it before that.`,
          },
        ]),
    ...(stir === undefined
      ? []
      : [
          {
            ...of,
            clock: "stir" as const,
            from: began,
            to: nextOf(began, stir),
            say: `Stir ${paint(step)}.`,
          },
        ]),
    ...(cleaned > 0
      ? [
          {
            ...of,
            clock: "clean-sheet" as const,
            from: began,
            to: nextOf(began, cleaned),
            say: `Clean the sheet${on(step)}: about ${every} prints.`,
          },
        ]
      : []),
  ];
}

/** What is begun before it is too late: a neighbour while this one is wet, masks off while the coat is soft. */
function beginBy(step: PlanStep, byId: ReadonlyMap<string, PlanStep>, { on }: Words): Timed[] {
  if (step.state === "done" || step.state === "running") return [];
  return (step.within ?? []).flatMap(({ step: id, minutes }): Timed[] => {
    const before = byId.get(id);
    if (before?.state !== "done") return [];
    const isTapeOff = step.does.some(({ act }) => isOff.has(act));
    const say = isTapeOff
      ? `Tape off${on(step)} while the coat is soft.`
      : `Begin${on(step)} while what is beside it is wet.`;
    return [{ ...about(step), clock: "begin", from: before.end, to: before.end + minutes, say }];
  });
}

/** What dries and holds something up, once for all that waits for it alike. */
function drying(
  steps: readonly PlanStep[],
  byId: ReadonlyMap<string, PlanStep>,
  now: number,
  { paint, on }: Words,
): Timed[] {
  const found = new Map<string, Timed>();
  for (const step of steps) {
    if (step.state === "done" || step.state === "running") continue;
    for (const { step: id, what, until } of step.waitsFor) {
      const before = byId.get(id);
      const takes = takesWords[what];
      if (before?.state !== "done" || until <= now || takes === null) continue;
      const key = `${before.wall ?? ""} ${before.colour ?? before.kind} ${what} ${until}`;
      if (found.has(key)) continue;
      const thing =
        before.colour === undefined
          ? upper(leftBy[before.does[0]?.act ?? "look"] ?? "what was done")
          : paint(before);
      found.set(key, {
        ...about(step),
        ...(before.colour !== undefined && { paint: before.colour }),
        clock: "dry",
        from: before.end,
        to: until,
        say: `${thing}${on(before)} ${takes}.`,
      });
    }
  }
  return [...found.values()];
}

/** What is ready when a wait is over; looks and turns are no matter of drying. */
const takesWords: Readonly<Record<WaitKind, string | null>> = {
  after: null,
  looks: null,
  drying: "is dry",
  recoat: "takes its next coat",
  "tape-over": "takes tape",
  "touch-dry": "is dry to the touch",
  "next-day": "has stood overnight",
};

const about = ({ id, wall, colour }: PlanStep) => ({
  step: id,
  ...(wall !== undefined && { wall }),
  ...(colour !== undefined && { paint: colour }),
});

const upper = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
