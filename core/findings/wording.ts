import type { Texture } from "../trade/constants";

/** What tape sticks to, at the start of a sentence. */
export const textureWords: Record<Texture, string> = {
  smooth: "A smooth wall",
  light: "A light stipple",
  heavy: "A heavy stipple",
  brick: "Bare brick",
  boards: "The joints of boards",
};

/** A line in a sentence: those of a pattern are known by what lies on their two sides. */
export const named = (line: string): string =>
  line.includes(" | ") ? `The line between ${line.replace(" | ", " and ")}` : `The ${line}`;

/** The same words, as a sentence starts with them. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
