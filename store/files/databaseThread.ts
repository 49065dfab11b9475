import { parentPort } from "node:worker_threads";
import type { Database } from "../database";
import { noRoomMessage, type DatabaseRequest, type ToldFailure } from "./databaseMessages";
import { openPglite } from "./openPglite";
import { isDiskFull, reasonOf, StoreProblem } from "../storeProblem";
import type { ThreadRequest } from "../watchedThread";

let database: Database | null = null;

parentPort?.on("message", ({ id, request }: ThreadRequest<DatabaseRequest>) => {
  answer(request).then(
    (value) => parentPort?.postMessage({ id, value }),
    (error: unknown) => parentPort?.postMessage({ id, error: tell(error) }),
  );
});

async function answer(request: DatabaseRequest): Promise<unknown> {
  if (request.of === "open") {
    const { path, ground } = request;
    database = await openPglite(path, ground, () => parentPort?.postMessage(noRoomMessage));
    return null;
  }
  if (!database) throw new Error("the database is not open");
  type Calls = Readonly<Record<string, (...args: readonly unknown[]) => Promise<unknown>>>;
  return request.of === "database"
    ? (database as unknown as Calls)[request.name]!()
    : (database[request.of] as unknown as Calls)[request.name]!(...request.args);
}

const tell = (error: unknown): ToldFailure => ({
  message: error instanceof StoreProblem ? error.message : reasonOf(error),
  isProblem: error instanceof StoreProblem,
  isDiskFull: isDiskFull(error),
});
