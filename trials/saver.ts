import { writeSync } from "node:fs";
import { keepJournal } from "./journal";

/**
 * A process that opens a data folder and saves jobs, and what happened on one of them, in bursts: `saver.ts FOLDER BURSTS [JOURNAL]`. Tells each save once
 * it is acknowledged, on standard output and in the journal, as "saved JOB NUMBER"; before, as "found JOB NUMBER", what
 * it found, and then "looked": killed before that it has not told all that is there. With a journal, which sees one thread, it ends without closing, as if the power went.
 */
const [folder, bursts, journalFile] = [process.argv[2]!, Number(process.argv[3]), process.argv[4]];
const journal = journalFile === undefined ? null : keepJournal(folder);
const { openStore } = await import("@/store/files/openStore");
const { openPglite } = await import("@/store/files/openPglite");

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
// What was told of the first job: all of it, in its order, as one thing that is there up to a number.
const toldOf = "a";
const entryOf = (number: number) => {
  const id = String(number).padStart(26, "0");
  const text = JSON.stringify({ id, words: String(number).repeat(1 + ((number * 613) % 900)) });
  return { id, told: text, entry: text, document: null };
};
let entries = 0;
for (;;) {
  const kept = await store.journal.after(toldOf, entries, 500);
  for (const { id, seq, entry } of kept) {
    entries++;
    const expected = entryOf(entries);
    if (id !== expected.id || seq !== entries || entry !== expected.entry)
      throw new Error(`Entry ${entries} is not as it was told.`);
  }
  if (kept.length === 0) break;
}
tell(`found journal ${entries}`);
tell("looked");
for (const name of ["a", "b", "c"]) {
  if (versions.has(name)) continue;
  await store.jobs.create(documentOf(name, 1));
  tell(`saved ${name} 1`);
  versions.set(name, 1);
  numbers.set(name, 1);
}
/** Three entries, of which the first is sent again, as when its answer was lost. */
async function tellSome(): Promise<void> {
  const numbers = [entries, entries + 1, entries + 2, entries + 3].filter((number) => number > 0);
  const answer = await store.journal.append(toldOf, numbers.map(entryOf));
  if (answer?.accepted.length !== numbers.length) throw new Error("Not all entries were taken.");
  entries += 3;
  tell(`saved journal ${entries}`);
}
for (let burst = 0; burst < bursts; burst++) {
  await Promise.all([
    tellSome(),
    ...[...versions].map(async ([id, version]) => {
      const number = numbers.get(id)! + 1;
      const answer = await store.jobs.save(id, version, documentOf(id, number));
      if (answer.kind !== "saved") throw new Error(`The save of ${id} was ${answer.kind}.`);
      versions.set(id, answer.version);
      numbers.set(id, number);
      tell(`saved ${id} ${number}`);
    }),
  ]);
}
if (journal) {
  journal.writeTo(journalFile!);
  process.kill(process.pid, "SIGKILL");
}
await store.close();
