import { closeSync, existsSync, fsyncSync, openSync, rmSync, statfsSync, writeSync } from "node:fs";
import { join } from "node:path";
import { StoreProblem } from "../storeProblem";

/** Kept on the disk for when there is no room: let go, it lets the database finish what it is at, and start again. */
const reserveBytes = 8e6;
/** No reserve is kept where it would itself be what fills the disk. */
const roomBesideReserve = 16e6;
/** A write makes at most so many bytes of log and tables of each of its own (the log has whole pages, a table its old rows), and so many of its own. */
const bytesAWrite = 4;
const bytesOfAnyWrite = 1e6;
/** Segments of the log that must find room, where the write runs over the end of one. */
const segmentsAhead = 2;

export const noRoom = "There is no room left on the disk, so this was not saved; free some.";

/** Bytes that may still be written in a folder; endless where the system does not tell. */
export function roomIn(folder: string): number {
  try {
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize;
  } catch {
    return Infinity;
  }
}

/** The room on the disk of a data folder: asked before each write, with a reserve for when it runs out all the same. */
export class Room {
  constructor(
    private readonly folder: string,
    private readonly segmentBytes: number,
  ) {}

  /** Throws a StoreProblem when a write of so many bytes may not find room. */
  check(bytes: number): void {
    const free = roomIn(this.folder);
    const needed = segmentsAhead * this.segmentBytes + bytesAWrite * bytes + bytesOfAnyWrite;
    if (free < needed) throw new StoreProblem(noRoom);
    if (free > reserveBytes + roomBesideReserve) this.keepReserve();
  }

  /** Gives the reserve up; answers whether there was one. */
  letGo = (): boolean => letReserveGo(this.folder);

  private keepReserve(): void {
    const path = reservePath(this.folder);
    if (existsSync(path)) return;
    try {
      const file = openSync(path, "w");
      try {
        // Written, not only made longer: a file of holes takes no room.
        writeSync(file, Buffer.alloc(reserveBytes, 1));
        fsyncSync(file);
      } finally {
        closeSync(file);
      }
    } catch {
      // Then it is done without; the room is asked for before each write.
      rmSync(path, { force: true });
    }
  }
}

const reservePath = (folder: string): string => join(folder, "reserve");

/** Also where no database is open: it may need the room to open at all. */
export function letReserveGo(folder: string): boolean {
  if (!existsSync(reservePath(folder))) return false;
  rmSync(reservePath(folder), { force: true });
  return true;
}
