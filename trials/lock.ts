import { removeFolder, runScript, temporaryFolder, type Outcome } from "./support";

const contenders = 4;

/** Several processes take the same folder, and take it over from ones that are gone: never two hold it at once. */
export async function tryLock(rounds: number): Promise<Outcome> {
  const folder = temporaryFolder();
  const counts = { rounds, held: 0, clashes: 0 };
  const faults: string[] = [];
  const each = Array.from({ length: contenders }, async () => {
    const { code, errors } = await runScript("lockContender.ts", [folder, rounds], (line) => {
      const { held, clashes } = JSON.parse(line) as { held: number; clashes: number };
      counts.held += held;
      counts.clashes += clashes;
    });
    if (code !== 0) faults.push(errors);
  });
  await Promise.all(each);
  if (counts.held === 0) faults.push("Nobody ever held the folder.");
  if (counts.clashes > 0) faults.push(`${counts.clashes} times two held the folder.`);
  removeFolder(folder);
  return { trial: "lock", counts, faults };
}
