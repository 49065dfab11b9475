import type { Laid } from "../defineFinish";
import { layOutBroken } from "../brokenLayout";
import type { LimewashSpec } from "./spec";

export type LimewashLayout = Laid<LimewashSpec>;

export const layOutLimewash = layOutBroken<LimewashSpec>;
