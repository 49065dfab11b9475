import { expose } from "comlink";
import { keepUnchangedWalls } from "@/core/job/orderWalls";
import { planText } from "@/core/job/planText";

const order = keepUnchangedWalls();

const planner = {
  /** The plan of a job document's text; walls that have not changed since the last call are not planned again. */
  plan: (text: string) => planText(text, order),
};

export type PlannerApi = typeof planner;

expose(planner);
