import { editWithMisses } from "../misses";
import type { LimewashLayout } from "./layout";

export const editLimewash = ({ spec }: LimewashLayout) => editWithMisses("paint", spec.misses);
