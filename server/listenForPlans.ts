import { parentPort } from "node:worker_threads";
import { answerPlan, type PlanRequest } from "./answerPlan";

/** The thread that plans for the server: one request after the other, each answered with its text or with what went wrong. */
parentPort?.on("message", ({ id, request }: { id: number; request: PlanRequest }) => {
  try {
    parentPort?.postMessage({ id, text: answerPlan(request) });
  } catch (error) {
    parentPort?.postMessage({ id, error: error instanceof Error ? error.message : String(error) });
  }
});
