import { wrap, type Remote } from "comlink";
import type { nearestMix, NearestMix } from "@/core/colour/nearestMix";
import type { ComparedCrew } from "@/core/job/compareCrews";
import type { ComparedWay } from "@/core/job/compareWays";
import type { TrialsApi } from "./trials.worker";
import type { Trial, TrialGround } from "./trialOnWall";

let remote: Remote<TrialsApi> | null = null;

function trials(): Remote<TrialsApi> {
  remote ??= wrap<TrialsApi>(new Worker(new URL("./trials.worker.ts", import.meta.url), { type: "module" }));
  return remote;
}

/** A wall of a job document with a trial on it, worked out off the main thread; null where it cannot be. */
export const askForTrial = (
  documentText: string,
  wallId: string,
  spec: object,
  ground: TrialGround = "base",
): Promise<Trial | null> => trials().onWall(documentText, wallId, spec, ground);

/** What a finish and other ways to come to its look take, each by itself. */
export const askForWays = (documentText: string, finishId: string): Promise<ComparedWay[]> =>
  trials().ways(documentText, finishId);

/** What the job comes to with one pair of hands to four, in both schools of rounds. */
export const askForCrews = (documentText: string): Promise<ComparedCrew[]> => trials().crews(documentText);

/** The mix of some paints that is nearest to a colour. */
export const askForNearestMix = (...asked: Parameters<typeof nearestMix>): Promise<NearestMix | null> =>
  trials().nearestMix(...asked);
