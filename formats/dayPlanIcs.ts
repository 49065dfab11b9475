import { createEvents, type EventAttributes } from "ics";
import type { Plan, PlanBoard } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { dayNumberOf, isoDateOf, minutesADay, minutesOfClock } from "@/core/measure/calendar";
import { stepsOf } from "./dayPlanCsv";
import { whoDoesIt } from "./whoDoes";

interface Options {
  /** The first day, ISO, for a job that has none of its own. */
  readonly firstDate: string;
  /** When the file is made, ms since 1970. */
  readonly stamp: number;
  readonly wall?: string;
}

/**
 * The day plan as a calendar: an event a step, in the wall clock's own time, and whole-day ones for when a wall may be
 * washed and is cured. The same job and stamp give the same bytes.
 */
export function dayPlanIcs(job: Job, plan: Plan, { firstDate, stamp, wall }: Options): string {
  const first = dayNumberOf(job.work.start ?? firstDate)!;
  const names = new Map(job.walls.map(({ id, name }) => [id, name ?? id]));
  const common = { timestamp: stamp, productId: "jacaranda", calName: job.name };
  const steps = stepsOf(plan, wall).map((step): EventAttributes => ({
    ...common,
    uid: uidOf(job, `${step.id}`),
    title: step.say,
    start: momentOf(first + step.day - 1, step.from),
    end: momentOf(first + step.day - 1, step.to),
    startInputType: "local",
    startOutputType: "local",
    endInputType: "local",
    endOutputType: "local",
    description: [whoDoesIt(step), ...step.cautions].join("\n"),
    location: step.wall === undefined ? job.name : names.get(step.wall)!,
  }));
  const looks =
    wall === undefined
      ? (plan.boards ?? []).flatMap((board) => board.looks.map((look) => lookAt(board.id, look)))
      : [];
  const care = (plan.work?.care ?? [])
    .filter((one) => wall === undefined || one.wall === wall)
    .flatMap(({ wall: id, washable, cured }) => [
      wholeDay(`${names.get(id)!} may be washed`, `washable ${id}`, first + washable.day - 1),
      wholeDay(`${names.get(id)!} has cured`, `cured ${id}`, first + cured.day - 1),
    ]);
  const { error, value } = createEvents([...steps, ...looks, ...care]);
  if (error || !value) throw error ?? new Error("The calendar could not be written.");
  return foldByBytes(value);

  /** The client looks at a board: a quarter of an hour while that light is there. */
  function lookAt(board: string, { light, day, at }: PlanBoard["looks"][number]): EventAttributes {
    return {
      ...common,
      uid: uidOf(job, `look ${board} ${light}`),
      title: `Look at board ${board} by ${light === "lamp" ? "the lamp" : `${light} light`}`,
      start: momentOf(first + day - 1, at),
      duration: { minutes: 15 },
      startInputType: "local",
      startOutputType: "local",
      location: job.name,
    };
  }

  function wholeDay(title: string, key: string, day: number): EventAttributes {
    return { ...common, uid: uidOf(job, key), title, start: dateArray(day), end: dateArray(day + 1) };
  }
}

/** The same thing of the same job is the same event when it is imported again. */
const uidOf = (job: Job, key: string): string => `${encodeURIComponent(`${job.name} ${key}`)}@jacaranda`;

function dateArray(day: number): [number, number, number] {
  return isoDateOf(day).split("-").map(Number) as [number, number, number];
}

/** A day that ends at 24:00 ends, for a calendar, when the next begins. */
function momentOf(day: number, clock: string): [number, number, number, number, number] {
  const minutes = minutesOfClock(clock)!;
  const over = Math.floor(minutes / minutesADay);
  const rest = minutes - over * minutesADay;
  return [...dateArray(day + over), Math.floor(rest / 60), rest % 60];
}

/** Bytes of a line, its break aside (RFC 5545, 3.1). */
const longestLine = 75;

/** Long lines folded by bytes, as the format has it, never within a character; the writer counts characters. */
function foldByBytes(text: string): string {
  const encoder = new TextEncoder();
  const lines = text.replace(/\r\n[ \t]/g, "").split("\r\n");
  return lines
    .map((line) => {
      let folded = "";
      let bytes = 0;
      for (const character of line) {
        const more = encoder.encode(character).length;
        if (bytes + more > longestLine) {
          folded += "\r\n ";
          bytes = 1;
        }
        folded += character;
        bytes += more;
      }
      return folded;
    })
    .join("\r\n");
}
