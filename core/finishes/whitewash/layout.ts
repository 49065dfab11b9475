import type { Laid } from "../defineFinish";
import { layOutBroken } from "../brokenLayout";
import type { WhitewashSpec } from "./spec";

export type WhitewashLayout = Laid<WhitewashSpec>;

export const layOutWhitewash = layOutBroken<WhitewashSpec>;
