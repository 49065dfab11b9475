import { toldOf } from "../journal/defineKind";
import type { Happened, Kept } from "../journal/happened";
import { decided } from "../journal/kinds/decided";
import { miss } from "../journal/kinds/miss";
import { section } from "../journal/kinds/section";
import { stock } from "../journal/kinds/stock";
import { tapeRollM } from "../trade/constants";
import { readKey } from "../work/keys";
import { finishSchema, type Job, type JobFinish } from "./schema";

/**
 * A job with what was told of it: what the document says of things that are records (what is in the store, misses, sections as
 * they look) is how it stood at first, and entries go on from there. What would not hold in a document is left out.
 */
export function withRecords(job: Job, happened: Happened, usedBy: UsedBy = () => 0): Job {
  const finishes = job.finishes.map((finish) => withSections(withMisses(finish, job, happened), happened));
  const isSame = finishes.every((finish, place) => finish === job.finishes[place]);
  return withStore(withAccepted(isSame ? job : { ...job, finishes }, happened), happened, usedBy);
}

/** Mixes whose tint over the label's limit somebody has taken upon himself, and has not refused since. */
function withAccepted(job: Job, happened: Happened): Job {
  const accepted = job.paints.flatMap(({ id, mix }) => {
    const said = mix && toldOf(happened, decided).findLast(({ of }) => of.mix === id);
    return said?.accepts?.includes("over-limit") && said.of.refused !== true
      ? [{ mix: id, name: said.name }]
      : [];
  });
  return accepted.length > 0 ? { ...job, accepted } : job;
}

/** How much of a paint work had taken by an instant, ml. */
export type UsedBy = (paint: string, instant: number) => number;

/** Whether the store was counted when some work was done already: what that took was in it, too. */
export const isCountedLate = (happened: Happened): boolean =>
  toldOf(happened, stock).some(
    ({ change, told }) =>
      change === "set" &&
      [...happened.work.values()].some(({ finished }) => finished && finished.at.instant <= told.at.instant),
  );

/**
 * Paint in ml and sundries in pieces, one word after the other. A plan reckons with what there was for the whole job: what is
 * counted later is what is left of that.
 */
function withStore(job: Job, happened: Happened, usedBy: UsedBy): Job {
  const told = toldOf(happened, stock);
  if (told.length === 0) return job;
  const amounts = new Map<string, number>([
    ...job.paints.map(({ id, onHandMl }) => [id, onHandMl] as const),
    ...Object.entries(job.supplies).map(([item, supply]) => [item, supply?.onHand ?? 0] as const),
  ]);
  for (const { item: written, unit, amount: counted, change, told: at } of told) {
    const item = itemOf(written);
    // Tape that is told in metres is as many rolls as that makes.
    const amount = unit === "m" ? counted / tapeRollM : counted;
    const before = amounts.get(item) ?? 0;
    const after = {
      set: amount + usedBy(item, at.at.instant),
      add: before + amount,
      take: Math.max(0, before - amount),
    }[change];
    amounts.set(item, after);
  }
  const supplies = Object.fromEntries(
    [...amounts]
      .filter(([item]) => !job.paints.some(({ id }) => id === item))
      .map(([item, onHand]) => [item, { ...job.supplies[item], onHand: Math.floor(onHand) }]),
  );
  return {
    ...job,
    supplies: { ...job.supplies, ...supplies },
    paints: job.paints.map((paint) => ({ ...paint, onHandMl: amounts.get(paint.id)! })),
  };
}

/** `paint:kelp` is paint, `tape:24` the sundry `tape-24`. */
const itemOf = (written: string): string => written.replace(/^paint:/, "").replace(":", "-");

/** Misses that no coat has gone over since; those on one wall of a run lie as far along as that begins. */
function withMisses(finish: JobFinish, job: Job, happened: Happened): JobFinish {
  const open = openMisses(finish.id, happened);
  if (open.length === 0) return finish;
  const before = "misses" in finish ? (finish.misses ?? []) : [];
  const places = open.map(({ wall, place: [x, y] }) => [x + offsetOf(wall, finish, job), y]);
  return orBefore(finish, { misses: [...before, ...places] });
}

/** Misses of a finish that no coat has gone over since. */
export const openMisses = (finish: string, happened: Happened) =>
  toldOf(happened, miss).filter((one) => one.finish === finish && !isCoatedSince(one, finish, happened));

function isCoatedSince(
  { told, wall }: Kept<{ wall?: string | undefined }>,
  finish: string,
  { work }: Happened,
): boolean {
  for (const [key, { finished }] of work) {
    if (!finished || finished.at.instant <= told.at.instant) continue;
    const { act, id, wall: on } = readKey(key);
    if (act === "coat" && id.split("/").includes(finish) && (wall === undefined || on === wall)) return true;
  }
  return false;
}

function offsetOf(wall: string | undefined, { on }: JobFinish, { runs, walls }: Job): number {
  const run = runs.find(({ id }) => id === on);
  const place = run && wall !== undefined ? run.walls.findIndex((id) => id === wall) : -1;
  if (!run || place < 0) return 0;
  const widthOf = (id: string) => walls.find((one) => one.id === id)?.width ?? 0;
  return run.walls.slice(0, place).reduce((sum, id) => sum + widthOf(id), 0);
}

/** Sections in the order in which they were looked at first, each as it was seen last, after those of the document. */
function withSections(finish: JobFinish, happened: Happened): JobFinish {
  const own = toldOf(happened, section).filter((one) => one.finish === finish.id);
  if (own.length === 0) return finish;
  const last = new Map<string, object>();
  for (const { section: id, seen } of own) last.set(id, seen);
  const before = "seen" in finish ? (finish.seen ?? []) : [];
  return orBefore(finish, { seen: [...before, ...last.values()] });
}

/** A finish with more in it, as long as that holds. */
function orBefore(finish: JobFinish, more: object): JobFinish {
  const read = finishSchema.safeParse({ ...finish, ...more });
  return read.success ? read.data : finish;
}
