import { readFileSync } from "node:fs";
import { parseJobText } from "@/core/job/parseJob";
import type { Job } from "@/core/job/schema";

/** What a command may do to the world: read standard input, print, complain. */
export interface Terminal {
  print(text: string): void;
  complain(message: string): void;
  now(): number;
}

/**
 * Prints through the stream, which waits for a slow reader; a synchronous write gives up with EAGAIN once a pipe is full. The
 * process ends by itself when all is out.
 */
function printAll(text: string): void {
  process.stdout.on("error", (error: NodeJS.ErrnoException) => {
    // A reader that closes the pipe early has had what it wanted.
    if (error.code === "EPIPE") process.exitCode = 0;
    else {
      process.stderr.write(`output: cannot be written (${reasonOf(error)})\n`);
      process.exitCode = 2;
    }
  });
  process.stdout.write(text);
}

export const terminal: Terminal = {
  print: printAll,
  complain: (message) => process.stderr.write(message),
  now: () => Date.now(),
};

export const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** A file's text, "-" being standard input; or why there is none. */
export function readText(
  file: string,
  what: string,
): { readonly text: string } | { readonly problem: string } {
  try {
    return { text: readFileSync(file === "-" ? 0 : file, "utf8") };
  } catch (error) {
    return { problem: `${file}: cannot be read (${reasonOf(error)}); expected ${what}` };
  }
}

/** One line a problem, each with its path. */
export const listProblems = (
  problems: readonly { readonly path: string; readonly message: string }[],
): string => problems.map(({ path, message }) => `${path || "(document)"}: ${message}`).join("\n");

/** The job of a file; or what keeps it from being one, a line a problem. */
export function readJob(file: string): { readonly job: Job } | { readonly problem: string } {
  const read = readText(file, "a job file");
  if ("problem" in read) return read;
  const answer = parseJobText(read.text);
  return answer.ok ? { job: answer.job } : { problem: listProblems(answer.problems) };
}
