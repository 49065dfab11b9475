import { parseJobText } from "@/core/job/parseJob";
import type { JobTile, Tile } from "@/store/repositories/jobRepository";
import { currentStore } from "@/store/currentStore";
import type { Wanted } from "@/formats/writeOutput";
import { currentPlanner } from "./currentPlanner";
import { fromHere } from "./fromHere";
import { announce } from "./live";

/** A job that is still being worked on is not planned for the list at each save. */
const restMs = 1500;

/** Kept on globalThis, as the planner is: pages and routes are bundled apart. */
const holder = globalThis as typeof globalThis & { jacarandaTiles?: Map<string, NodeJS.Timeout> };
const waiting = (holder.jacarandaTiles ??= new Map());

export const isFresh = ({ version, tileVersion }: Pick<JobTile, "version" | "tileVersion">): boolean =>
  version === tileVersion;

/** Works out what the list of jobs shows of one, once it rests; nobody waits for it. */
export function refreshTile(id: string, afterMs = restMs): void {
  clearTimeout(waiting.get(id));
  const timer = setTimeout(() => {
    workOutTile(id)
      .catch((error: unknown) => console.error(`The tile of ${id} could not be worked out:`, error))
      .finally(() => {
        if (waiting.get(id) === timer) waiting.delete(id);
      });
  }, afterMs);
  timer.unref();
  waiting.set(id, timer);
}

/** A job has gone on: whoever has it open hears of it, and the list shows it as it is now. */
export function jobWentOn(id: string, tileAfterMs?: number): void {
  announce(id);
  refreshTile(id, tileAfterMs);
}

/** The same for a list, one that is under way already left alone. */
export function refreshTiles(tiles: readonly JobTile[]): void {
  for (const tile of tiles) if (!isFresh(tile) && !waiting.has(tile.id)) refreshTile(tile.id, 0);
}

async function workOutTile(id: string): Promise<void> {
  const { jobs, journal } = await currentStore();
  const job = await jobs.read(id);
  if (!job) return;
  const from = await fromHere(journal, id);
  await jobs.keepTile(id, job.version, await tileOf(job.document, from));
}

/** A document that does not hold, or takes too long, has a tile too: one that says so. */
async function tileOf(document: string, from: Wanted["from"] | null): Promise<Tile> {
  const parsed = parseJobText(document);
  if (!parsed.ok) {
    const problem = parsed.problems[0];
    const reason = problem ? `${problem.path}: ${problem.message}` : "no reason known";
    return inTrouble(`It cannot be read by this version (${reason}).`);
  }
  try {
    return JSON.parse(
      await currentPlanner().plan({ document, format: "tile", ...(from && { from }) }),
    ) as Tile;
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return inTrouble(`This job could not be planned (${why}). It is kept as it is.`, parsed.job.walls.length);
  }
}

const inTrouble = (trouble: string, walls = 0): Tile => ({
  figures: JSON.stringify({ walls, toDecide: 0, stops: 0, days: null, cost: 0, currency: "", trouble }),
  picture: "",
});
