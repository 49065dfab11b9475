import { writeSync } from "node:fs";
import { randomOf } from "./support";

/**
 * A process that opens a data folder and saves jobs over and over until it is told to stop: `filler.ts FOLDER`, or only looks at them: `filler.ts FOLDER look`. Says
 * "saved JOB NUMBER", "refused MS WHY" for what was not taken, "read MS" for a look at all jobs after each, "closed MS".
 */
const { openStore } = await import("@/store/files/openStore");

const tell = (what: string) => writeSync(1, `${what}\n`);
/** Of letters that no two documents have in common, so that they cannot be pressed together. */
const documentOf = (name: string, number: number) => {
  const random = randomOf(number * 31 + name.length);
  const letters = Array.from({ length: 4000 + ((number * 977) % 60_000) }, () =>
    Math.floor(random() * 36).toString(36),
  );
  return JSON.stringify({ name, number, filling: letters.join("") });
};
let isStopping = process.argv[3] === "look";
process.on("SIGTERM", () => (isStopping = true));

const store = await openStore(process.argv[2]!, "a trial");
const versions = new Map<string, { version: number; number: number }>();
for (const { id, document, version } of await store.jobs.list()) {
  const { number } = JSON.parse(document) as { number?: number };
  if (number === undefined) continue;
  if (document !== documentOf(id, number)) throw new Error(`${id} is not as it was saved.`);
  tell(`found ${id} ${number}`);
  versions.set(id, { version, number });
}
tell("looked");
let asked = 0;
while (!isStopping) {
  const name = `job-${asked++ % 12}`;
  const start = performance.now();
  const ms = () => Math.round(performance.now() - start);
  const there = versions.get(name);
  const number = (there?.number ?? 0) + 1;
  try {
    const answer = there
      ? await store.jobs.save(name, there.version, documentOf(name, number))
      : { kind: "saved" as const, version: 1, id: await store.jobs.create(documentOf(name, 1), name) };
    if (answer.kind === "missing") throw new Error(`${name} is missing.`);
    if (answer.kind === "saved") tell(`saved ${name} ${number}`);
    const document = answer.kind === "saved" ? documentOf(name, number) : answer.document;
    versions.set(name, {
      version: answer.version,
      number: (JSON.parse(document) as { number: number }).number,
    });
  } catch (error) {
    if ((error as Error).name !== "StoreProblem") throw error;
    tell(`refused ${ms()} ${(error as Error).message}`);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  const looked = performance.now();
  try {
    const jobs = await store.jobs.list();
    tell(`read ${Math.round(performance.now() - looked)}`);
    // A save whose answer was lost may have held.
    for (const { id, version, document } of jobs) {
      const { number: held } = JSON.parse(document) as { number?: number };
      if (held !== undefined && (versions.get(id)?.version ?? 0) < version)
        versions.set(id, { version, number: held });
    }
  } catch (error) {
    if ((error as Error).name !== "StoreProblem") throw error;
    tell(`unread ${Math.round(performance.now() - looked)}`);
  }
}
const closing = performance.now();
await store.close();
tell(`closed ${Math.round(performance.now() - closing)}`);
