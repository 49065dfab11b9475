import { createServer, type IncomingMessage, type Server, type ServerResponse } from "node:http";
import { join } from "node:path";
import next from "next";
import sirv from "sirv";
import { parseJobText } from "@/core/job/parseJob";
import { restore } from "@/store/files/backups";
import { dataFolder, openStore, type Store } from "@/store/files/openStore";
import { ThreadEnded } from "@/store/watchedThread";
import { keepChecker } from "./checkDocument";
import { keepPlanner } from "./currentPlanner";
import { Planner } from "./planner";
import { keepStore } from "@/store/currentStore";
import { endLines } from "./live";
import { findPortHolder } from "./portHolder";
import { contentSecurityPolicy, isLoopback, isOwnRequest, pathOf, urlOf } from "./requestGuard";

interface Settings {
  readonly host: string;
  readonly port: number;
  readonly isDevelopment: boolean;
}

const defaultPort = 4610;
const keepAliveMs = 30_000;

/**
 * Starts the program: port, data folder, what is to be restored into it, then pages. Throws with one sentence when it
 * cannot.
 */
export async function serve(isDevelopment: boolean, restoring?: string): Promise<void> {
  const settings = { ...readSettings(), isDevelopment };
  const { host, port } = settings;
  const address = urlOf(host, port);
  let handle: Handle | null = null;
  const server = createServer((request, response) => {
    if (!passes(request, response, settings)) return;
    if (handle) void handle(request, response);
    else response.writeHead(503, { "retry-after": "1" }).end("Starting.");
  });
  // Longer than a page's own pauses, so that no request meets a connection that is just being closed.
  server.keepAliveTimeout = keepAliveMs;
  await listen(server, settings);
  console.log(`Opening the data folder ${dataFolder()}`);
  const store = await keepStore(() => openStore(dataFolder(), address));
  if (restoring !== undefined) await restoreInto(store, restoring);
  const planner = keepPlanner(() => new Planner());
  const checker = keepChecker(new URL("./planWorker.mjs", import.meta.url));
  stopOnSignal(server, async () => {
    await Promise.all([planner.close(), checker.end(new ThreadEnded("closed", "the program is stopping"))]);
    await store.close();
  });
  const app = next({ dev: isDevelopment, hostname: host, port, dir: process.cwd() });
  await app.prepare();
  handle = isDevelopment ? app.getRequestHandler() : withScripts(app.getRequestHandler());
  if (isDevelopment) server.on("upgrade", app.getUpgradeHandler());
  console.log(`Jacaranda is ready at ${address}`);
}

type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>;

const scripts = "/_next/static";

/** Built scripts and styles as they were compressed at the build; all else goes on to the pages. */
function withScripts(pages: Handle): Handle {
  const answer = sirv(join(process.cwd(), ".next", "static"), {
    brotli: true,
    immutable: true,
    maxAge: 31_536_000,
  });
  return async (request, response) => {
    const { url = "" } = request;
    if (!url.startsWith(`${scripts}/`)) return pages(request, response);
    request.url = url.slice(scripts.length);
    answer(request, response, () => {
      request.url = url;
      void pages(request, response);
    });
  };
}

async function restoreInto({ close, ...stores }: Store, path: string): Promise<void> {
  const check = (document: string) => {
    const parsed = parseJobText(document);
    return parsed.ok ? null : parsed.problems.map((one) => `${one.path}: ${one.message}`)[0]!;
  };
  try {
    for (const { file, as, how } of await restore(path, stores, check)) {
      console.log(
        `${file}: ${{ restored: "restored", beside: "there is a newer one, so it stands beside it", "there already": "is there as it is" }[how]} (${as}).`,
      );
    }
  } catch (error) {
    await close();
    throw error;
  }
}

function readSettings(): { host: string; port: number } {
  const host = process.env.HOST || "127.0.0.1";
  if (!isLoopback(host)) {
    throw new Error(
      `HOST ${host} would let others in, and there is no passcode yet; use 127.0.0.1 or localhost.`,
    );
  }
  const port = Number(process.env.PORT || defaultPort);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new Error(`PORT ${process.env.PORT} is not a port; use a number from 1 to 65535.`);
  }
  return { host, port };
}

function passes(request: IncomingMessage, response: ServerResponse, settings: Settings): boolean {
  if (!isOwnRequest(request.headers, settings.host, settings.port)) {
    response
      .writeHead(403, { "content-type": "text/plain" })
      .end("This address is not one of this program's own.");
    return false;
  }
  const path = pathOf(request.url, settings.host, settings.port);
  if (path === null) {
    response.writeHead(400, { "content-type": "text/plain" }).end("This address cannot be read.");
    return false;
  }
  request.url = path;
  if (path.startsWith("/api/")) response.setHeader("cache-control", "no-store");
  const policy = contentSecurityPolicy(settings.isDevelopment);
  // Next.js reads the nonce for its own scripts from the request.
  request.headers["content-security-policy"] = policy;
  response.setHeader("content-security-policy", policy);
  response.setHeader("x-content-type-options", "nosniff");
  response.setHeader("referrer-policy", "same-origin");
  return true;
}

function listen(server: Server, { host, port }: Settings): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once("error", (error: NodeJS.ErrnoException) => {
      if (error.code !== "EADDRINUSE") return reject(error);
      const holder = findPortHolder(port) ?? "another program";
      reject(new Error(`Port ${port} is taken by ${holder}; stop it, or choose another with PORT.`));
    });
    server.listen(port, host, resolve);
  });
}

/** Requests that hang are not waited for longer than this: the program ends within five seconds, whatever the disk does. */
const mostFinishingMs = 2500;
const sweepMs = 50;

/** Lets the requests in flight finish, then closes; a second signal ends the program at once. */
function stopOnSignal(server: Server, close: () => Promise<void>): void {
  for (const signal of ["SIGINT", "SIGTERM"] as const) {
    process.once(signal, () => {
      const finished = new Promise((resolve) => server.close(resolve));
      endLines();
      // Connections that are kept alive end as soon as their request is answered.
      setInterval(() => server.closeIdleConnections(), sweepMs);
      const tooLong = new Promise((resolve) => setTimeout(resolve, mostFinishingMs));
      void Promise.race([finished, tooLong])
        .then(close)
        .finally(() => process.exit(0));
    });
  }
}
