import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { ensureBuilt, ensureBundled, ensureInstalled, root, run } from "./prepare.mjs";

/**
 * npm test: everything that must hold, from a fresh clone. Ends with one line that counts unit and browser
 * tests together; anything that fails before them fails the command by itself.
 */
const bin = (name) => join(root, "node_modules", ".bin", name);
const results = join(root, "test-results");
const unitReport = join(results, "unit.json");
const browserReport = join(results, "e2e.json");

/** Where the program's own code stands. */
const folders = [
  ...["app", "ui", "workers", "server", "cli", "store", "devices", "formats", "core"],
  ...["bench", "e2e", "trials", "scripts"],
];

process.chdir(root);
let passed = 0;
let failed = 0;
let broken = null;
try {
  ensureInstalled();
  ensureBrowser();
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });
  step("Format", () => run(bin("prettier"), ["--check", "--log-level", "warn", "."]));
  step("Lint", () => run(bin("eslint"), ["."]));
  step("Cycles", () => run(bin("depcruise"), ["--config", "dependency-cruiser.config.mjs", ...folders]));
  step("Types", () => {
    run(bin("next"), ["typegen"]);
    run(bin("tsc"), ["--noEmit"]);
  });
  step("Unit tests", () =>
    runTests(bin("vitest"), [
      "run",
      "--reporter=default",
      "--reporter=json",
      `--outputFile.json=${unitReport}`,
    ]),
  );
  count(unitReport, (report) => [report.numPassedTests, report.numFailedTests]);
  step("Build", ensureBuilt);
  await ensureBundled();
  step("Browser tests", () => runTests(bin("playwright"), ["test"]));
  count(browserReport, ({ stats }) => [stats.expected + stats.flaky, stats.unexpected]);
} catch (error) {
  broken = error instanceof Error ? error.message : String(error);
}
if (broken !== null) console.error(`\n${broken}`);
console.log(`${passed} passed, ${failed + (broken === null ? 0 : 1)} failed`);
process.exitCode = broken === null && failed === 0 ? 0 : 1;

function step(name, work) {
  const started = Date.now();
  console.log(`\n== ${name}`);
  work();
  console.log(`== ${name}: ${Math.round((Date.now() - started) / 1000)} s`);
}

/** Failed tests are counted from the report; only a runner that leaves none is an error. */
function runTests(command, args) {
  try {
    run(command, args);
  } catch (error) {
    if (!existsSync(args.includes("test") ? browserReport : unitReport)) throw error;
  }
}

function count(file, read) {
  const [ok, bad] = read(JSON.parse(readFileSync(file, "utf8")));
  if (ok + bad === 0) throw new Error(`${file} counts no tests.`);
  passed += ok;
  failed += bad;
}

function ensureBrowser() {
  if (existsSync("/usr/bin/chromium")) return;
  console.log("Installing Debian's chromium");
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  run("apt-get", ["update", "-qq"], { env });
  run("apt-get", ["install", "-y", "-qq", "--no-install-recommends", "chromium"], { env });
}
