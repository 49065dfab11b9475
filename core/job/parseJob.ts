import * as z from "zod";
import type { StencilReference } from "../finishes/defineFinish";
import { finishOf } from "../finishes/registry";
import { checkMixes } from "./checkMixes";
import { quote } from "../measure/schema";
import { jobSchema, type Job } from "./schema";

// A content security policy without unsafe-eval forbids compiled parsers.
z.config({ jitless: true });

/** What is wrong with a document, where, and what was expected. */
export interface Problem {
  readonly path: string;
  readonly message: string;
}

export type ParsedJob = { ok: true; job: Job } | { ok: false; problems: Problem[] };

export const maximumBytes = 5_000_000;
const deepestNesting = 40;
/** A document of every kind of finish in a house of rooms has a hundredth of it; what has more is not looked into. */
const mostValues = 200_000;
const mostObjects = 20_000;
/** More are not told: whoever has so many has another kind of file. */
const mostProblems = 100;
type Path = readonly (string | number)[];

/** Reads a job document from its text. Never throws: everything wrong with it comes back with its path. */
export function parseJobText(text: string): ParsedJob {
  if (new TextEncoder().encode(text).length > maximumBytes) {
    return failed([{ path: "", message: "the file is over 5 MB; expected a smaller one" }]);
  }
  let document: unknown;
  try {
    document = JSON.parse(withoutMarks(text));
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return failed([{ path: "", message: `this is not JSON (${reason}); expected a job document` }]);
  }
  return parseJob(document);
}

/** Text without the byte order marks that some editors put before it, one or more. */
export const withoutMarks = (text: string): string => text.replace(/^\ufeff+/, "");

/** Checks a job document and fills in its defaults. */
export function parseJob(document: unknown): ParsedJob {
  const size = sizeOf(document);
  if (size.values > mostValues || size.objects > mostObjects) {
    const message = `holds more than ${size.objects > mostObjects ? `${mostObjects} objects` : `${mostValues} values`}; expected a job document`;
    return failed([{ path: "", message }]);
  }
  const plain = dropExtensions(document, 0);
  if (plain === tooDeep) {
    return failed([{ path: "", message: "nested too deeply; expected a job document" }]);
  }
  const unwritable = findUnwritable(plain, []);
  if (unwritable) {
    const message = "holds a character that cannot be kept (a null, or half of one); expected plain text";
    return failed([{ path: formatPath(unwritable), message }]);
  }
  const result = validated(plain);
  if (result === tooWrong) {
    return failed([
      { path: "", message: "so much is wrong with it that it cannot be told; expected a job document" },
    ]);
  }
  if (!result.success) {
    const issues = result.error.issues.slice(0, mostProblems);
    return failed(issues.flatMap((issue) => describeIssue(issue, plain)).slice(0, mostProblems));
  }
  const problems = checkReferences(result.data);
  return problems.length > 0 ? failed(problems) : { ok: true, job: result.data };
}

const tooWrong = Symbol("too wrong");

/** The validator gathers everything that is wrong, and runs out of stack where that is hundreds of thousands. */
function validated(plain: unknown) {
  try {
    return jobSchema.safeParse(plain);
  } catch (error) {
    if (error instanceof RangeError) return tooWrong;
    throw error;
  }
}

/** How many values and objects there are, counted no further than is let in. */
function sizeOf(document: unknown): { values: number; objects: number } {
  let [values, objects] = [0, 0];
  const open: unknown[] = [document];
  while (open.length > 0 && values <= mostValues && objects <= mostObjects) {
    const value = open.pop();
    values++;
    if (value === null || typeof value !== "object") continue;
    const inner = Array.isArray(value) ? (value as unknown[]) : Object.values(value);
    if (!Array.isArray(value)) objects++;
    if (values + open.length + inner.length > mostValues) return { values: mostValues + 1, objects };
    for (const one of inner) open.push(one);
  }
  return { values, objects };
}

const failed = (problems: Problem[]): ParsedJob => ({ ok: false, problems });

const tooDeep = Symbol("too deep");

/** A copy without the "x-..." keys that anyone may add; they stay in the document as written. */
function dropExtensions(value: unknown, depth: number): unknown {
  if (depth > deepestNesting) return tooDeep;
  if (Array.isArray(value)) {
    const items = value.map((item) => dropExtensions(item, depth + 1));
    return items.includes(tooDeep) ? tooDeep : items;
  }
  if (value === null || typeof value !== "object") return value;
  const entries = Object.entries(value)
    .filter(([key]) => !key.startsWith("x-"))
    .map(([key, item]) => [key, dropExtensions(item, depth + 1)] as const);
  // fromEntries defines plain properties, so a "__proto__" key stays a key and is refused as unknown.
  return entries.some(([, item]) => item === tooDeep) ? tooDeep : Object.fromEntries(entries);
}

/** Where a text holds a null or half a surrogate pair, which neither the store nor an address can take; null if nowhere. */
function findUnwritable(value: unknown, path: Path): Path | null {
  if (typeof value === "string") return /\u0000|\p{Surrogate}/u.test(value) ? path : null;
  if (value === null || typeof value !== "object") return null;
  const entries: [string | number, unknown][] = Array.isArray(value)
    ? [...value.entries()]
    : Object.entries(value);
  for (const [key, item] of entries) {
    const found =
      typeof key === "string" && findUnwritable(key, path) ? path : findUnwritable(item, [...path, key]);
    if (found) return found;
  }
  return null;
}

function describeIssue(issue: z.core.$ZodIssue, document: unknown): Problem[] {
  const path = issue.path.filter((part): part is string | number => typeof part !== "symbol");
  switch (issue.code) {
    case "unrecognized_keys":
      return issue.keys.slice(0, mostProblems).map((key) => ({
        path: formatPath([...path, key]),
        message: "unknown key; expected it to be left out, or to start with x-",
      }));
    case "custom":
      return [{ path: formatPath(path), message: issue.message }];
    default: {
      const input = valueAt(document, path);
      const expected = expectationOf(issue);
      const message =
        input === undefined ? `missing; ${expected}` : `${quote(input)} is not right; ${expected}`;
      return [
        {
          path: formatPath(path),
          message: /^(".*"|\S+) is not a /.test(issue.message) ? issue.message : message,
        },
      ];
    }
  }
}

function expectationOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case "invalid_type":
      return `expected ${issue.expected === "object" ? "an object" : issue.expected === "array" ? "a list" : `a ${issue.expected === "int" ? "whole number" : issue.expected}`}`;
    case "invalid_value":
      return `expected ${issue.values.map((value) => JSON.stringify(value)).join(" or ")}`;
    case "too_big":
      return `expected ${issue.inclusive === false ? "less than" : "at most"} ${issue.maximum}${countedIn(issue.origin)}`;
    case "too_small":
      return `expected ${issue.inclusive === false ? "more than" : "at least"} ${issue.minimum}${countedIn(issue.origin)}`;
    default:
      return issue.message.includes("expected")
        ? issue.message
        : `expected something else (${issue.message})`;
  }
}

function countedIn(origin: string): string {
  if (origin === "string") return " characters";
  return origin === "array" ? " items" : "";
}

function valueAt(document: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (value, part) =>
      value !== null && typeof value === "object" && Object.hasOwn(value, part)
        ? (value as Record<string | number, unknown>)[part]
        : undefined,
    document,
  );
}

/** `walls[0].width` */
export function formatPath(path: Path): string {
  return path
    .map((part, index) => (typeof part === "number" ? `[${part}]` : index === 0 ? part : `.${part}`))
    .join("");
}

function checkReferences(job: Job): Problem[] {
  const paints = new Set(job.paints.map((paint) => paint.id));
  const walls = new Set(job.walls.map((wall) => wall.id));
  const places = new Set([...walls, ...job.runs.map((run) => run.id)]);
  const problems = [
    ...duplicates(job.paints, ["paints"]),
    ...duplicates(job.walls, ["walls"]),
    ...duplicates(job.runs, ["runs"], walls),
    ...duplicates(job.stencils, ["stencils"]),
    ...duplicates(job.finishes, ["finishes"]),
    ...job.walls.flatMap((wall, index) => [
      ...duplicates(wall.openings, ["walls", index, "openings"]),
      ...duplicates(wall.fixtures, ["walls", index, "fixtures"], new Set(wall.openings.map(({ id }) => id))),
    ]),
  ];
  const expect = (known: ReadonlySet<string>, id: string, path: Path, what: string) => {
    if (known.has(id)) return;
    const message = `there is no ${what} ${quote(id)}; expected ${listed(known)}`;
    problems.push({ path: formatPath(path), message });
  };
  problems.push(...checkMixes(job.paints).map(({ path, message }) => ({ path: formatPath(path), message })));
  if (job.ceiling?.colour !== undefined) expect(paints, job.ceiling.colour, ["ceiling", "colour"], "paint");
  job.walls.forEach((wall, index) => {
    expect(paints, wall.base, ["walls", index, "base"], "paint");
    const named = [
      [wall.primer, ["primer"]],
      [wall.object?.varnish, ["object", "varnish"]],
      [wall.ceiling?.colour, ["ceiling", "colour"]],
      [wall.floorTrim?.colour, ["floorTrim", "colour"]],
      [wall.present?.paint, ["present", "paint"]],
    ] as const;
    for (const [id, path] of named) {
      if (id !== undefined) expect(paints, id, ["walls", index, ...path], "paint");
    }
  });
  job.runs.forEach((run, index) => {
    run.walls.forEach((id, place) => expect(walls, id, ["runs", index, "walls", place], "wall"));
    problems.push(...checkRun(job, index));
  });
  job.finishes.forEach((finish, index) => {
    expect(places, finish.on, ["finishes", index, "on"], "wall or run");
    const definition = finishOf(finish.kind);
    for (const { path, id } of definition.paints(finish)) {
      expect(paints, id, ["finishes", index, ...path], "paint");
    }
    for (const named of definition.stencils?.(finish) ?? []) {
      problems.push(...checkStencil(job, named, ["finishes", index]));
    }
    const onIt = job.runs.find((run) => run.id === finish.on)?.walls ?? [finish.on];
    const things = new Set(
      job.walls
        .filter((wall) => onIt.includes(wall.id))
        .flatMap((wall) => [...wall.openings, ...wall.fixtures].map((thing) => thing.id)),
    );
    for (const { path, id } of definition.things(finish)) {
      expect(things, id, ["finishes", index, ...path], "opening or fixture");
    }
  });
  return problems;
}

/** A sheet that a finish prints with is there, and each of its colours has a paint. */
function checkStencil(
  { stencils }: Job,
  { path, id, colours, coloursPath, shades = {} }: StencilReference,
  at: Path,
): Problem[] {
  const stencil = stencils.find((other) => other.id === id);
  if (!stencil) {
    const known = new Set(stencils.map((other) => other.id));
    const message = `there is no stencil ${quote(id)}; expected ${listed(known)}`;
    return [{ path: formatPath([...at, ...path]), message }];
  }
  if (colours === null) return [];
  const slots = new Set(stencil.overlays.flatMap(({ cuts }) => cuts.map(({ slot }) => slot)));
  const without = [...slots].filter((slot) => !Object.hasOwn(colours, slot));
  const unknown = Object.keys(colours).filter((slot) => !slots.has(slot));
  return [
    ...without.map((slot) => ({
      path: formatPath([...at, ...coloursPath, slot]),
      message: `missing; expected the paint of this colour of ${quote(id)}`,
    })),
    ...[
      ...unknown.map((slot) => [...coloursPath, slot]),
      ...Object.keys(shades).flatMap((slot) => (slots.has(slot) ? [] : [["shades", slot]])),
    ].map((place) => ({
      path: formatPath([...at, ...place]),
      message: `${quote(id)} has no colour ${quote(place.at(-1)!)}; expected ${listed(slots)}`,
    })),
  ];
}

/** A run takes each wall once and no object, and all its walls from one datum: one floor, or one level line. */
function checkRun(job: Job, index: number): Problem[] {
  const { walls } = job.runs[index]!;
  const isSurveyed = (id: string) => job.walls.find((wall) => wall.id === id)?.survey !== undefined;
  return walls.flatMap((id, place): Problem[] => {
    const path = formatPath(["runs", index, "walls", place]);
    if (walls.indexOf(id) !== place) {
      return [{ path, message: `${quote(id)} stands twice in this run; expected each wall once` }];
    }
    if (job.walls.find((wall) => wall.id === id)?.object) {
      return [{ path, message: `${quote(id)} lies on a table, around no corner; expected walls only` }];
    }
    if (isSurveyed(id) === isSurveyed(walls[0]!)) return [];
    const [is, first] = isSurveyed(id) ? ["surveyed", "quick"] : ["quick", "surveyed"];
    return [
      {
        path,
        message: `${quote(id)} is a ${is} wall and ${quote(walls[0]!)} a ${first} one; expected walls of one datum: all quick, or all surveyed from one level line`,
      },
    ];
  });
}

const mostListed = 8;

function listed(ids: ReadonlySet<string>): string {
  if (ids.size === 0) return "one to be listed first";
  const names = [...ids].slice(0, mostListed).map((id) => quote(id));
  return `one of ${names.join(", ")}${ids.size > mostListed ? " ..." : ""}`;
}

function duplicates(
  things: readonly { id: string }[],
  path: Path,
  taken: ReadonlySet<string> = new Set(),
): Problem[] {
  const seen = new Set(taken);
  return things.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [
      {
        path: formatPath([...path, index, "id"]),
        message: `${quote(id)} is used twice; expected an id of its own`,
      },
    ];
  });
}
