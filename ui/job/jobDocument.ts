import { sheetsToAdd } from "@/core/stencil/library";
import type * as z from "zod";
import type { jobSchema } from "@/core/job/schema";
import { applyChange } from "@/core/finishes/applyChange";
import type { PlanChange } from "@/core/plan/planTypes";
import { parseJob, type ParsedJob } from "@/core/job/parseJob";
import type { Problem } from "@/core/job/problem";

/** A job document as it is written: texts such as `9' 4 3/8"` are kept, defaults are not filled in. */
export type JobDocument = z.input<typeof jobSchema>;
export type WallDocument = JobDocument["walls"][number];
export type SurveyDocument = NonNullable<WallDocument["survey"]>;
export type PaintDocument = JobDocument["paints"][number];
export type FinishDocument = JobDocument["finishes"][number];

/** The text that is saved and planned. */
export const textOf = (document: JobDocument): string => `${JSON.stringify(document, null, 2)}\n`;

/** A parse of each document object is kept, since several parts of the screen ask for the same one. */
const kept = new WeakMap<JobDocument, ParsedJob>();

export function parseKept(document: JobDocument): ParsedJob {
  const before = kept.get(document);
  if (before) return before;
  const answer = parseJob(document);
  kept.set(document, answer);
  return answer;
}

/** Why a document cannot be taken; empty when it can. */
export function problemsOf(document: JobDocument): Problem[] {
  const answer = parseKept(document);
  return answer.ok ? [] : answer.problems;
}

/** A copy with the wall, fixture or whatever has this id changed. */
export function changeById<Item extends { id: string }>(
  items: readonly Item[],
  id: string,
  change: (item: Item) => Item,
): Item[] {
  return items.map((item) => (item.id === id ? change(item) : item));
}

/** An id in this stem that none of the things has. */
export function freshId(stem: string, things: readonly { id: string }[]): string {
  const plain =
    stem
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-+|-+$/g, "")
      .slice(0, 40) || "item";
  const taken = new Set(things.map((thing) => thing.id));
  if (!taken.has(plain)) return plain;
  let number = 2;
  while (taken.has(`${plain}-${number}`)) number++;
  return `${plain}-${number}`;
}

/** A document with a change that the plan offers made in it: keys of itself, a finish, a paint or a wall, or of a place within. */
export function changeDocument(
  document: JobDocument,
  { finish, wall, paint, stencil, path, set }: Omit<PlanChange, "label">,
): JobDocument {
  const merge = <Item>(item: Item): Item => applyChange(item, { path, set });
  if ([finish, wall, paint, stencil].every((id) => id === undefined)) return merge(document);
  return {
    ...document,
    finishes:
      finish === undefined ? document.finishes : changeById<FinishDocument>(document.finishes, finish, merge),
    paints: paint === undefined ? document.paints : changeById<PaintDocument>(document.paints, paint, merge),
    ...(stencil !== undefined && { stencils: changeById(document.stencils ?? [], stencil, merge) }),
    walls: wall === undefined ? document.walls : changeById<WallDocument>(document.walls, wall, merge),
  };
}

/** Sheets that ship come into a job with the first finish that prints with them. */
export const withSheets = (
  job: JobDocument,
  sheets: readonly { readonly id: string }[],
): Pick<JobDocument, "stencils"> => {
  const own = job.stencils ?? [];
  const names = sheets.map(({ id }) => id);
  return { stencils: [...own, ...sheetsToAdd(names, own)] };
};
