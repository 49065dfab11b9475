import { spawn, type ChildProcess } from "node:child_process";
import { cpSync, mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";

export interface RunningServer {
  readonly url: string;
  readonly port: number;
  readonly data: string;
  readonly process: ChildProcess;
}

export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once("error", reject);
    probe.listen(0, "127.0.0.1", () => {
      const address = probe.address();
      probe.close(() =>
        address && typeof address === "object" ? resolve(address.port) : reject(new Error("no port")),
      );
    });
  });
}

export const temporaryFolder = (): string => mkdtempSync(join(tmpdir(), "jacaranda-e2e-"));
export const removeFolder = (path: string): void => rmSync(path, { recursive: true, force: true });

/** Runs npm start's own script and collects what it says; settles when it serves or ends. */
export function launch(
  env: Record<string, string>,
  args: readonly string[] = [],
): Promise<{ process: ChildProcess; output: string; code: number | null }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ["scripts/start.mjs", ...args], {
      env: { ...process.env, ...env },
    });
    let output = "";
    const hear = (chunk: Buffer) => {
      output += chunk.toString();
      if (output.includes("Jacaranda is ready at")) resolve({ process: child, output, code: null });
    };
    child.stdout.on("data", hear);
    child.stderr.on("data", hear);
    child.once("exit", (code) => resolve({ process: child, output, code }));
  });
}

/** A folder as a first start leaves it, where that was made before all tests; else an empty one. */
function freshData(): string {
  const folder = temporaryFolder();
  const first = process.env.JACARANDA_FIRST_DATA;
  if (first) cpSync(first, folder, { recursive: true });
  return folder;
}

/** A server of the test's own, on a free port with a data folder of its own. */
export async function startServer(data = freshData()): Promise<RunningServer> {
  const port = await freePort();
  const started = await launch({ PORT: String(port), HOST: "127.0.0.1", JACARANDA_DATA: data });
  if (started.code !== null) throw new Error(started.output);
  return { url: `http://127.0.0.1:${port}`, port, data, process: started.process };
}

export function stopServer(server: RunningServer, signal: NodeJS.Signals = "SIGTERM"): Promise<void> {
  return new Promise((resolve) => {
    if (server.process.exitCode !== null || server.process.signalCode !== null) return resolve();
    server.process.once("exit", () => resolve());
    server.process.kill(signal);
  });
}
