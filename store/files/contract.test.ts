import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect } from "vitest";
import { buildJobRepository } from "../repositories/jobRepository";
import { keepsItsWord } from "../repositories/tests/contract";
import { WriteQueue } from "../repositories/writeQueue";
import { openPglite } from "./openPglite";

keepsItsWord("a PostgreSQL embedded on a folder", async () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-contract-"));
  const database = await openPglite(join(folder, "database"));
  expect(await database.pending()).not.toEqual([]);
  await database.migrate();
  expect(await database.pending()).toEqual([]);
  return {
    database,
    another: (guard = () => undefined) => buildJobRepository(database.db, new WriteQueue(database.db, guard)),
    async close() {
      await database.close();
      rmSync(folder, { recursive: true });
    },
  };
});
