import { expect, it } from "vitest";
import { mountDisk, tryFull, unmountDisk } from "./full";
import { tryKills } from "./kill";
import { tryLock } from "./lock";
import { removeFolder, temporaryFolder } from "./support";

// Small doses; `npm run trials` gives the large ones.

it("kills lose nothing that was acknowledged", async () => {
  const { counts, faults } = await tryKills(3, 5);
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
