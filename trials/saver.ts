import { writeSync } from "node:fs";
import { keepJournal } from "./journal";

/**
 * A process that opens a data folder and saves jobs in bursts: `saver.ts FOLDER BURSTS [JOURNAL]`. Tells each save once
 * it is acknowledged, on standard output and in the journal, as "saved JOB NUMBER"; before, as "found JOB NUMBER", what
 * it found, and then "looked": killed before that it has not told all that is there. With a journal, which sees one thread, it ends without closing, as if the power went.
 */
const [folder, bursts, journalFile] = [process.argv[2]!, Number(process.argv[3]), process.argv[4]];
const journal = journalFile === undefined ? null : keepJournal(folder);
const { openStore } = await import("@/store/openStore");
const { openPglite } = await import("@/store/openPglite");

const tell = (what: string) => {
  journal?.tell(what);
  writeSync(1, `${what}\n`);
};
const documentOf = (name: string, number: number) =>
  JSON.stringify({ name, number, filling: String(number).repeat(1 + ((number * 977) % 9000)) });

const store = await openStore(folder, "a trial", journal ? openPglite : undefined);
tell("open");
const versions = new Map<string, number>();
const numbers = new Map<string, number>();
for (const { id, document, version } of await store.jobs.list()) {
  const { number } = JSON.parse(document) as { number?: number };
  if (number === undefined) continue;
  if (document !== documentOf(id, number)) throw new Error(`${id} is not as it was saved.`);
  tell(`found ${id} ${number}`);
  versions.set(id, version);
  numbers.set(id, number);
}
tell("looked");
for (const name of ["a", "b", "c"]) {
  if (versions.has(name)) continue;
  await store.jobs.create(documentOf(name, 1));
  tell(`saved ${name} 1`);
  versions.set(name, 1);
  numbers.set(name, 1);
}
for (let burst = 0; burst < bursts; burst++) {
  await Promise.all(
    [...versions].map(async ([id, version]) => {
      const number = numbers.get(id)! + 1;
      const answer = await store.jobs.save(id, version, documentOf(id, number));
      if (answer.kind !== "saved") throw new Error(`The save of ${id} was ${answer.kind}.`);
      versions.set(id, answer.version);
      numbers.set(id, number);
      tell(`saved ${id} ${number}`);
    }),
  );
}
if (journal) {
  journal.writeTo(journalFile!);
  process.kill(process.pid, "SIGKILL");
}
await store.close();
