import { describe, expect, it } from "vitest";
import { mountDisk, tryFull, unmountDisk } from "./full";
import type { FileOperation } from "./journal";
import { tryKills } from "./kill";
import { losePower } from "./losePower";
import { tryLock } from "./lock";
import { tryPower } from "./power";
import { randomOf, removeFolder, temporaryFolder } from "./support";
import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";

/** A small dose of each; `npm run trials` gives the large ones. */
describe("a store", () => {
  it("kills lose nothing that was acknowledged", async () => {
    const { counts, faults } = await tryKills(4, 5);
    expect(faults).toEqual([]);
    expect(counts.acknowledged).toBeGreaterThan(10);
  });

  it("power cuts lose nothing that was acknowledged", async () => {
    const { counts, faults } = await tryPower(4, 3);
    expect(faults).toEqual([]);
    expect(counts.acknowledged).toBeGreaterThan(10);
  });

  it("a lock never has two holders, however many start at once", async () => {
    const { counts, faults } = await tryLock(150);
    expect(faults).toEqual([]);
    expect(counts.held).toBeGreaterThan(20);
  });

  it("a full disk is refused in words, and room again heals it", async ({ skip }) => {
    const disk = temporaryFolder();
    const canMount = mountDisk(disk, 1);
    unmountDisk(disk);
    removeFolder(disk);
    if (!canMount) skip("no disk can be mounted here");
    const { counts, faults } = await tryFull(1, 2);
    expect(faults).toEqual([]);
    expect(counts.refused).toBeGreaterThan(5);
  });
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
