import { expose } from "comlink";
import type { Progress } from "@/core/job/layOutJob";
import { PlanSender } from "./planSender";

const sender = new PlanSender();

const planner = {
  /** Hears what happened on the job, one entry a line. */
  hear: (journal: string) => sender.hear(journal),
  /** What lies on the walls of a job document, from a moment on where one is told; `progress` is told how much of the plan is done. */
  walls: (text: string, progress?: Progress, from?: string) => sender.walls(text, progress, from),
  /** Works out a document of which another is to come. */
  prepare: (text: string, from?: string) => sender.prepare(text, from),
  /** The rest of the plan of the same document. */
  rest: () => sender.rest(),
};

export type PlannerApi = typeof planner;

expose(planner);
