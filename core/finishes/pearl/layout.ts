import type { Laid } from "../defineFinish";
import { layOutBroken } from "../brokenLayout";
import type { PearlSpec } from "./spec";

export type PearlLayout = Laid<PearlSpec>;

export const layOutPearl = layOutBroken<PearlSpec>;
