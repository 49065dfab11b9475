import { createHash } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "../../database";
import type { JobRepository } from "../jobRepository";

/** A house that jobs are kept in, empty, as a contract looks at it. */
export interface House {
  readonly database: Database;
  /** Its jobs by another door, as a second program has one; nothing is written where its guard throws. */
  another(guard?: () => void): JobRepository;
  close(): Promise<void>;
}

/** What every house has to hold to, whatever PostgreSQL it stands on. */
export function keepsItsWord(name: string, open: () => Promise<House>): void {
  describe(name, () => {
    let house: House;
    beforeAll(async () => (house = await open()));
    afterAll(() => house.close());
    const named = (name: string, more: object = {}) => JSON.stringify({ name, ...more });

    it("gives every job an id of its own, also to those that are made at the same moment from two sides", async () => {
      const sides = [house.another(), house.another()] as const;
      const made = await Promise.all(
        Array.from({ length: 24 }, (_, index) =>
          sides[index % 2]!.create(named("The Ferry Landing", { index })),
        ),
      );
      expect(new Set(made).size).toBe(24);
      expect(made.filter((id) => id === "the-ferry-landing")).toHaveLength(1);
      for (const id of made) expect(id).toMatch(/^the-ferry-landing(-[0-9a-f]{6})?$/);
      // None has another's document.
      for (const [index, id] of made.entries()) {
        expect((await sides[0].read(id))!.document).toBe(named("The Ferry Landing", { index }));
      }
    });

    it("makes ids of any name: in plain letters, short, and never empty", async () => {
      const { create } = house.database.jobs;
      expect(await create(named("  Bóat-hôuse №2 / Süd  "))).toBe("boat-house-no2-sud");
      expect(await create(named("★★★"))).toBe("job");
      expect(await create(named("x".repeat(200)))).toBe("x".repeat(40));
    });

    it("refuses an id that is taken, and keeps what is there", async () => {
      const { create, read } = house.database.jobs;
      expect(await create(named("One"), "shed")).toBe("shed");
      await expect(create(named("Two"), "shed")).rejects.toThrow("There is a job shed already");
      expect((await read("shed"))!.name).toBe("One");
    });

    it("lists the newest first, and takes off what there is only once", async () => {
      const { create, list, remove, save, read } = house.database.jobs;
      await create(named("Old"), "old");
      await create(named("New"), "new");
      expect(await save("old", 1, named("Old, changed"))).toEqual({ kind: "saved", version: 2 });
      expect((await list())[0]).toMatchObject({ id: "old", name: "Old, changed", version: 2 });
      expect([await remove("old"), await remove("old")]).toEqual([true, false]);
      expect(await read("old")).toBeNull();
      expect(await save("old", 2, named("Gone"))).toEqual({ kind: "missing" });
    });

    it("writes nothing once its guard says no, and goes on when it says yes again", async () => {
      let isHeld = true;
      const { create, save, read } = house.another(() => {
        if (!isHeld) throw new Error("Not held.");
      });
      await create(named("Guarded"), "guarded");
      isHeld = false;
      await expect(save("guarded", 1, named("Lost"))).rejects.toThrow("Not held.");
      expect((await read("guarded"))!.version).toBe(1);
      isHeld = true;
      expect(await save("guarded", 1, named("Kept"))).toEqual({ kind: "saved", version: 2 });
    });

    it("puts jobs away and brings deleted ones back as they were; what is purged is gone", async () => {
      const jobs = house.database.jobs;
      await jobs.create(named("Moved about"), "moved");
      const standing = async () => (await jobs.tiles()).find(({ id }) => id === "moved");
      expect(await jobs.putAway("moved", true)).toBe(true);
      expect((await standing())!.putAwayAt).toBeInstanceOf(Date);
      expect((await jobs.read("moved"))!.name).toBe("Moved about");
      expect(await jobs.putAway("moved", false)).toBe(true);
      expect(await jobs.bringBack("moved")).toBe(false);
      expect(await jobs.remove("moved")).toBe(true);
      expect([await jobs.read("moved"), await jobs.putAway("moved", true)]).toEqual([null, false]);
      expect(await jobs.save("moved", 1, named("Late"))).toEqual({ kind: "missing" });
      expect((await jobs.list()).some(({ id }) => id === "moved")).toBe(false);
      expect(await jobs.purge(new Date(Date.now() - 1000))).toBe(0);
      expect(await jobs.bringBack("moved")).toBe(true);
      expect(await jobs.read("moved")).toMatchObject({ version: 1, document: named("Moved about") });
      await jobs.remove("moved");
      // Made again under its own id it comes back with what it is made with.
      expect(await jobs.create(named("From a file"), "moved")).toBe("moved");
      expect(await jobs.read("moved")).toMatchObject({ version: 2, name: "From a file" });
      await jobs.remove("moved");
      expect(await jobs.purge(new Date(Date.now() + 1000))).toBe(2);
      expect(await standing()).toBeUndefined();
    });

    it("keeps what the list shows of a version, and not of one that has gone on", async () => {
      const jobs = house.database.jobs;
      await jobs.create(named("Shown"), "shown");
      await jobs.keepTile("shown", 1, { figures: "1", picture: "<svg/>" });
      await jobs.save("shown", 1, named("Shown", { more: 1 }));
      await jobs.keepTile("shown", 1, { figures: "late", picture: "late" });
      const tile = (await jobs.tiles()).find(({ id }) => id === "shown");
      expect(tile).toMatchObject({ version: 2, tileVersion: 1, figures: "1" });
      expect(tile).not.toHaveProperty("document");
      expect(await jobs.picture("shown")).toBe("<svg/>");
    });

    it("makes a job once, however often the same asking arrives, also after it was renamed", async () => {
      const { create, list, save } = house.database.jobs;
      const asked = (name: string, by: string) => create(named(name), undefined, by);
      const first = await asked("Asked twice", "01A");
      expect(await asked("Asked twice", "01A")).toBe(first);
      await save(first, 1, named("Renamed"));
      expect(await asked("Asked twice", "01A")).toBe(first);
      const both = await Promise.all(
        [house.another(), house.another()].map((side) => side.create(named("At once"), undefined, "01B")),
      );
      expect(new Set(both).size).toBe(1);
      expect(await asked("Asked twice", "01C")).not.toBe(first);
      expect((await list()).filter(({ id }) => id === first)).toHaveLength(1);
    });

    it("keeps entries once each, in the order in which they came, and refuses another text of a known id", async () => {
      const { jobs, journal } = house.database;
      const job = await jobs.create(named("Told of"));
      const told = (id: string, words: string) => ({ id, told: words, entry: words, document: null });
      const answers = await Promise.all([
        journal.append(job, [told("1", "one"), told("2", "two"), told("1", "one")]),
        journal.append(job, [told("2", "two"), told("3", "three"), told("1", "other")]),
      ]);
      expect(answers[0]!.accepted.map(({ id, seq }) => [id, seq])).toEqual([
        ["1", 1],
        ["2", 2],
        ["1", 1],
      ]);
      expect(answers[1]!.refused).toEqual([{ id: "1", why: "there is another entry of this id" }]);
      expect((await journal.after(job, 1, 10)).map(({ seq, entry }) => [seq, entry])).toEqual([
        [2, "two"],
        [3, "three"],
      ]);
      expect(await journal.append("nowhere", [told("1", "one")])).toBeNull();
      expect(await jobs.standing(job)).toEqual({ version: 1, seq: 3 });
      await journal.keepSum(job, { seq: 3, sum: "three" });
      await journal.keepSum(job, { seq: 2, sum: "two" });
      expect([await journal.sumOf(job), await journal.sumOf("nowhere")]).toEqual([
        { seq: 3, sum: "three" },
        null,
      ]);
      expect([await journal.after("nowhere", 0, 10), await jobs.standing("nowhere")]).toEqual([[], null]);
    });

    it("keeps pictures by their bytes, each once, until they are erased", async () => {
      const { attachments } = house.database;
      const bytes = new Uint8Array([0xff, 0xd8, 0xff, 0, 255, 128, 10, 39, 92]);
      const sha256 = createHash("sha256").update(bytes).digest("hex");
      await attachments.keepPicture(sha256, bytes);
      await attachments.keepPicture(sha256, bytes);
      expect(new Uint8Array((await attachments.pictureOf(sha256))!)).toEqual(bytes);
      expect(await attachments.there([sha256, "0".repeat(64)])).toEqual([sha256]);
      expect([await attachments.erase(sha256), await attachments.erase(sha256)]).toEqual([true, false]);
      expect(await attachments.pictureOf(sha256)).toBeNull();
    });
  });
}
