import { writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import {
  outputFormats,
  csvTables,
  writeOutput,
  type OutputFormat,
  type CsvTable,
  type Wanted,
} from "@/formats/writeOutput";
import { readJournal } from "@/core/journal/entry";
import { parseMoment } from "@/core/journal/moment";
import { readJob, readText, reasonOf, type Terminal } from "./terminal";

const usage = `usage: npm run --silent plan -- FILE.json [--format ${outputFormats.join("|")}] [--sheet ${csvTables.join("|")}] [--wall ID] [--out FILE] [--journal FILE.jsonl] [--now MOMENT]
  with --journal or --now the plan from then on; a MOMENT is like 2027-01-12T11:20, by the clock on the spot
  - reads standard input; --sheet is what a csv is of`;

/** Job file in, plan out. Exit 0; 2 with one line a problem for a document or a call that does not hold. */
export function runPlan(args: readonly string[], { print, complain, now }: Terminal): number {
  const refuse = (message: string): number => {
    complain(`${message}\n`);
    return 2;
  };
  const call = readCall(args);
  if (typeof call === "string") return refuse(call);
  const answer = readJob(call.file);
  if ("problem" in answer) return refuse(answer.problem);
  const ids = answer.job.walls.map(({ id }) => id);
  if (call.wall !== undefined && !ids.includes(call.wall)) {
    return refuse(`--wall: there is no wall ${JSON.stringify(call.wall)}; expected one of ${ids.join(", ")}`);
  }
  const from = underWay(call, now(), complain);
  if (typeof from === "string") return refuse(from);
  const written = writeOutput(answer.job, { ...call, now: now(), ...(from && { from }) });
  if (call.out === undefined) {
    print(written);
    return 0;
  }
  try {
    writeFileSync(call.out, written);
  } catch (error) {
    return refuse(`${call.out}: cannot be written (${reasonOf(error)})`);
  }
  return 0;
}

/** A journal and the moment to plan from; null where neither is told. What of it does not hold is said, and the rest goes in. */
function underWay(
  { journal, now }: Call,
  clock: number,
  complain: (message: string) => void,
): Wanted["from"] | string | null {
  if (journal === undefined && now === undefined) return null;
  const moment = now ?? localIso(new Date(clock));
  if (!parseMoment(moment)) return `--now: ${now} is no moment; expected one like 2027-01-12T11:20`;
  if (journal === undefined) return { journal: "", moment };
  const read = readText(journal, "a journal, one entry a line");
  if ("problem" in read) return read.problem;
  const { refused } = readJournal(read.text);
  for (const { line, problems } of refused)
    for (const { path, message } of problems)
      complain(`${journal}:${line}: ${path ? `${path}: ` : ""}${message}\n`);
  // Of a file that anyone may have written only entries go on.
  const isRefused = new Set(refused.map(({ line }) => line));
  const held = read.text.split("\n").filter((_, index) => !isRefused.has(index + 1));
  return { journal: held.join("\n"), moment };
}

/** By the clock of this machine. */
function localIso(date: Date): string {
  const two = (value: number) => String(value).padStart(2, "0");
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

interface Call {
  readonly file: string;
  readonly out?: string;
  readonly format: OutputFormat;
  readonly sheet: CsvTable;
  readonly wall?: string;
  readonly journal?: string;
  readonly now?: string;
}

function readCall(args: readonly string[]): Call | string {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        out: { type: "string" },
        format: { type: "string", default: "json" },
        sheet: { type: "string", default: "days" },
        wall: { type: "string" },
        journal: { type: "string" },
        now: { type: "string" },
      },
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0) return usage;
    const { out, wall, journal, now } = values;
    const format = outputFormats.find((known) => known === values.format);
    const sheet = csvTables.find((known) => known === values.sheet);
    if (!format)
      return `--format: ${values.format} does not exist (yet); expected ${outputFormats.join(", ")}\n${usage}`;
    if (!sheet) return `--sheet: there is no ${values.sheet}; expected ${csvTables.join(" or ")}\n${usage}`;
    return { file, out, format, sheet, wall, journal, now };
  } catch (error) {
    return `${reasonOf(error)}\n${usage}`;
  }
}
