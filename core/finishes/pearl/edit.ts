import { editWithMisses } from "../misses";
import type { PearlLayout } from "./layout";

export const editPearl = ({ spec }: PearlLayout) => editWithMisses("paint", spec.misses);
