import { closeSync, fsyncSync, openSync, readdirSync, statSync } from "node:fs";
import { dirname, join } from "node:path";
import { NodeFS } from "@electric-sql/pglite/nodefs";
import { isDiskFull } from "../storeProblem";

/** The parts of PGlite's file layer that are given a word to say; paths are the system's own. */
interface FileLayer {
  tryFSOperation: <Answer>(operation: () => Answer) => Answer;
  readonly realPath: (node: unknown) => string;
  readonly stream_ops: { fsync?: (stream: { readonly nfd?: number; readonly node: unknown }) => number };
  readonly node_ops: Record<string, (...args: never[]) => unknown>;
}

/** What the file layer answers PostgreSQL for an I/O error; PostgreSQL then stops rather than go on unsafely. */
const inputOutputError = 29;

/**
 * PGlite's files in a folder, with fsync that reaches the disk. PGlite itself runs PostgreSQL with fsync off and has no
 * answer to it, so a commit would be told before it is safe; with this, and without its "-F", PostgreSQL keeps its own
 * order of writing: the log before the answer, the data before the checkpoint.
 */
export class DurableFiles extends NodeFS {
  /** `makeRoom` is asked when a write finds none, and answers whether it is worth another try. */
  constructor(
    folder: string,
    private readonly makeRoom: () => boolean = () => false,
  ) {
    super(folder);
  }

  override async init(...[pglite, options]: Parameters<NodeFS["init"]>): ReturnType<NodeFS["init"]> {
    const answer = await super.init(pglite, options);
    answer.emscriptenOpts.preRun!.push((module: unknown) => {
      const { NODEFS: layer } = module as { NODEFS: FileLayer };
      tryAgainWithRoom(layer, this.makeRoom);
      syncToDisk(layer);
    });
    return answer;
  }
}

/** PostgreSQL cannot go on from a log that finds no room: what fails so is tried once more when room has been made. */
function tryAgainWithRoom(layer: FileLayer, makeRoom: () => boolean): void {
  const attempt = layer.tryFSOperation.bind(layer);
  layer.tryFSOperation = (operation) => {
    try {
      return attempt(operation);
    } catch (error) {
      if (!isDiskFull(error) || !makeRoom()) throw error;
      return attempt(operation);
    }
  };
}

/** Operations that change what a folder holds, each with where in its arguments the folders' nodes are. */
const changesOfFolders = { mknod: [0], rename: [0, 1], unlink: [0], rmdir: [0], symlink: [0] } as const;

function syncToDisk(layer: FileLayer): void {
  const changed = new Set<string>();
  for (const [name, places] of Object.entries(changesOfFolders)) {
    const operation = layer.node_ops[name]!;
    layer.node_ops[name] = (...args: never[]) => {
      for (const place of places) changed.add(folderOf(layer.realPath(args[place])));
      return operation(...args);
    };
  }
  layer.stream_ops.fsync = ({ nfd, node }) => {
    try {
      // A new or renamed file is only safe when its folder is.
      for (const folder of changed) syncPath(folder);
      changed.clear();
      if (nfd === undefined) syncPath(layer.realPath(node));
      else fsyncSync(nfd);
      return 0;
    } catch (error) {
      console.error(`The data folder could not be written to the disk: ${String(error)}`);
      return inputOutputError;
    }
  };
}

/** Of a rename the first node is the file itself. */
function folderOf(path: string): string {
  return statSync(path, { throwIfNoEntry: false })?.isDirectory() ? path : dirname(path);
}

/** Makes what was written to a file, or the entries of a folder, survive a loss of power. A path that is gone is none. */
export function syncPath(path: string): void {
  let file: number;
  try {
    file = openSync(path, "r");
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "ENOENT") return;
    throw error;
  }
  try {
    fsyncSync(file);
  } finally {
    closeSync(file);
  }
}

/** As `syncPath`, for a folder with all that is in it. */
export function syncTree(path: string): void {
  for (const entry of readdirSync(path, { withFileTypes: true })) {
    const inner = join(path, entry.name);
    if (entry.isDirectory()) syncTree(inner);
    else if (entry.isFile()) syncPath(inner);
  }
  syncPath(path);
}
