import { spawn } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { takeDataLock } from "./dataLock";
import { identify } from "./processes";

describe("the lock of a data folder", () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), "jacaranda-lock-"))));
  afterEach(() => rmSync(folder, { recursive: true }));
  const claims = () => readdirSync(folder).filter((name) => /^jacaranda\.lock(\.\d+)?$/.test(name));
  const write = (holder: object) =>
    writeFileSync(
      join(folder, "jacaranda.lock"),
      JSON.stringify({ address: "there", token: "t", ...holder }),
    );

  it("has one holder, who is named, and is free when that has let go", () => {
    const lock = takeDataLock(folder, "http://127.0.0.1:1");
    expect(() => takeDataLock(folder, "x")).toThrow(
      `in use by process ${process.pid}, which serves http://127.0.0.1:1.`,
    );
    lock.release();
    expect(claims()).toEqual([]);
    takeDataLock(folder, "x").release();
  });

  it("is taken over from a process that is gone, from one that has ended as a zombie, and from half a file", async () => {
    write({ ...identify(), started: "1" });
    takeDataLock(folder, "x").release();
    writeFileSync(join(folder, "jacaranda.lock"), '{"pid":');
    takeDataLock(folder, "x").release();
    // A shell that never waits for its child leaves it a zombie: sleep takes the shell's place.
    const parent = spawn("sh", ["-c", "sleep 0.3 & echo $!; exec sleep 20"]);
    const pid = await new Promise<number>((resolve) =>
      parent.stdout.once("data", (text) => resolve(Number(text))),
    );
    const stat = () => readFileSync(`/proc/${pid}/stat`, "utf8").split(" ");
    await expect.poll(() => stat()[2]).toBe("Z");
    write({ ...identify(), pid, seenAs: pid, started: stat()[21] });
    takeDataLock(folder, "x").release();
    parent.kill();
  });

  it("leaves alone a holder that it cannot see as long as that gives signs of life, and no longer", () => {
    const elsewhere = { ...identify(), host: "another machine" };
    write(elsewhere);
    const touching = spawn("sh", ["-c", `while sleep 0.3; do touch ${join(folder, "jacaranda.lock")}; done`]);
    expect(() => takeDataLock(folder, "x")).toThrow("in use by process");
    touching.kill("SIGKILL");
    takeDataLock(folder, "x").release();
  });

  it("knows when it was taken away", () => {
    const lock = takeDataLock(folder, "x");
    expect(lock.isHeld()).toBe(true);
    const path = join(folder, claims()[0]!);
    const own = readFileSync(path, "utf8");
    rmSync(path);
    expect(lock.isHeld()).toBe(false);
    writeFileSync(path, own.replace(/"token":"\w+"/, '"token":"another"'));
    expect(lock.isHeld()).toBe(false);
    lock.release();
    expect(existsSync(path)).toBe(true);
  });
});
