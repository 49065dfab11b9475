import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath, pathToFileURL } from "node:url";
import { brotliCompressSync } from "node:zlib";

/** The project's folder; every command works from here, wherever it was called. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));

const installStamp = join(root, "node_modules", ".jacaranda-install");
const buildStamp = join(root, ".next", "jacaranda-build");
const bundles = join(root, "dist");
const bundleStamp = join(bundles, "made-from");
const blank = join(bundles, "blank-database");
const blankStamp = join(bundles, "blank-made-from");
const blankMadeFrom = ["package-lock.json", "store/files/openPglite.ts", "store/files/durableFiles.ts"];
/** How: PGlite and Next find files of their own beside them, and some packages still ask for others the old way. */
const bundling = JSON.parse(readFileSync(join(root, "scripts", "bundling.json"), "utf8"));
/** What is bundled, by its name, and what of. */
const entries = {
  serve: "server/serve.ts",
  planWorker: "server/listenForPlans.ts",
  databaseThread: "store/files/databaseThread.ts",
  plan: "cli/main.ts",
  rehearse: "cli/rehearse.ts",
  bundle: "cli/bundle.ts",
  blankDatabase: "store/files/blankDatabase.ts",
};
const bundledFrom = [
  "server",
  "cli",
  "store",
  "formats",
  "core",
  "scripts/prepare.mjs",
  "tsconfig.json",
  "package-lock.json",
];
const builtFrom = [
  "app",
  "ui",
  "workers",
  "store",
  "devices",
  "formats",
  "core",
  "public",
  "next.config.ts",
  "postcss.config.mjs",
  "tsconfig.json",
  "package-lock.json",
];

/** Runs a command with its output shown; throws when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: "inherit", ...options });
  if (result.error) throw result.error;
  if (result.status !== 0) throw new Error(`${command} ${args.join(" ")} failed.`);
  return result;
}

/** Installs from the lock file unless that very lock file is installed already. */
export function ensureInstalled() {
  const wanted = hashOf([join(root, "package-lock.json")]);
  if (existsSync(installStamp) && readFileSync(installStamp, "utf8") === wanted) return;
  // Beside what a command prints, not among it.
  console.error("Installing packages from package-lock.json");
  // Not npm ci: it refuses a lock file that lacks other platforms' optional binaries, which a registry mirror may
  // not carry. With --no-save the lock file decides the versions just the same and is left as it is.
  run("npm", ["install", "--no-save", "--include=dev", "--no-audit", "--no-fund", "--loglevel=error"], {
    stdio: ["ignore", 2, 2],
  });
  writeFileSync(installStamp, wanted);
}

/** Builds the pages unless they were built from these very sources. */
export function ensureBuilt() {
  const wanted = hashOf(builtFrom.flatMap((name) => filesIn(join(root, name))));
  if (existsSync(buildStamp) && readFileSync(buildStamp, "utf8") === wanted) return;
  console.log("Building the pages; this takes about half a minute");
  run(process.execPath, [join(root, "node_modules", "next", "dist", "bin", "next"), "build"], {
    env: { ...process.env, NODE_ENV: "production", NEXT_TELEMETRY_DISABLED: "1" },
    stdio: ["ignore", process.env.CI ? "inherit" : "ignore", "inherit"],
  });
  compressScripts(join(root, ".next", "static"));
  mkdirSync(dirname(buildStamp), { recursive: true });
  writeFileSync(buildStamp, wanted);
}

/** What browsers fetch is compressed once here, as small as it will go, and not at each request. */
function compressScripts(folder) {
  for (const path of filesIn(folder).filter((file) => /\.(js|css)$/.test(file))) {
    writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path)));
  }
}

/** Where a bundle is. */
export const bundle = (name) => pathToFileURL(join(bundles, `${name}.mjs`)).href;

/**
 * Bundles the server, its planning thread and the command line unless they were bundled from these very sources: each then
 * starts without reading and translating hundreds of files.
 */
export async function ensureBundled() {
  const wanted = hashOf(bundledFrom.flatMap((name) => filesIn(join(root, name))));
  if (existsSync(bundleStamp) && readFileSync(bundleStamp, "utf8") === wanted) return;
  const { build } = await import("esbuild");
  // Made aside and put in place whole: another process may be starting from what is there.
  const aside = join(bundles, `making-${process.pid}`);
  await build({
    absWorkingDir: root,
    entryPoints: entries,
    outdir: aside,
    ...bundling,
  });
  for (const name of readdirSync(aside)) renameSync(join(aside, name), join(bundles, name));
  rmSync(aside, { recursive: true });
  writeFileSync(bundleStamp, wanted);
}

/** Makes the database that a new data folder begins with, which takes some seconds, unless these very sources made it. */
export async function ensureBlankDatabase() {
  const wanted = hashOf(blankMadeFrom.map((name) => join(root, name)));
  if (existsSync(blankStamp) && readFileSync(blankStamp, "utf8") === wanted) return;
  const aside = `${blank}-${process.pid}`;
  const { makeBlank } = await import(bundle("blankDatabase"));
  await makeBlank(aside);
  rmSync(blank, { recursive: true, force: true });
  renameSync(aside, blank);
  writeFileSync(blankStamp, wanted);
}

function filesIn(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesIn(join(path, name)));
}

function hashOf(files) {
  const hash = createHash("sha256");
  for (const file of files) hash.update(file.slice(root.length)).update(readFileSync(file));
  return hash.digest("hex");
}
