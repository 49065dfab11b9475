import { readFileSync, writeFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { planText } from "@/core/job/planText";

const usage = "usage: npm run --silent plan -- FILE.json [--out FILE]   (- reads standard input)";

/** Job file in, plan out. Exit 0; 2 with one line a problem for a document or a call that does not hold. */
function main(): number {
  const call = readCall();
  if (typeof call === "string") return refuse(call);
  let text: string;
  try {
    text = readFileSync(call.file === "-" ? 0 : call.file, "utf8");
  } catch (error) {
    return refuse(`${call.file}: cannot be read (${reasonOf(error)}); expected a job file`);
  }
  const answer = planText(text);
  if (!answer.ok) {
    return refuse(
      answer.problems.map(({ path, message }) => `${path || "(document)"}: ${message}`).join("\n"),
    );
  }
  if (call.out === undefined) {
    printAll(answer.text);
    return 0;
  }
  try {
    writeFileSync(call.out, answer.text);
  } catch (error) {
    return refuse(`${call.out}: cannot be written (${reasonOf(error)})`);
  }
  return 0;
}

/**
 * Writes through the stream, which waits for a slow reader; a synchronous write gives up with EAGAIN once a pipe is
 * full. The process ends by itself when all is out.
 */
function printAll(text: string): void {
  process.stdout.on("error", (error: NodeJS.ErrnoException) => {
    // A reader that closes the pipe early has had what it wanted.
    process.exitCode = error.code === "EPIPE" ? 0 : refuse(`output: cannot be written (${reasonOf(error)})`);
  });
  process.stdout.write(text);
}

function readCall(): { file: string; out?: string } | string {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { out: { type: "string" }, format: { type: "string" }, wall: { type: "string" } },
    });
    const [file, ...rest] = positionals;
    if (!file || rest.length > 0) return usage;
    if (values.format !== undefined || values.wall !== undefined) {
      return `--format and --wall wait for exports that do not exist yet; expected them to be left out\n${usage}`;
    }
    return { file, out: values.out };
  } catch (error) {
    return `${reasonOf(error)}\n${usage}`;
  }
}

function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

function refuse(message: string): number {
  process.stderr.write(`${message}\n`);
  return 2;
}

process.exitCode = main();
