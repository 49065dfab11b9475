import { writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import {
  outputFormats,
  csvTables,
  writeOutput,
  type OutputFormat,
  type CsvTable,
} from "@/formats/writeOutput";
import { readJob, reasonOf, type Terminal } from "./terminal";

const usage = `usage: npm run --silent plan -- FILE.json [--format ${outputFormats.join("|")}] [--sheet ${csvTables.join("|")}] [--wall ID] [--out FILE]
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
  const written = writeOutput(answer.job, { ...call, now: now() });
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

interface Call {
  readonly file: string;
  readonly out?: string;
  readonly format: OutputFormat;
  readonly sheet: CsvTable;
  readonly wall?: string;
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
      },
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0) return usage;
    const { out, wall } = values;
    const format = outputFormats.find((known) => known === values.format);
    const sheet = csvTables.find((known) => known === values.sheet);
    if (!format)
      return `--format: ${values.format} does not exist (yet); expected ${outputFormats.join(", ")}\n${usage}`;
    if (!sheet) return `--sheet: there is no ${values.sheet}; expected ${csvTables.join(" or ")}\n${usage}`;
    return { file, out, format, sheet, wall };
  } catch (error) {
    return `${reasonOf(error)}\n${usage}`;
  }
}
