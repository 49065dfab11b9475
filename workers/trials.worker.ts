import { expose } from "comlink";
import { nearestMix } from "@/core/colour/nearestMix";
import { compareCrews, type ComparedCrew } from "@/core/job/compareCrews";
import { compareWays, type ComparedWay } from "@/core/job/compareWays";
import { parseJobText } from "@/core/job/parseJob";
import { trialOnWall } from "./trialOnWall";

/** Tries things on walls, apart from the planner: it never waits for them, nor they for it. */
const trials = {
  onWall: trialOnWall,
  ways(documentText: string, finishId: string): ComparedWay[] {
    const answer = parseJobText(documentText);
    return answer.ok ? compareWays(answer.job, finishId) : [];
  },
  crews(documentText: string): ComparedCrew[] {
    const answer = parseJobText(documentText);
    return answer.ok ? compareCrews(answer.job) : [];
  },
  nearestMix,
};

export type TrialsApi = typeof trials;

expose(trials);
