import { spawn } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join, relative } from "node:path";
import { ensureInstalled, root, run } from "./prepare.mjs";

/**
 * npm test: everything that must hold, from a fresh clone. Ends with the tests that took long and one line that counts
 * unit and browser tests together; anything that fails before them fails the command by itself.
 */
const bin = (name) => join(root, "node_modules", ".bin", name);
const results = join(root, "test-results");
const unitReport = join(results, "unit.json");
const browserReport = join(results, "e2e.json");
const cache = join(root, "node_modules", ".cache");
const longSeconds = 20;
const reasonLines = 25;

/** Where the program's own code stands. */
const folders = [
  ...["app", "ui", "workers", "server", "cli", "store", "devices", "formats", "core"],
  ...["bench", "e2e", "trials", "scripts"],
];

/** What uses one core of two: two rows of it, side by side. */
const rows = [
  [
    ["Types", bin("next"), "typegen"],
    ["Types", bin("tsc"), "--noEmit"],
    ["Build", process.execPath, "scripts/build.mjs"],
  ],
  [
    ["Lint", bin("eslint"), ".", "--cache", "--cache-location", `${cache}/eslint/`],
    ["Cycles", bin("depcruise"), "--config", "dependency-cruiser.config.mjs", ...folders],
    ["Format", bin("prettier"), "--check", "--log-level", "warn", "--cache", "."],
  ],
];

process.chdir(root);
let passed = 0;
let failed = 0;
let broken = null;
const long = [];
/** What failed, with its reason: told last of all, since a long log may be read from its end alone. */
const failures = [];
const started = Date.now();
try {
  ensureInstalled();
  ensureBrowser();
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });
  // (Both rows end before a fault of one is thrown, or what the other has to say would come after it.)
  const ended = await Promise.allSettled(rows.map(runRow));
  for (const { reason } of ended) if (reason) throw reason;
  step("Unit tests", () =>
    runTests(unitReport, bin("vitest"), [
      "run",
      "--reporter=default",
      "--reporter=json",
      `--outputFile.json=${unitReport}`,
    ]),
  );
  countUnit(JSON.parse(readFileSync(unitReport, "utf8")));
  step("Browser tests", () => runTests(browserReport, bin("playwright"), ["test"]));
  countBrowser(JSON.parse(readFileSync(browserReport, "utf8")));
} catch (error) {
  broken = error instanceof Error ? error.message : String(error);
}
if (broken !== null) console.error(`\n${broken}`);
if (long.length > 0) console.log(`\nTests over ${longSeconds} s:`);
for (const { seconds, title } of long.sort((one, other) => other.seconds - one.seconds)) {
  console.log(`  ${Math.round(seconds)} s  ${title}`);
}
for (const { title, reason } of failures) console.log(`\nFailed: ${title}\n${reason}`);
console.log(`\nAll of it: ${Math.round((Date.now() - started) / 1000)} s`);
console.log(`${passed} passed, ${failed + (broken === null ? 0 : 1)} failed`);
process.exitCode = broken === null && failed === 0 ? 0 : 1;

function step(name, work) {
  const began = Date.now();
  console.log(`\n== ${name}`);
  work();
  console.log(`== ${name}: ${Math.round((Date.now() - began) / 1000)} s`);
}

/** Runs commands one after another, each told whole when it ends, so that two rows do not mix. */
async function runRow(commands) {
  for (const [name, command, ...args] of commands) {
    const began = Date.now();
    const { code, output } = await new Promise((resolve, reject) => {
      const child = spawn(command, args, { cwd: root });
      let told = "";
      const hear = (chunk) => (told += chunk);
      child.stdout.on("data", hear);
      child.stderr.on("data", hear);
      child.once("error", reject);
      child.once("close", (left) => resolve({ code: left, output: told }));
    });
    console.log(`\n${output.trim()}\n== ${name}: ${Math.round((Date.now() - began) / 1000)} s`);
    if (code !== 0) throw new Error(`${name} failed.`);
  }
}

/** Failed tests are counted from the report; only a runner that leaves none is an error. */
function runTests(report, command, args) {
  try {
    run(command, args);
  } catch (error) {
    if (!existsSync(report)) throw error;
  }
}

function count(ok, bad, what) {
  if (ok + bad === 0) throw new Error(`No ${what} were counted.`);
  passed += ok;
  failed += bad;
}

function countUnit({ numPassedTests, numFailedTests, testResults }) {
  for (const { name, assertionResults } of testResults) {
    for (const { title, duration, failureMessages } of assertionResults) {
      const whole = `${relative(root, name)} › ${title}`;
      noteLong((duration ?? 0) / 1000, whole);
      noteFailure(whole, failureMessages);
    }
  }
  count(numPassedTests, numFailedTests, "unit tests");
}

function countBrowser({ suites, stats }) {
  const specsOf = (suite) => [...suite.specs, ...(suite.suites ?? []).flatMap(specsOf)];
  for (const suite of suites) {
    for (const { file, title, tests } of specsOf(suite)) {
      const all = tests.flatMap(({ results: runs }) => runs.map(({ duration }) => duration));
      noteLong(Math.max(0, ...all) / 1000, `${file} › ${title}`);
      const bad = tests.filter(({ status }) => status === "unexpected");
      noteFailure(
        `${file} › ${title}`,
        bad.flatMap(({ results: runs }) =>
          runs.flatMap(({ errors }) => errors.map(({ message }) => message)),
        ),
      );
    }
  }
  count(stats.expected + stats.flaky, stats.unexpected, "browser tests");
}

function noteLong(seconds, title) {
  if (seconds > longSeconds) long.push({ seconds, title });
}

function noteFailure(title, messages) {
  const lines = messages.join("\n").split("\n").slice(0, reasonLines);
  if (messages.length > 0) failures.push({ title, reason: lines.map((line) => `  ${line}`).join("\n") });
}

function ensureBrowser() {
  if (existsSync("/usr/bin/chromium")) return;
  console.log("Installing Debian's chromium");
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  run("apt-get", ["update", "-qq"], { env });
  run("apt-get", ["install", "-y", "-qq", "--no-install-recommends", "chromium"], { env });
}
