import * as z from "zod";
import { quote } from "../measure/schema";
import { checkReferences } from "./checkReferences";
import { formatPath, type Path, type Problem } from "./problem";
import { jobSchema, type Job } from "./schema";
import { tooLarge } from "./sizeOfDocument";

// A content security policy without unsafe-eval forbids compiled parsers.
z.config({ jitless: true });

export type ParsedJob = { ok: true; job: Job } | { ok: false; problems: Problem[] };

export const maximumBytes = 5_000_000;
const deepestNesting = 40;
/** More are not told: whoever has so many has another kind of file. */
const mostProblems = 100;

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
  const large = tooLarge(document);
  if (large !== null) return failed([{ path: "", message: large }]);
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
