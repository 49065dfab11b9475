import { fillTool, type Editing } from "../editing";

/** Filled anywhere, its first tone takes the paint. */
export const editTrowelled = (): Editing => ({
  handles: [],
  tools: [fillTool((_, paint) => ({ path: ["tones", 0], set: { paint } }))],
});
