import { brokenDesign } from "../brokenColour";
import type { PearlLayout } from "./layout";

export const designPearl = ({ spec }: PearlLayout) =>
  brokenDesign(spec, [{ paint: spec.paint, share: 1 }], { hand: "flakes" });
