import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createInterface } from "node:readline";
import { buildSync, type BuildOptions } from "esbuild";
import { createSequence } from "@/core/trade/randomSequence";
import bundling from "@/scripts/bundling.json";

/** What a trial came to; `faults` are told one by one. */
export interface Outcome {
  readonly trial: string;
  readonly counts: Record<string, number>;
  readonly faults: readonly string[];
}

export const temporaryFolder = (): string => mkdtempSync(join(tmpdir(), "jacaranda-trial-"));
export const removeFolder = (path: string): void => rmSync(path, { recursive: true, force: true });

/** The same numbers, 0 to 1, for the same seed. */
export const randomOf = (seed: number): (() => number) => createSequence(seed);

/** Within the program's folder, where packages are found. */
const bundles = join("dist", `trials-${process.pid}`);
const bundled = new Set<string>();

/** A script with the thread that it starts, bundled once: translated at every start they take seconds. */
function bundle(script: string): string {
  if (bundled.size === 0) process.on("exit", () => removeFolder(bundles));
  if (!bundled.has(script)) {
    const entryPoints = [join("trials", script), join("store", "files", "databaseThread.ts")];
    buildSync({ ...(bundling as BuildOptions), entryPoints, outdir: bundles, entryNames: "[name]" });
    bundled.add(script);
  }
  return join(bundles, script.replace(/\.ts$/, ".mjs"));
}

/**
 * Runs one of the trials' scripts; `hear` is told each line, and may kill it; it is killed after `killAfterMs` anyway.
 * Answers the exit code, null when it was killed.
 */
export function runScript(
  script: string,
  args: readonly (string | number)[],
  hear: (line: string, kill: () => void, terminate: () => void) => void,
  killAfterMs = Infinity,
): Promise<{ code: number | null; errors: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [bundle(script), ...args.map(String)]);
    let errors = "";
    const timer = killAfterMs < Infinity ? setTimeout(() => child.kill("SIGKILL"), killAfterMs) : undefined;
    child.stderr.on("data", (chunk: Buffer) => (errors += chunk.toString()));
    const lines = createInterface({ input: child.stdout });
    lines.on("line", (line) =>
      hear(
        line,
        () => child.kill("SIGKILL"),
        () => child.kill("SIGTERM"),
      ),
    );
    let code: number | null = null;
    let open = 2;
    const ended = () => --open === 0 && resolve({ code, errors });
    lines.on("close", ended);
    child.on("exit", (status) => {
      clearTimeout(timer);
      code = status;
      ended();
    });
  });
}

/** Saves that were acknowledged, and what of them was found again. */
export class Ledger {
  private readonly told = new Map<string, number>();
  acknowledged = 0;

  /** What was acknowledged so far, for each job. */
  snapshot(): ReadonlyMap<string, number> {
    return new Map(this.told);
  }

  hear(line: string): void {
    const [what, job, number] = line.split(" ");
    if (what !== "saved") return;
    this.told.set(job!, Number(number));
    this.acknowledged++;
  }
}

/** Faults: what was told as saved and was not found, by the lines of the process that looked. */
export function listLost(told: ReadonlyMap<string, number>, lines: readonly string[]): string[] {
  const words = lines.map((line) => line.split(" "));
  const found = new Map(words.flatMap(([what, job, n]) => (what === "found" ? [[job, Number(n)]] : [])));
  return [...told].flatMap(([job, number]) => {
    const there = found.get(job) ?? 0;
    // A save may have held though nobody was told.
    return there >= number ? [] : [`${job}: ${number} was acknowledged, ${there || "nothing"} is there`];
  });
}
