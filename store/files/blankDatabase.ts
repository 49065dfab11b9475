import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { openPglite } from "./openPglite";

/** A database as PostgreSQL begins one, made by the build: to copy it takes a tenth of what making one does. */
const blankFolder = join(process.cwd(), "dist", "blank-database");

/** Makes one in a folder that there is not yet; for the build. */
export async function makeBlank(folder: string): Promise<void> {
  await (await openPglite(folder)).close();
}

/** Begins a database with a copy of the blank one, where the build has left one; without it PostgreSQL makes its own. */
export function copyBlank(folder: string): void {
  if (existsSync(blankFolder)) copyTree(blankFolder, folder);
}

function copyTree(from: string, to: string): void {
  mkdirSync(to);
  for (const entry of readdirSync(from, { withFileTypes: true })) {
    const [path, copy] = [join(from, entry.name), join(to, entry.name)];
    if (entry.isDirectory()) copyTree(path, copy);
    else writeFileSync(copy, readFileSync(path));
  }
}
