import { notBareWood } from "../wall/notBareWood";
import type { OrderedWall } from "./orderedWall";

/** Whether something thin goes onto a wall of bare wood: it is stripped and dusted, never washed. */
export const isBareWood = ({ wall, laid }: Pick<OrderedWall, "wall" | "laid">): boolean =>
  notBareWood(wall) === null &&
  (laid?.pattern.effects ?? []).some(({ by, regions }) => by.hand === "wash" && regions.length > 0);
