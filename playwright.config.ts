import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: "e2e",
  testMatch: "**/*.e2e.ts",
  globalSetup: "./e2e/support/setUp.ts",
  // A machine may be busy: what fails for want of time says nothing of the program.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  workers: 2,
  fullyParallel: false,
  reporter: [["list"], ["json", { outputFile: "test-results/e2e.json" }]],
  use: {
    browserName: "chromium",
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
