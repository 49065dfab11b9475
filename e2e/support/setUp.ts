import { removeFolder, startServer, stopServer, temporaryFolder } from "./server";

/** Starts the program once on an empty folder; each test's own server begins with a copy of what that leaves. */
export default async function setUp(): Promise<() => void> {
  const first = temporaryFolder();
  await stopServer(await startServer(first));
  process.env.JACARANDA_FIRST_DATA = first;
  return () => removeFolder(first);
}
