import { spawnSync } from "node:child_process";
import { readFileSync, symlinkSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { removeFolder, temporaryFolder, type Outcome } from "./support";

/** A wrong that a program of this kind is easily changed to, and the tests that must not let it pass. */
interface Mutant {
  readonly name: string;
  readonly file: string;
  readonly from: string;
  readonly to: string;
  readonly tests: readonly string[];
}

const blind = (field: string): Mutant => ({
  name: `what is kept does not look at ${field}`,
  file: "core/geometry/keeping.ts",
  from: "(key = JSON.stringify(input))",
  to: `(key = JSON.stringify(input, (name, value) => (name === "${field}" ? undefined : value)))`,
  tests: ["trials/kept.test.ts"],
});

const mutants: readonly Mutant[] = [
  ...["material", "tapeDivision", "viewingDistance", "rates", "markAt"].map(blind),
  {
    name: "an answer of a worker that was ended is taken",
    file: "workers/plannerClient.ts",
    from: "if (worker !== this.worker) return false;\n      if (walls) this.showWalls",
    to: "if (walls) this.showWalls",
    tests: ["workers/plannerClient.test.ts"],
  },
  {
    name: "the dearer of two lists of tins is the better",
    file: "core/paint/choosePacks.ts",
    from: "return a.cost < b.cost;",
    to: "return a.cost > b.cost;",
    tests: ["core/paint/choosePacks.test.ts"],
  },
  {
    name: "neighbours take one group",
    file: "core/rounds/colourGraph.ts",
    from: "while (taken.has(group)) group++;",
    to: "",
    tests: ["core/rounds/colourGraph.test.ts"],
  },
  {
    name: "the next day is today",
    file: "core/sequence/timeOrder.ts",
    from: 'isNextDay[link] = what === "next-day" ? 1 : 0;',
    to: "isNextDay[link] = 0;",
    tests: ["core/sequence/schedule.test.ts"],
  },
  {
    name: "a cloth is not washed",
    file: "core/work/objects/prepareObject.ts",
    from: 'careOf[kind].before === "wash" && !prepared',
    to: "false && !prepared",
    tests: ["core/job/objects.test.ts"],
  },
  {
    name: "a base does not wait for what its masks lie on",
    file: "core/work/room/besideBases.ts",
    from: 'beside.isFloated ? [] : baseDone(beside, paints, "tape-over"',
    to: 'true ? [] : baseDone(beside, paints, "tape-over"',
    tests: ["core/job/basesBeside.test.ts", "core/job/anyWork.test.ts"],
  },
  {
    name: "tape over relief comes off wet",
    file: "core/tape/sealEdge.ts",
    from: '{ when: "dry", why: "relief" }',
    to: '{ when: "wet", why: "relief" }',
    tests: ["core/tape/tape.test.ts", "core/job/daysOfJob.test.ts"],
  },
  {
    name: "tape that comes off dry waits for nothing",
    file: "core/work/taped/peelDry.ts",
    from: "colours.has(colour) ?",
    to: "false ?",
    tests: ["core/job/anyWork.test.ts", "trials/rehearse.test.ts"],
  },
  {
    name: "a piece of work stands in each of its parts",
    file: "core/work/stepList.ts",
    from: "does.map((one) => shareOf(one, index, parts))",
    to: "does",
    tests: ["trials/documents.test.ts", "trials/keys.test.ts"],
  },
];

/** Changes the program to a wrong one at a time, in a copy, and runs the tests that must fail then. */
export async function tryMutants(count: number): Promise<Outcome> {
  const copy = join(temporaryFolder(), "copy");
  const run = (command: string, args: readonly string[], cwd: string) =>
    spawnSync(command, args, { cwd, encoding: "utf8" });
  if (run("git", ["worktree", "add", "--detach", copy], process.cwd()).status !== 0)
    throw new Error("A copy of the program cannot be made here.");
  const faults: string[] = [];
  try {
    symlinkSync(join(process.cwd(), "node_modules"), join(copy, "node_modules"));
    for (const { name, file, from, to, tests } of mutants.slice(0, count)) {
      const path = join(copy, file);
      const text = readFileSync(path, "utf8");
      if (!text.includes(from)) faults.push(`${name}: ${file} does not say what is to be changed`);
      writeFileSync(path, text.replace(from, to));
      const { status } = run("npx", ["vitest", "run", "--bail=1", ...tests], copy);
      writeFileSync(path, text);
      if (status === 0) faults.push(`${name}: no test fails`);
      console.error(`${name}: ${status === 0 ? "lives" : "is found"}`);
    }
  } finally {
    run("git", ["worktree", "remove", "--force", copy], process.cwd());
    removeFolder(copy);
  }
  return { trial: "mutants", counts: { mutants: Math.min(count, mutants.length) }, faults };
}
