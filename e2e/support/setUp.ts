import { rmSync } from "node:fs";
import { firstData, startServer, stopServer } from "./server";

/** Starts the program once on an empty folder; each test's own server begins with a copy of what that leaves. */
export default async function setUp(): Promise<void> {
  rmSync(firstData, { recursive: true, force: true });
  await stopServer(await startServer(firstData));
}
