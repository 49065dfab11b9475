import { brokenDesign } from "../brokenColour";
import type { TrowelledLayout } from "./layout";
import { tonesOf } from "./spec";

export const designTrowelled = ({ spec }: TrowelledLayout) =>
  brokenDesign(spec, tonesOf(spec), { hand: "trowel" });
