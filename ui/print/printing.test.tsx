import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { parsed } from "@/core/job/tests/jobs";
import { Printing } from "./Printing";

const square = (half: number) => `M ${-half} ${-half} h ${2 * half} v ${2 * half} h ${-2 * half} z`;
const tile = {
  id: "tile",
  name: "Tile",
  repeat: { x: 400, y: 400 },
  registers: [
    [-150, 0],
    [150, 120],
  ],
  overlays: [
    { id: "1", cuts: [{ slot: "field", path: square(80) }] },
    { id: "2", cuts: [{ slot: "knot", path: square(20) }] },
  ],
};

function printed(finish: object): string {
  const job = parsed({
    format: "jacaranda-job/1",
    name: "Tiles",
    stencils: [tile],
    paints: [
      { id: "oyster", name: "Oyster" },
      { id: "kelp", name: "Kelp" },
      { id: "brine", name: "Brine" },
    ],
    walls: [{ id: "w", width: 1200, height: 800, base: "oyster" }],
    finishes: [
      {
        id: "f",
        on: "w",
        stencil: "tile",
        colours: { field: "kelp", knot: "brine" },
        shades: { field: "brine" },
        ...finish,
      },
    ],
  });
  const planned = plan(job).walls[0]!;
  return renderToStaticMarkup(<Printing job={job} wall={job.walls[0]!} planned={planned} />);
}

it("the printed sheet shows each overlay with its marks, and the prints numbered in their turn", () => {
  const markup = printed({ kind: "stencil-field", start: { x: "left", y: "top" } });
  const text = markup.replace(/<[^>]*>/g, " ").replace(/\s+/g, " ");
  // Three columns of two rows, in two overlays.
  expect(text).toMatch(/^ ?12 prints in \d+ loads?/);
  expect(text).toContain("Tile, overlay 1: field in Kelp shaded in Brine.");
  expect(text).toContain("Tile, overlay 2: knot in Brine.");
  expect(text).toContain("Marks from its middle: 150 mm left; 150 mm right, 120 mm up.");
  const diagram = markup.split('aria-label="Order of overlay 1"')[1]!.split("</svg>")[0]!;
  const numbers = [...diagram.matchAll(/<text x="([\d.]+)" y="([\d.]+)"[^>]*>(\d+)</g)].map(
    ([, x, y, number]) => [Number(number), Number(x), Number(y)] as const,
  );
  const columns = [...new Set(numbers.map(([, x]) => Math.round(x)))];
  expect(numbers.map(([number]) => number)).toEqual([1, 2, 3, 4, 5, 6]);
  // Column by column from the top: 380 px are 1200 mm, so a column is 127 px wide.
  expect(columns).toEqual([63, 190, 317]);
  expect(numbers[1]![2]).toBeGreaterThan(numbers[0]![2]);
});

it("the legs of a border stand there with what their repeats are stretched by", () => {
  const text = printed({ kind: "stencil-border", along: { level: 400 } }).replace(/<[^>]*>/g, " ");
  // Three of 400 are the wall's 1200; within 90 of the edges 1020 and 620 are left.
  expect(text).toMatch(/along the wall\s+1200 mm\s+3\s+as cut/);
  const within = printed({ kind: "stencil-border", along: { inside: 90 } }).replace(/<[^>]*>/g, " ");
  expect(within).toMatch(/along its top\s+1020 mm\s+3\s+60 mm shorter\s+will show/);
  expect(within).toMatch(/down its right\s+620 mm\s+2\s+90 mm shorter/);
});
