import * as z from "zod";
import { formatPath } from "../job/problem";
import type { Problem } from "../job/problem";
import { entryFormat } from "./entryFormat";
import { kindOf } from "./kinds";
import { freeText, idText, momentText } from "./limits";
import { parseMoment, type Moment } from "./moment";

/** A longer one is refused, characters. */
const longestEntry = 200_000;

/** Crockford's base 32: 48 bits of time and 80 of chance. */
const ulid = /^[0-7][0-9A-HJKMNP-TV-Z]{25}$/;

const envelopeSchema = z.looseObject({
  format: z.literal(entryFormat),
  id: z.string().regex(ulid, "expected a ULID"),
  job: idText.nullable(),
  document: freeText.optional(),
  at: momentText,
  by: freeText,
  device: freeText.default(""),
  kind: idText,
});

/** Takes another entry back. */
const withdrawnSchema = z.object({
  entry: z.string().regex(ulid, "expected a ULID"),
  why: freeText.default(""),
});

/** An entry of a journal, read. Of a kind that this version does not know the payload is kept as it came. */
export interface Entry {
  readonly id: string;
  readonly job: string | null;
  readonly document: string | null;
  readonly at: Moment;
  readonly by: string;
  readonly device: string;
  readonly kind: string;
  readonly payload: object;
  /** Whether this version folds it. */
  readonly isKnown: boolean;
}

export type ReadEntry =
  | { readonly ok: true; readonly entry: Entry }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** Reads one entry from what JSON made of it. Answers what is wrong place by place; never throws. */
export function readEntry(value: unknown): ReadEntry {
  const envelope = envelopeSchema.safeParse(value);
  if (!envelope.success) return { ok: false, problems: problemsOf(envelope.error) };
  const { format: _, id, job, document = null, at, by, device, kind, ...rest } = envelope.data;
  if (JSON.stringify(rest).length > longestEntry)
    return { ok: false, problems: [{ path: "", message: `longer than ${longestEntry} characters` }] };
  const known = kind === "withdrawn" ? withdrawnSchema : kindOf(kind)?.payload;
  const payload = known ? known.safeParse(rest) : null;
  if (payload && !payload.success) return { ok: false, problems: problemsOf(payload.error) };
  const moment = parseMoment(at)!;
  const [told, isKnown] = [payload?.data ?? rest, payload !== null];
  return { ok: true, entry: { id, job, document, at: moment, by, device, kind, payload: told, isKnown } };
}

const problemsOf = ({ issues }: z.ZodError): Problem[] =>
  issues.slice(0, 20).map(({ path, message }) => ({
    path: formatPath(path.filter((key) => typeof key !== "symbol")),
    message,
  }));

export interface ReadJournal {
  readonly entries: readonly Entry[];
  /** By their lines, from 1. */
  readonly refused: readonly { readonly line: number; readonly problems: readonly Problem[] }[];
}

/** Reads a journal of one entry a line; what does not hold is refused line by line, and the rest goes in. */
export function readJournal(text: string): ReadJournal {
  const entries: Entry[] = [];
  const refused: { line: number; problems: readonly Problem[] }[] = [];
  text.split("\n").forEach((line, index) => {
    if (line.trim() === "") return;
    const value = parsed(line);
    const read = value === undefined ? notJson : readEntry(value);
    if (read.ok) entries.push(read.entry);
    else refused.push({ line: index + 1, problems: read.problems });
  });
  return { entries, refused };
}

const notJson: ReadEntry = {
  ok: false,
  problems: [{ path: "", message: "not JSON; expected one entry a line" }],
};

/** Undefined for what is not JSON. */
function parsed(line: string): unknown {
  try {
    return JSON.parse(line) as unknown;
  } catch {
    return undefined;
  }
}
