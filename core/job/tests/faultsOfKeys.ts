import { keysOf } from "../../work/keys";
import type { Plan, PlanWall } from "../../plan/planTypes";
import type { Job } from "../schema";

/** What a layout asks for, as keys: every region every coat, tape on and off, and what lies on walls once. */
function askedFor(job: Job, whole: Plan): Map<string, string> {
  const asked = new Map<string, string>();
  const ask = (keys: readonly string[], why: string) => keys.forEach((key) => asked.set(key, why));
  const wallOf = new Map(
    whole.walls.flatMap(({ id, regions }) => regions.map((region) => [region.id, { id, region }])),
  );
  for (const { regions, coat } of whole.rounds)
    for (const own of regions) {
      const { id, region } = wallOf.get(own)!;
      const all = job.paints.find((paint) => paint.id === region.colour)!.coats;
      const coats = coat === undefined ? Array.from({ length: all }, (_, index) => index + 1) : [coat];
      for (const each of coats)
        ask(keysOf([{ act: "coat", wall: id, of: "region", ids: [own], coat: each }]), "a round");
    }
  for (const wall of whole.walls) askOnWall(wall, ask);
  // A sheet that goes by its ticks is walked over every place once before it is printed with.
  for (const finish of job.finishes)
    if ("register" in finish && finish.register === "ticks")
      for (const { id: wall, prints = [] } of whole.walls) {
        const list = prints.find((own) => own.finish === finish.id)?.list ?? [];
        const ids = list.flatMap((print) => (print.overlay === list[0]!.overlay ? [print.id] : []));
        ask(keysOf([{ act: "mark", wall, of: "print", ids }]), "its ticks");
      }
  return asked;
}

function askOnWall(
  { id: wall, tape, prints = [], bricks = [], sheets = [], coats = [] }: PlanWall,
  ask: (keys: readonly string[], why: string) => void,
): void {
  for (const { id, against } of tape) {
    const [on, off] = against ? (["mask", "unmask"] as const) : (["tape", "peel"] as const);
    ask(keysOf([on, off].map((act) => ({ act, wall, of: "tape", ids: [id] }))), "its tape");
  }
  const printed = (of: "print" | "brick", list: readonly { id: string }[]) =>
    ask(keysOf([{ act: "print", wall, of, ids: list.map(({ id }) => id) }]), `its ${of}s`);
  for (const { list } of prints) printed("print", list);
  for (const { list } of bricks) printed("brick", list);
  for (const { finish, coat, sections } of coats)
    ask(
      keysOf([{ act: "coat", wall, of: "section", ids: sections.map(({ id }) => id), coat }]),
      `sections of ${finish}`,
    );
  // A drop that goes around a corner is hung from the wall on which it begins.
  for (const { finish, drops } of sheets)
    for (const { n } of drops)
      for (const act of ["cut", "lay"] as const) ask([`${act} drop ${finish}/d${n}`], "its drops");
}

/** Work of kinds that a layout asks for one by one; the rest (washing, mixing, days) is asked for by walls and paints. */
const oneByOne = new Set(["region", "tape", "print", "brick", "drop", "section", "mark"]);
const beside = new Set(["seal", "look", "prime", "rub-out"]);

/** Where the keys of all steps are not exactly what the layout asks for: each once, none more. */
export function faultsOfKeys(job: Job, whole: Plan): string[] {
  if (!whole.work || whole.steps.length === 0) return [];
  const asked = askedFor(job, whole);
  const marked = new Map(
    whole.walls.flatMap(({ id, marks, checks }) => [...marks, ...checks].map((mark) => [mark.id, id])),
  );
  const done = new Map<string, { readonly step: string; readonly isLast: boolean }>();
  const faults: string[] = [];
  for (const step of whole.steps) {
    for (const one of step.does) {
      if (!oneByOne.has(one.of) || beside.has(one.act)) continue;
      const keys = one.of === "drop" ? one.ids.map((id) => `${one.act} drop ${id}`) : keysOf([one]);
      keys.forEach((key, place) => {
        const isKnown = one.of === "mark" ? marked.get(one.ids[place]!) === one.wall : asked.has(key);
        if (!isKnown) faults.push(`${step.id} does what nothing asks for: ${key}`);
        const before = done.get(key);
        // What is too large for one part is the last of it, and goes on as the first of the next.
        const isGoingOn = before?.isLast && place === 0 && stemOf(before.step) === stemOf(step.id);
        if (before && !isGoingOn) faults.push(`${key} is done in ${before.step} and again in ${step.id}`);
        done.set(key, { step: step.id, isLast: place === keys.length - 1 });
      });
    }
  }
  for (const [key, why] of asked)
    if (!done.has(key)) faults.push(`${key} is asked for by ${why} and never done`);
  const marks = new Set(
    whole.steps.flatMap(({ does }) => does.flatMap(({ act, ids }) => (act === "mark" ? ids : []))),
  );
  const isMarkedOn = new Set(whole.steps.flatMap(({ kind, wall }) => (kind === "mark" ? [wall] : [])));
  for (const [mark, wall] of marked)
    if (isMarkedOn.has(wall) && !marks.has(mark)) faults.push(`${mark} is never made`);
  return faults;
}

/** A step's id without the number of its part. */
const stemOf = (id: string): string => id.replace(/\/\d+$/, "");
