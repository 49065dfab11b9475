import { execFileSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

declare module "vitest" {
  interface ProvidedContext {
    readonly propertySeed: number;
    readonly propertyShare: number;
  }
}

/** The seed of every random run: from PROPERTY_SEED, else from the commit; 1 where there is none. */
function propertySeed(): number {
  const told = process.env.PROPERTY_SEED;
  if (told) return Number(told);
  try {
    const commit = execFileSync("git", ["rev-parse", "HEAD"], { encoding: "utf8", stdio: "pipe" });
    return parseInt(commit.slice(0, 7), 16);
  } catch {
    return 1;
  }
}

/** What puts something else in the place of a module or a global. */
const apart = [
  "ui/job/enterJob.test.ts",
  "ui/job/autosave.test.ts",
  "ui/job/keptBox.test.ts",
  "ui/job/live.test.ts",
  "app/tests/sampleFinish.test.tsx",
  "ui/journal/journal.test.ts",
  "workers/plannerClient.test.ts",
];

/** The part of its full count of random runs that a property is given; core/tests/runsOf.ts. */
const propertyShare = Number(process.env.PROPERTY_SHARE ?? 0.35);

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL(".", import.meta.url)).replace(/\/$/, "") } },
  test: {
    // Both cores of a small machine.
    maxWorkers: 2,
    testTimeout: 240_000,
    hookTimeout: 120_000,
    setupFiles: ["scripts/tests/seedProperties.ts"],
    provide: { propertySeed: propertySeed(), propertyShare },
    projects: [
      // Tests that change nothing around them share one world, and what they test is read once.
      {
        extends: true,
        test: {
          name: "shared",
          include: ["**/*.test.{ts,tsx}"],
          exclude: [...apart, "node_modules/**", ".next/**", "dist/**"],
          isolate: false,
        },
      },
      { extends: true, test: { name: "apart", include: apart } },
    ],
  },
});
