import { expose } from "comlink";
import type { Progress } from "@/core/job/layOutJob";
import { PlanSender } from "./planSender";

const sender = new PlanSender();

const planner = {
  /** What lies on the walls of a job document; `progress` is told how much of the plan is done. */
  walls: (text: string, progress?: Progress) => sender.walls(text, progress),
  /** The rest of the plan of the same document. */
  rest: () => sender.rest(),
};

export type PlannerApi = typeof planner;

expose(planner);
