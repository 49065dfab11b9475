import { shorten } from "@/formats/shorten";
import { formatPath } from "@/core/job/problem";

export interface Difference {
  readonly path: string;
  readonly mine: string;
  readonly theirs: string;
}

/** Every place at which two documents differ, down to single values. Things with an id are told by it. */
export function listDifferences(
  mine: unknown,
  theirs: unknown,
  path: readonly (string | number)[] = [],
): Difference[] {
  if (isRecord(mine) && isRecord(theirs)) {
    const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return keys.flatMap((key) => listDifferences(mine[key], theirs[key], [...path, key]));
  }
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    const length = Math.max(mine.length, theirs.length);
    return Array.from({ length }, (_, index) => {
      const name = nameOf(mine[index]) ?? nameOf(theirs[index]) ?? index;
      return listDifferences(mine[index], theirs[index], [...path, name]);
    }).flat();
  }
  if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
  return [{ path: formatPath(path), mine: short(mine), theirs: short(theirs) }];
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === "object" && !Array.isArray(value);

function nameOf(value: unknown): string | undefined {
  return isRecord(value) && typeof value.id === "string" ? value.id : undefined;
}

const longest = 40;

function short(value: unknown): string {
  if (value === undefined) return "not there";
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > longest ? `${shorten(text, longest)}…` : text;
}
