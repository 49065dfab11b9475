import { describe, expect, it } from "vitest";
import { WriteQueue } from "./writeQueue";

/** A database whose transactions last until they are let go, and are written down. */
function slowDatabase() {
  const transactions: (() => void)[] = [];
  const db = {
    transaction: async (work: (db: object) => Promise<unknown>) => {
      await new Promise<void>((resolve) => transactions.push(resolve));
      return work(db);
    },
  };
  return { db: db as unknown as ConstructorParameters<typeof WriteQueue>[0], transactions };
}
const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe("writes", () => {
  it("that come while others are being written go together in the next transaction, in their order", async () => {
    const { db, transactions } = slowDatabase();
    const queue = new WriteQueue(db, () => undefined);
    const done: string[] = [];
    const write = (name: string) => queue.add(async () => done.push(name));
    const all = ["a", "b", "c", "d"].map(write);
    await settled();
    expect([transactions.length, done]).toEqual([1, []]);
    transactions[0]!();
    await settled();
    expect([transactions.length, done]).toEqual([2, ["a"]]);
    transactions[1]!();
    expect(await Promise.all(all)).toEqual([1, 2, 3, 4]);
    expect([transactions.length, done]).toEqual([2, ["a", "b", "c", "d"]]);
  });

  it("one that fails takes no other with it, and nothing is written once the guard says no", async () => {
    const { db, transactions } = slowDatabase();
    let isHeld = true;
    const queue = new WriteQueue(db, () => {
      if (!isHeld) throw new Error("not ours");
    });
    const letGo = setInterval(() => transactions.splice(0).forEach((go) => go()), 1);
    const first = queue.add(() => Promise.resolve("first"));
    const bad = queue.add(() => Promise.reject(new Error("bad")));
    const good = queue.add(() => Promise.resolve("good"));
    expect(await first).toBe("first");
    await expect(bad).rejects.toThrow("bad");
    expect(await good).toBe("good");
    isHeld = false;
    let isWritten = false;
    await expect(queue.add(async () => (isWritten = true))).rejects.toThrow("not ours");
    expect(isWritten).toBe(false);
    isHeld = true;
    expect(await queue.add(() => Promise.resolve("after"))).toBe("after");
    clearInterval(letGo);
  });
});
