import { modeLab65, modeXyz65, useMode as mode } from "culori/fn";
import { Color } from "spectral.js";
import { differenceOf, labOf, type Lab } from "./difference";

/**
 * What each band of light, 380 to 750 nm by ten, adds to X, Y and Z of a white surface under a light, in hundred-thousandths: the 1931
 * standard observer (CIE 15, 2 degrees, every tenth nanometre) times the light of a black body by the law of Planck, so that Y of white
 * is one. A lamp is 2856 K (illuminant A), daylight 6504 K.
 */
const lampWeights = [
  1, 0, 6, 5, 0, 23, 20, 1, 93, 71, 2, 340, 262, 8, 1257, 649, 27, 3170, 927, 61, 4650, 1031, 117, 5436, 1019,
  210, 5852, 777, 362, 5118, 428, 622, 3636, 160, 1040, 2325, 27, 1792, 1509, 57, 3080, 969, 425, 4771, 526,
  1214, 6323, 310, 2314, 7600, 162, 3732, 8569, 75, 5510, 9222, 36, 7571, 9458, 21, 9719, 9228, 18, 11579,
  8541, 12, 12703, 7547, 10, 12669, 6356, 4, 11372, 5071, 3, 8980, 3704, 0, 6557, 2562, 0, 4336, 1636, 0,
  2628, 972, 0, 1448, 530, 0, 804, 292, 0, 404, 146, 0, 209, 75, 0, 110, 40, 0, 57, 19, 0, 28, 10, 0, 14, 4,
  0, 6, 2, 0,
];
const dayWeights = [
  14, 0, 64, 42, 1, 203, 147, 4, 697, 452, 12, 2155, 1408, 42, 6765, 2992, 122, 14600, 3680, 243, 18459, 3553,
  402, 18726, 3066, 633, 17600, 2051, 955, 13518, 997, 1450, 8482, 331, 2153, 4815, 50, 3311, 2788, 94, 5098,
  1604, 634, 7107, 783, 1634, 8510, 417, 2825, 9279, 197, 4149, 9525, 83, 5596, 9365, 37, 7047, 8803, 19,
  8317, 7896, 15, 9137, 6739, 10, 9269, 5506, 7, 8571, 4300, 3, 7151, 3189, 2, 5261, 2170, 0, 3588, 1402, 0,
  2220, 838, 0, 1262, 467, 0, 654, 239, 0, 342, 124, 0, 162, 58, 0, 79, 29, 0, 39, 14, 0, 19, 7, 0, 9, 3, 0,
  4, 1, 0, 2, 1, 0,
];

export type UnderLight = "day" | "lamp";
const weightsOf: Readonly<Record<UnderLight, readonly number[]>> = { day: dayWeights, lamp: lampWeights };

mode(modeXyz65);
const lab65 = mode(modeLab65);

type Three = readonly [number, number, number];

function tristimulus(reflected: readonly number[], weights: readonly number[]): Three {
  const sum = (channel: number) =>
    reflected.reduce((total, share, band) => total + share * weights[band * 3 + channel]!, 0) / 1e5;
  return [sum(0), sum(1), sum(2)];
}

const allLight = Array.from({ length: 38 }, () => 1);
const whiteOf: Readonly<Record<UnderLight, Three>> = {
  day: tristimulus(allLight, dayWeights),
  lamp: tristimulus(allLight, lampWeights),
};

/** White of daylight as L*a*b* takes it (D65). */
const white65: Three = [0.95047, 1, 1.08883];

/**
 * CIE L*a*b* of a surface by what it reflects in each band, under a light to which the eye has got used: against that light's own white,
 * as the index of metamerism has it (CIE 15, 9.2).
 */
export function labUnder(reflected: readonly number[], light: UnderLight): Lab {
  const [own, white] = [tristimulus(reflected, weightsOf[light]), whiteOf[light]];
  const [x, y, z] = own.map((value, channel) => (value / white[channel]!) * white65[channel]!) as [
    number,
    number,
    number,
  ];
  const { l, a, b } = lab65({ mode: "xyz65", x, y, z });
  return { l, a, b };
}

/** What a colour of a screen may reflect in each band, as spectral.js recovers it: a guess, the smoothest that there is. */
export const reflectanceOf = (hex: string): readonly number[] => new Color(hex).R;

/** A colour as it is by day and under a lamp. */
export interface InBothLights {
  readonly day: Lab;
  readonly lamp: Lab;
}

export const inBothLights = (reflected: readonly number[]): InBothLights => ({
  day: labUnder(reflected, "day"),
  lamp: labUnder(reflected, "lamp"),
});

/** By less more than by day nobody sees that two part under the lamp. */
const leastParting = 1.5;

/** How far two are apart by day and by lamp, and whether a pair that goes together by day parts under the lamp. */
export function partsUnderLamp(one: InBothLights, other: InBothLights) {
  const [day, lamp] = [differenceOf(one.day, other.day), differenceOf(one.lamp, other.lamp)];
  return { day, lamp, parts: day < 4 && lamp - day >= leastParting };
}

/** The same of two colours of a screen, or of what was measured of one of them. */
export const asPaint = (hex: string): InBothLights => {
  const { day, lamp } = inBothLights(reflectanceOf(hex));
  // By day it is what the screen says, to the last digit.
  const exact = labOf(hex);
  return {
    day: exact,
    lamp: { l: lamp.l + exact.l - day.l, a: lamp.a + exact.a - day.a, b: lamp.b + exact.b - day.b },
  };
};
