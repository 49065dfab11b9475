import { expose } from "comlink";
import { trialPicture } from "./trialPicture";

/** Draws walls as they would look, apart from the planner: it never waits for them, nor they for it. */
const trials = { picture: trialPicture };

export type TrialsApi = typeof trials;

expose(trials);
