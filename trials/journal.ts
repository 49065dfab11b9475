import fs from "node:fs";
import { syncBuiltinESMExports } from "node:module";
import { relative, sep } from "node:path";
import { serialize } from "node:v8";

/** What a process did to the files of a folder, in order: enough to say what a loss of power leaves of them. */
export type FileOperation =
  | { op: "create" | "unlink" | "mkdir" | "remove" | "syncFolder"; path: string }
  | { op: "rename" | "link"; path: string; to: string }
  | { op: "write"; file: number; at: number; data: Uint8Array }
  | { op: "truncate"; file: number; size: number }
  | { op: "sync"; file: number }
  /** `path` names a file from here on. */
  | { op: "name"; path: string; file: number }
  | { op: "told"; what: string };

/**
 * Writes down every change that this process makes to a folder from now on, by standing between the program and
 * node:fs. Must be called before anything opens a file there.
 */
export function keepJournal(folder: string) {
  const done: FileOperation[] = [];
  const real = { ...fs };
  const files = new Map<string, number>();
  const opened = new Map<number, number | string>();
  let count = 0;
  let isWhole = false;
  const inside = (path: unknown): string | null => {
    const inner = relative(folder, String(path));
    return inner.startsWith(`..${sep}`) || inner === ".." ? null : inner;
  };
  const fileAt = (path: string): number => {
    const known = files.get(path);
    if (known !== undefined) return known;
    files.set(path, ++count);
    done.push({ op: "create", path }, { op: "name", path, file: count });
    return count;
  };
  const moved = (path: string, to: string) => {
    for (const [name, file] of [...files]) {
      if (name !== path && !name.startsWith(path + sep)) continue;
      files.delete(name);
      files.set(to + name.slice(path.length), file);
    }
  };
  const dropped = (path: string) => {
    for (const name of [...files.keys()])
      if (name === path || name.startsWith(path + sep)) files.delete(name);
  };
  const patched = {
    openSync(path: fs.PathLike, flags: fs.OpenMode = "r", mode?: fs.Mode) {
      const handle = real.openSync(path, flags, mode);
      const inner = isWhole ? null : inside(path);
      if (inner !== null) {
        const isFolder = real.fstatSync(handle).isDirectory();
        opened.set(handle, isFolder ? inner : fileAt(inner));
      }
      return handle;
    },
    closeSync(handle: number) {
      opened.delete(handle);
      real.closeSync(handle);
    },
    writeSync(handle: number, ...rest: [NodeJS.ArrayBufferView, number?, number?, number?]) {
      const written = real.writeSync(handle, ...rest);
      const file = opened.get(handle);
      if (typeof file === "number") {
        const [view, offset = 0, , position] = rest;
        if (typeof position !== "number") throw new Error("Only writes at a place are understood.");
        const bytes = new Uint8Array(view.buffer, view.byteOffset + offset, written);
        done.push({ op: "write", file, at: position, data: bytes.slice() });
      }
      return written;
    },
    ftruncateSync(handle: number, size = 0) {
      real.ftruncateSync(handle, size);
      const file = opened.get(handle);
      if (typeof file === "number") done.push({ op: "truncate", file, size: size ?? 0 });
    },
    truncateSync(path: fs.PathLike, size = 0) {
      real.truncateSync(path, size);
      const inner = inside(path);
      if (inner !== null) done.push({ op: "truncate", file: fileAt(inner), size: size ?? 0 });
    },
    fsyncSync(handle: number) {
      real.fsyncSync(handle);
      const file = opened.get(handle);
      if (typeof file === "number") done.push({ op: "sync", file });
      else if (file !== undefined) done.push({ op: "syncFolder", path: file });
    },
    writeFileSync(path: fs.PathLike, data: string | Uint8Array, ...rest: [fs.WriteFileOptions?]) {
      // (Of bytes it opens and writes by these very functions.)
      isWhole = true;
      real.writeFileSync(path, data, ...rest);
      isWhole = false;
      const inner = inside(path);
      if (inner === null) return;
      const file = fileAt(inner);
      done.push({ op: "truncate", file, size: 0 });
      done.push({ op: "write", file, at: 0, data: Uint8Array.from(Buffer.from(data)) });
    },
    mkdirSync(path: fs.PathLike, ...rest: [fs.MakeDirectoryOptions?]) {
      const answer = real.mkdirSync(path, ...rest);
      const inner = inside(path);
      if (inner !== null && inner !== "") done.push({ op: "mkdir", path: inner });
      return answer;
    },
    renameSync(path: fs.PathLike, to: fs.PathLike) {
      real.renameSync(path, to);
      const [from, onto] = [inside(path), inside(to)];
      if (from === null || onto === null) return;
      dropped(onto);
      moved(from, onto);
      done.push({ op: "rename", path: from, to: onto });
    },
    linkSync(path: fs.PathLike, to: fs.PathLike) {
      real.linkSync(path, to);
      const [from, onto] = [inside(path)!, inside(to)!];
      files.set(onto, fileAt(from));
      done.push({ op: "link", path: from, to: onto });
    },
    unlinkSync(path: fs.PathLike) {
      real.unlinkSync(path);
      forget("unlink", path);
    },
    rmdirSync(path: fs.PathLike) {
      real.rmdirSync(path);
      forget("unlink", path);
    },
    rmSync(path: fs.PathLike, ...rest: [fs.RmOptions?]) {
      const was = real.existsSync(path);
      real.rmSync(path, ...rest);
      if (was) forget("remove", path);
    },
  };
  const forget = (op: "unlink" | "remove", path: fs.PathLike) => {
    const inner = inside(path);
    if (inner === null) return;
    dropped(inner);
    done.push({ op, path: inner });
  };
  Object.assign(fs, patched);
  syncBuiltinESMExports();
  return {
    tell: (what: string) => done.push({ op: "told", what }),
    writeTo: (path: string) => real.writeFileSync(path, serialize(done)),
  };
}
