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

function printed(finish: object, wall: object = {}, stencils: readonly object[] = []): string {
  const job = parsed({
    format: "jacaranda-job/1",
    name: "Tiles",
    stencils: [tile, ...stencils],
    paints: [
      { id: "oyster", name: "Oyster" },
      { id: "kelp", name: "Kelp" },
      { id: "brine", name: "Brine" },
    ],
    walls: [{ id: "w", width: 1200, height: 800, base: "oyster", ...wall }],
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

it("a door's border has no side under it on paper, and prints too close for numbers have their way drawn", () => {
  const openings = [{ id: "d", kind: "door", x: 400, y: 0, width: 400, height: 400 }];
  const text = printed({ kind: "stencil-border", along: { around: "d", gap: 100 } }, { openings })
    .replace(/<[^>]*>/g, " ")
    .replace(/\s+/g, " ");
  expect(text).toContain("over it 600 mm");
  expect(text).toContain("up its left 600 mm");
  expect(text).not.toContain("under it");
  // Twenty metres of 400 are 7.6 px each on paper, under the 19 that a ringed number needs.
  const wide = printed({ kind: "stencil-border", along: { level: 400 } }, { width: 20_000 });
  const diagram = wide.split('aria-label="Order of overlay 1"')[1]!.split("</figure>")[0]!;
  expect(diagram).toMatch(/data-order="f 1"/);
  expect(diagram).toMatch(/From the ring on|Each line is one load/);
});

it("a corner's own sheet is shown whole where the border's is printed colour by colour", () => {
  const sheet = (id: string) => ({
    id,
    repeat: { x: 200, y: 120 },
    overlays: [
      {
        id: "1",
        cuts: [
          { slot: "field", path: square(20) },
          { slot: "knot", path: "M 50 -10 h 20 v 20 h -20 z" },
        ],
      },
    ],
  });
  const openings = [{ id: "h", kind: "window", x: 500, y: 300, width: 200, height: 200 }];
  const markup = printed(
    {
      kind: "stencil-border",
      stencil: "flag",
      along: { around: "h", gap: 100 },
      printBy: "colour",
      corners: { motif: "bow" },
    },
    { openings },
    [sheet("flag"), sheet("bow")],
  );
  const holesOf = (drawn: string) => [
    ...markup.matchAll(new RegExp(`fill="url\\(#sheet-f-${drawn}-\\d\\)"`, "g")),
  ];
  // One hole in each turn of the border's own, both in the corner's.
  expect([holesOf("flag-1-field"), holesOf("flag-1-knot")].map(({ length }) => length)).toEqual([1, 1]);
  expect(holesOf("bow-1")).toHaveLength(2);
});
