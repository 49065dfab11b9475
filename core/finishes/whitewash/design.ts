import { brokenDesign } from "../brokenColour";
import type { WhitewashLayout } from "./layout";

export const designWhitewash = ({ spec }: WhitewashLayout) =>
  brokenDesign(spec, [{ paint: spec.paint, share: 1 }], {
    hand: "wash",
    board: spec.board,
    direction: spec.direction,
  });
