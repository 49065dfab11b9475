import { digitOf, lightOf } from "./colours";
import { whiteBy, type Lighting } from "./views";

/** A colour's digits as it looks by a light, wherever on the wall it is. */
export function litColour(hex: string, lighting: Lighting): string {
  const white = whiteBy(lighting);
  const digits = lightOf(hex).map((light, channel) => digitOf(light * white[channel]!));
  return `#${digits.map((digit) => digit.toString(16).padStart(2, "0")).join("")}`;
}
