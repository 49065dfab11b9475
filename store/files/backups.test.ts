import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync, mkdirSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { backUp, nameOfDay, restore } from "./backups";
import type { JobStores } from "../bundles";

describe("backups", () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), "jacaranda-backups-"))));
  afterEach(() => rmSync(folder, { recursive: true }));
  const plain = { journal: "", attachments: new Map<string, Uint8Array>() };
  async function* list() {
    yield await Promise.resolve({ id: "boat-house", job: '{"name":"Boat house"}', ...plain });
  }
  async function* nothing() {
    await Promise.resolve();
  }
  const kept = () => readdirSync(join(folder, "backups")).sort();

  it("are a folder a day, the first of the day, the newest ten, and those before a migration among them", async () => {
    for (let day = 1; day <= 11; day++) await backUp(folder, nameOfDay(new Date(2026, 10, day)), list);
    await backUp(folder, "2026-11-11-before-0001_more", list);
    expect(kept()).toHaveLength(10);
    expect([kept()[0], kept().at(-1)]).toEqual(["2026-11-03", "2026-11-11-before-0001_more"]);
    await backUp(folder, "2026-11-11", () => {
      throw new Error("is there already");
    });
    const file = join(folder, "backups", "2026-11-11", "boat-house.jacaranda.json");
    expect(readFileSync(file, "utf8")).toBe('{"name":"Boat house"}');
    await backUp(folder, "2026-12-01", nothing);
    expect(kept()).not.toContain("2026-12-01");
  });

  it("come back as they were, beside what has changed since, and never over it", async () => {
    const held = new Map([
      ["same", "1"],
      ["changed", "2"],
    ]);
    const jobs = {
      read: (id: string) => Promise.resolve(held.has(id) ? { id, document: held.get(id)! } : null),
      create: (document: string, wanted?: string) => {
        const id = wanted ?? `new-${held.size}`;
        held.set(id, document);
        return Promise.resolve(id);
      },
    };
    const stores = {
      jobs,
      journal: { after: () => Promise.resolve([]) },
    } as unknown as JobStores;
    const day = join(folder, "day");
    mkdirSync(day);
    for (const [id, text] of [
      ["same", "1"],
      ["changed", "1"],
      ["gone", "1"],
      ["..", "1"],
    ] as const)
      writeFileSync(join(day, `${id}.jacaranda.json`), text);
    const answers = await restore(day, stores, () => null);
    expect(
      Object.fromEntries(answers.map(({ file, how }) => [file.split("/").at(-1)!.split(".jac")[0], how])),
    ).toEqual({
      "..": "restored",
      same: "there already",
      changed: "beside",
      gone: "restored",
    });
    expect(Object.fromEntries(held)).toMatchObject({ same: "1", changed: "2", gone: "1" });
    await expect(restore(join(folder, "nothing"), stores, () => null)).rejects.toThrow("There is no");
    const size = held.size;
    await expect(restore(day, stores, () => "walls: missing")).rejects.toThrow(
      "walls: missing. Nothing was restored.",
    );
    expect(held.size).toBe(size);
  });
});
