import { reasonOf, runPlan } from "./runPlan";

/**
 * Writes through the stream, which waits for a slow reader; a synchronous write gives up with EAGAIN once a pipe is
 * full. The process ends by itself when all is out.
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

process.exitCode = runPlan(process.argv.slice(2), {
  print: printAll,
  complain: (message) => process.stderr.write(message),
  now: () => Date.now(),
});
