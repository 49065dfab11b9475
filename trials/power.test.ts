import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import type { FileOperation } from "./journal";
import { losePower } from "./losePower";
import { tryPower } from "./power";
import { randomOf, removeFolder, temporaryFolder } from "./support";

it("power cuts lose nothing that was acknowledged", async () => {
  const { counts, faults } = await tryPower(3, 3);
  expect(faults).toEqual([]);
  expect(counts.acknowledged).toBeGreaterThan(10);
});

it("a loss of power keeps what was synced and takes what was not", () => {
  const write = (text: string): FileOperation => ({ op: "write", file: 1, at: 0, data: Buffer.from(text) });
  const made: FileOperation[] = [
    { op: "create", path: "a" },
    { op: "name", path: "a", file: 1 },
    write("one"),
  ];
  const synced: FileOperation[] = [
    { op: "sync", file: 1 },
    { op: "syncFolder", path: "" },
  ];
  const after = (operations: readonly FileOperation[], mood: number) => {
    const folder = temporaryFolder();
    losePower(operations, operations.length, folder, () => mood);
    const left = readdirSync(folder).map((name) => `${name}: ${readFileSync(join(folder, name), "utf8")}`);
    removeFolder(folder);
    return left;
  };
  // With 0 as little as may be is left, with just under 1/2 (names: all, writes: all of them) as much.
  expect(after(made, 0)).toEqual([]);
  expect(after([...made, ...synced], 0)).toEqual(["a: one"]);
  expect(after([...made, ...synced, write("two"), { op: "rename", path: "a", to: "b" }], 0)).toEqual([
    "a: one",
  ]);
  expect(after([...made, ...synced, write("two"), { op: "rename", path: "a", to: "b" }], 0.45)).toEqual([
    "b: two",
  ]);
  expect(randomOf(1)()).toBe(randomOf(1)());
});
