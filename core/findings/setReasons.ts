import type { Speech } from "./speech";

type Pair = readonly [string, string];

/** Why a set of colours ranks where it does. Differences are CIEDE2000; `away` is from where it is looked at, mm. */
export interface SetReasonValues {
  "set-runs-together": { between: Pair; along: number; seen: number; away: number };
  "set-alike-to": { between: Pair; to: readonly (keyof typeof eyes)[] };
  "set-like-what-stays": { between: Pair; apart: number };
  "set-nearly-all": { tone: "light" | "middle" | "dark"; share: number };
  "set-loud": { share: number };
  "set-parts-most": { between: Pair; seen: number; away: number };
  "set-parts-least": { between: Pair; seen: number };
  "set-tones": { light: number; middle: number; dark: number };
}

const eyes = {
  protan: "eyes blind to red",
  deutan: "eyes blind to green",
  tritan: "eyes blind to blue",
} as const;

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const both = ([a, b]: Pair, { paint }: Speech): string => `${paint(a)} and ${paint(b)}`;
const far = (away: number, { run }: Speech): string => `${run(away / 1000)} away`;

export const setReasonMessages: {
  [Code in keyof SetReasonValues]: (values: SetReasonValues[Code], speech: Speech) => string;
} = {
  "set-runs-together": ({ between, along, seen, away }, speech) =>
    `${both(between, speech)} run together from ${far(away, speech)}: they touch along ${percent(along)} of all edges, and differ by ${seen.toFixed(1)}.`,
  "set-alike-to": ({ between, to }, speech) =>
    `${both(between, speech)} look alike to ${to.map((lacking) => eyes[lacking]).join(", to ")}.`,
  "set-like-what-stays": ({ between, apart }, speech) =>
    `${both(between, speech)} are nearly one colour, ${apart.toFixed(1)} apart.`,
  "set-nearly-all": ({ tone, share }) =>
    `${percent(share)} of it is ${tone === "middle" ? "neither light nor dark" : tone} and quiet: nothing stands out.`,
  "set-loud": ({ share }) => `Strong colours take ${percent(share)} of the walls.`,
  "set-parts-most": ({ between, seen, away }, speech) =>
    `${both(between, speech)} part most, ${seen.toFixed(1)} as seen from ${far(away, speech)}.`,
  "set-parts-least": ({ between, seen }, speech) =>
    `${both(between, speech)} part least, ${seen.toFixed(1)}.`,
  "set-tones": ({ light, middle, dark }) =>
    `Light ${percent(light)}, middle ${percent(middle)}, dark ${percent(dark)}.`,
};
