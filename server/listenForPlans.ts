import { parentPort } from "node:worker_threads";
import type { ThreadRequest } from "@/store/watchedThread";
import { answerPlan, type PlanRequest } from "./answerPlan";

/** A thread that plans or checks for the server: one request after the other, each answered with its text or with what went wrong. */
parentPort?.on("message", ({ id, request }: ThreadRequest<PlanRequest>) => {
  try {
    parentPort?.postMessage({ id, value: answerPlan(request) });
  } catch (error) {
    parentPort?.postMessage({ id, error: error instanceof Error ? error.message : String(error) });
  }
});
