import type { Paint } from "../paint/schema";
import { textureFactors, type Texture } from "../trade/constants";

/** ml of one coat of a paint over so many m2 of a texture: area x texture / spread rate, as the film of its need. */
export const filmMl = ({ spreadRate }: Pick<Paint, "spreadRate">, areaM2: number, texture: Texture): number =>
  (areaM2 * textureFactors[texture] * 1000) / spreadRate;
