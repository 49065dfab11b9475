import type { Texture } from "../trade/constants";
import { capital } from "./capital";

/** What tape sticks to, at the start of a sentence. */
export const textureWords: Record<Texture, string> = {
  smooth: "A smooth wall",
  light: "A light stipple",
  heavy: "A heavy stipple",
  brick: "Bare brick",
  boards: "The joints of boards",
};

/** What a line is called by: itself, or what lies on its two sides. */
export type LineName = string | readonly [string, string];

/** A line within a sentence. */
export const lineWords = (line: LineName): string =>
  typeof line === "string" ? line : `the line between ${line[0]} and ${line[1]}`;

/** The same at the start of one. */
export const named = (line: LineName): string =>
  typeof line === "string" ? `The ${line.replace(/^the /, "")}` : capital(lineWords(line));
