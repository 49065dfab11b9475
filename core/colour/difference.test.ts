import { differenceCiede2000 } from "culori/fn";
import { expect, it } from "vitest";
import { asSeenBy, differenceOf, labOf, likenessOf } from "./difference";
import { seenDifference } from "./seenFrom";

/** Sharma, Wu and Dalal 2005, table 1: pairs that find faults of a formula, as L, a, b of each and their difference. */
const published = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
  [50, 2.5, 0, 50, 3.2972, 0, 1],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
] as const;

it("differences are those of the published pairs", () => {
  const exact = differenceCiede2000();
  for (const [l, a, b, l2, a2, b2, expected] of published) {
    const [one, other] = [
      { l, a, b },
      { l: l2, a: a2, b: b2 },
    ];
    expect(exact({ mode: "lab65", ...one }, { mode: "lab65", ...other })).toBeCloseTo(expected, 4);
    expect(differenceOf(one, other)).toBeCloseTo(expected, 0);
    expect(differenceOf(one, other)).toBe(differenceOf(other, one));
  }
  expect([0.4, 1, 2.5, 4, 20].map(likenessOf)).toEqual([
    "cannot be told apart",
    "cannot be told apart",
    "close",
    "another colour",
    "another colour",
  ]);
});

it("from further off fine pieces run together, their colour before their lightness; wide ones stay what they are", () => {
  const [dark, light] = [labOf("#47573f"), labOf("#e6dcc6")];
  const whole = differenceOf(dark, light);
  expect(seenDifference(dark, light, 300, 2500)).toBeCloseTo(whole, 0);
  const from = [2000, 8000, 30_000, 120_000].map((distance) => seenDifference(dark, light, 20, distance));
  expect(from).toEqual([...from].sort((a, b) => b - a));
  expect(from.at(-1)).toBeLessThan(whole / 4);
  // Of one lightness, red and green: at 12 mm from 2.5 m, 0.275 degrees, (0.531 + 0.33 x erf(0.278)) / 0.861 = 0.73 of a is left.
  const [red, green] = [
    { l: 50, a: 20, b: 0 },
    { l: 50, a: -20, b: 0 },
  ];
  expect(seenDifference(red, green, 12, 2500)).toBe(
    differenceOf({ l: 50, a: 20 * 0.735, b: 0 }, { l: 50, a: -20 * 0.735, b: 0 }),
  );
});

it("red and green of one lightness are alike to eyes without cones for red or green, blue and yellow to those without blue", () => {
  const apart = (one: string, other: string) => differenceOf(labOf(one), labOf(other));
  const [red, green] = ["#a8584f", "#6d7339"];
  expect(apart(red, green)).toBeGreaterThan(20);
  for (const blindness of ["protan", "deutan"] as const)
    expect(apart(asSeenBy(red, blindness), asSeenBy(green, blindness))).toBeLessThan(apart(red, green) / 2);
  for (const grey of ["#000000", "#808080", "#ffffff"])
    for (const blindness of ["protan", "deutan", "tritan"] as const)
      expect(apart(asSeenBy(grey, blindness), grey)).toBeLessThan(1);
});
