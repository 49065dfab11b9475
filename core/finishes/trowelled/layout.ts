import type { Laid } from "../defineFinish";
import { layOutBroken } from "../brokenLayout";
import type { TrowelledSpec } from "./spec";

export type TrowelledLayout = Laid<TrowelledSpec>;

export const layOutTrowelled = layOutBroken<TrowelledSpec>;
