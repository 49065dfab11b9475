import { randomBytes } from "node:crypto";
import { linkSync, readFileSync, readdirSync, rmSync, statSync, utimesSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { identify, stateOf, type Identity } from "./processes";
import { StoreProblem } from "../storeProblem";

/** A data folder taken for one process. */
export interface DataLock {
  /** The file that says so, and what stands in it. */
  readonly claim: { readonly path: string; readonly token: string };
  /** Whether the folder is still this process's own: its claim lies there as it was written. */
  isHeld(): boolean;
  release(): void;
}

interface Claim extends Identity {
  readonly address: string;
  readonly token: string;
}

interface FoundClaim {
  readonly number: number;
  readonly path: string;
  /** Null for a file that cannot be read as a claim. */
  readonly claim: Claim | null;
}

const lockName = "jacaranda.lock";
const claimPattern = /^jacaranda\.lock(?:\.(\d+))?$/;
const draftPattern = /^jacaranda\.lock-/;

/** A holder touches its claim so often; from where its process cannot be seen it is watched for so long. */
const beatMs = 2000;
const watchMs = 5000;
const mostAttempts = 12;
const draftKeptMs = 60_000;

/**
 * Takes a data folder for this process alone; throws a StoreProblem that names the holder when another has it. A claim
 * is written aside and linked to the next free number, which only one can do; then it holds only if no other live
 * claim is there, else it is withdrawn. Of two that overlap the one linked later sees the other, so there are never two
 * holders; claims of processes that are gone are cleared by the one that holds. See docs/decisions/0011-on-the-disk.md.
 */
export function takeDataLock(folder: string, address: string): DataLock {
  const me: Claim = { ...identify(), address, token: randomBytes(12).toString("hex") };
  // Watching takes its time; what has been watched in vain and not been touched since is gone.
  // (By its token, too: another claim may come to lie there within the same tick of the disk's clock.)
  const gone = new Set<string>();
  const isHolding = (other: FoundClaim) => {
    const seen = `${other.path} ${other.claim?.token ?? ""} ${touchedAt(other.path)}`;
    if (gone.has(seen)) return false;
    const live = isLive(other, me);
    if (!live) gone.add(seen);
    return live;
  };
  for (let attempt = 0; attempt < mostAttempts; attempt++) {
    const found = listClaims(folder);
    const holder = found.find(isHolding);
    if (holder) throw new StoreProblem(describeHolder(folder, holder.claim));
    const own = placeClaim(folder, Math.max(-1, ...found.map(({ number }) => number)) + 1, me);
    if (own === null) continue;
    const others = listClaims(folder).filter(({ claim }) => claim?.token !== me.token);
    if (others.some(isHolding)) {
      removeClaim(own, me.token);
      pause(5 + Math.random() * 40);
      continue;
    }
    for (const { path } of others) rmSync(path, { force: true });
    clearDrafts(folder);
    return hold(own, me);
  }
  throw new StoreProblem(
    `The data folder ${folder} could not be locked, because other starts are under way; try again in a moment.`,
  );
}

function hold(path: string, { token }: Claim): DataLock {
  const beat = setInterval(() => {
    try {
      utimesSync(path, new Date(), new Date());
    } catch {
      // Gone: the next save is refused and says so.
    }
  }, beatMs);
  beat.unref();
  return {
    claim: { path, token },
    isHeld: () => holdsClaim({ path, token }),
    release: () => {
      clearInterval(beat);
      removeClaim(path, token);
    },
  };
}

/** Whether a claim lies there as it was written; asked before every write, from whichever thread. */
export const holdsClaim = ({ path, token }: DataLock["claim"]): boolean => readText(path).includes(token);

function describeHolder(folder: string, claim: Claim | null): string {
  if (!claim) return `The data folder ${folder} is being opened by another start; try again in a moment.`;
  return `The data folder ${folder} is in use by process ${claim.pid}, which serves ${claim.address}. Stop it first, or choose another folder with JACARANDA_DATA.`;
}

function listClaims(folder: string): FoundClaim[] {
  return readdirSync(folder).flatMap((name): FoundClaim[] => {
    const match = claimPattern.exec(name);
    if (!match) return [];
    const path = join(folder, name);
    return [{ number: Number(match[1] ?? 0), path, claim: readClaim(path) }];
  });
}

/** Links a claim written aside to a number; null when another has that number. */
function placeClaim(folder: string, number: number, claim: Claim): string | null {
  const path = join(folder, number === 0 ? lockName : `${lockName}.${number}`);
  const draft = join(folder, `${lockName}-${claim.token}`);
  try {
    writeFileSync(draft, JSON.stringify(claim));
    linkSync(draft, path);
    return path;
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === "EEXIST") return null;
    if (code === "EPERM" || code === "ENOTSUP" || code === "EOPNOTSUPP") return writeClaim(path, claim);
    throw error;
  } finally {
    rmSync(draft, { force: true });
  }
}

/** For disks that know no links; a claim that is only half there counts as live while it is young. */
function writeClaim(path: string, claim: Claim): string | null {
  try {
    writeFileSync(path, JSON.stringify(claim), { flag: "wx" });
    return path;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "EEXIST") return null;
    throw error;
  }
}

/** Empty where the file is gone. */
function readText(path: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch {
    return "";
  }
}

function readClaim(path: string): Claim | null {
  try {
    const claim: unknown = JSON.parse(readText(path));
    if (claim === null || typeof claim !== "object") return null;
    const me = identify();
    // Claims of the first version name no place; they were of this one.
    const found = { token: "", ...me, seenAs: (claim as Claim).pid, ...claim } as Claim;
    return Number.isInteger(found.pid) && typeof found.started === "string" ? found : null;
  } catch {
    // Gone in the meantime, or cut short by a loss of power while it was written.
    return null;
  }
}

function isLive({ path, claim }: FoundClaim, me: Claim): boolean {
  const state = claim ? stateOf(claim, me) : "unknown";
  return state === "unknown" ? isTouched(path, claim !== null) : state === "running";
}

/** Whether a file is touched, or, where it is no claim yet, becomes one, while it is watched. */
function isTouched(path: string, isClaim: boolean): boolean {
  const before = touchedAt(path);
  for (let waited = 0; waited < watchMs; waited += 100) {
    if (before === null) return false;
    if (!isClaim && readClaim(path) !== null) return true;
    pause(100);
    const now = touchedAt(path);
    if (now === null) return false;
    if (now !== before) return true;
  }
  return false;
}

function touchedAt(path: string): number | null {
  return statSync(path, { throwIfNoEntry: false })?.mtimeMs ?? null;
}

function removeClaim(path: string, token: string): void {
  if (readClaim(path)?.token === token) rmSync(path, { force: true });
}

/** Left by starts that were killed between writing and linking. */
function clearDrafts(folder: string): void {
  for (const name of readdirSync(folder).filter((candidate) => draftPattern.test(candidate))) {
    const path = join(folder, name);
    const touched = touchedAt(path);
    if (touched !== null && Date.now() - touched > draftKeptMs) rmSync(path, { force: true });
  }
}

/** The program has nothing else to do while it starts. */
function pause(ms: number): void {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
}
