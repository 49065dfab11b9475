import { expect, it } from "vitest";
import { cutSheet } from "@/core/stencil/cutSheet";
import { stencilSchema } from "@/core/stencil/schema";
import { readSvgSheet } from "./readSvgSheet";

const svg = (inside: string, more = "") =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100" ${more}>${inside}</svg>`;
const read = (text: string, width = 200) => readSvgSheet(text, { id: "own", name: "Own", width });
const sheetOf = (text: string, width?: number) => {
  const answer = read(text, width);
  if (!answer.ok) throw new Error(answer.message);
  return cutSheet(stencilSchema.parse(answer.sheet));
};

it("takes shapes in groups, moved, turned and scaled, as holes to one scale about their middle, y up", () => {
  const sheet = sheetOf(
    svg(`<g transform="translate(10 20)"><rect width="100" height="40" fill="#123456"/>
      <g transform="rotate(90 100 40) scale(.5)" style="fill:#abcdef"><circle cx="180" cy="60" r="20"/></g></g>`),
    250,
  );
  // The disc, halved: r 10, its middle (90, 30) turned a quarter about (100, 40) is (110, 30), and moved (120, 50).
  // All spans x 10 to 130, so 250 mm over 120 units.
  const scale = 250 / 120;
  expect(sheet.slots.map(({ slot, openMm2 }) => [slot, openMm2])).toEqual([
    ["colour-1", expect.closeTo(4000 * scale * scale, 0)],
    ["colour-2", expect.closeTo(Math.PI * 100 * scale * scale, 0)],
  ]);
  const { minX, maxX, minY, maxY } = sheet.cuts;
  expect([minX, maxX, minY + maxY].map((mm) => Math.round(mm * 100) / 100)).toEqual([-125, 125, 0]);
});

it("keeps what is upper up, rounds corners, closes polygons, and leaves out what is only referred to", () => {
  const tip = sheetOf(
    svg('<defs><rect width="999" height="999"/></defs><polygon points="0,0 100,100 -100,100"/>'),
  );
  const points = tip.slots[0]!.contours[0]!.map(({ a }) => [Math.round(a.x), Math.round(a.y)]);
  expect(points).toEqual(
    expect.arrayContaining([
      [0, 50],
      [100, -50],
      [-100, -50],
    ]),
  );
  const rounded = sheetOf(svg('<rect width="100" height="50" rx="10"/>'), 100);
  expect(rounded.slots[0]!.openMm2).toBeCloseTo(5000 - (4 - Math.PI) * 100, 2);
});

it.each([
  ["", /empty|no XML|broken/],
  ["hello", /no XML|empty|broken/],
  ["<html></html>", /begins with <html>/],
  [svg("<g>"), /broken off/],
  ['<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>', /declares entities/],
  [svg('<script>alert(1)</script><rect width="9" height="9"/>'), /holds a script/],
  [svg('<g id="a"><use href="#a"/></g>'), /refers to shapes elsewhere/],
  [svg('<image href="http://example.test/x.png"/>'), /picture of dots/],
  [svg('<path d="M 0 0 L 10 10" fill="none" stroke="#000"/>'), /strokes, which have no width/],
  [svg('<rect width="NaN" height="9"/>'), /no number/],
  [svg('<path d="M 0 0 L NaN 10 Z"/>'), /no path data/],
  [svg('<rect width="9" height="9" transform="spin(3)"/>'), /transform that is not known/],
  [svg('<rect width="9" height="9" fill="url(#shade)"/>'), /pattern or a shade/],
  [svg("<rect/>".repeat(20_001)), /over 20000 elements/],
  [svg("<g>".repeat(60) + "</g>".repeat(60)), /nested too deeply/],
  [svg(`<path d="M 0 0 ${"L 1 1 ".repeat(20_001)}"/>`), /over 20000 points/],
  [svg(`<rect width="9" height="9" transform="${"matrix(".repeat(20_000)}"/>`), /transform of over 1000/],
  [svg(`<rect width="9" height="9" transform="${"matrix(".repeat(9)}"/>`), /transform that is not known/],
  [svg(`<rect width="${"7".repeat(300_000)}" height="9"/>`), /no number \("7+"\)/],
  [svg(`<rect width="${" ".repeat(300_000)}x" height="9"/>`), /no number/],
  [svg(`<g style="${"fill:red;".repeat(9000)}"/>`), /style of over 4000/],
  [svg("<g/>"), /no filled shapes/],
  [`${svg("")}${" ".repeat(2_000_001)}`, /over 2 MB/],
])("refuses drawing %# in one clear sentence", (text, message) => {
  const answer = read(text);
  expect(answer).toMatchObject({ ok: false, message: expect.stringMatching(message) as string });
});
