import { expose } from "comlink";
import { keepUnchangedWalls, type Progress } from "@/core/job/orderWalls";
import { planText } from "@/core/job/planText";

const order = keepUnchangedWalls();

const planner = {
  /**
   * The plan of a job document's text; walls that have not changed since the last call are not planned again. `progress`
   * is told how much of it is done.
   */
  plan: (text: string, progress?: Progress) => planText(text, order, progress),
};

export type PlannerApi = typeof planner;

expose(planner);
