import { brokenDesign } from "../brokenColour";
import type { LimewashLayout } from "./layout";

export const designLimewash = ({ spec }: LimewashLayout) =>
  brokenDesign(spec, [{ paint: spec.paint, share: 1 }], { hand: "brush" });
