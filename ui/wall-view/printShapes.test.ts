import { expect, it } from "vitest";
import { drawnPlan } from "@/core/plan/drawnPlan";
import type { PlanMotif, PlanPrints, PlanWall } from "@/core/plan/planTypes";
import { pathsByPaint, printShape } from "./printShapes";

const motif: PlanMotif = {
  id: "f/leaf",
  finish: "f",
  face: [
    [-10, -10],
    [10, 10],
  ],
  cutouts: [
    {
      overlay: "1",
      slot: "leaf",
      colour: "kelp",
      open_mm2: 50,
      contours: [
        [
          [0, 0],
          [10, 0],
          [0, 10],
        ],
      ],
    },
    { overlay: "2", slot: "bud", colour: "brine", open_mm2: 1, contours: [[[0, 0]]] },
  ],
};
const print = {
  motif: "f/leaf",
  column: 1,
  row: 1,
  width: 20,
  height: 20,
  share: 1,
  cutBy: [],
  bends: [],
  overlay: "1",
  order: 1,
  load: 1,
};
const prints = (list: PlanPrints["list"]): PlanPrints[] => [
  { finish: "f", counts: { whole: 1, partial: 1 }, minutes: 0, loads: 1, list },
];

it("a print is mirrored, then turned, then put in its place, and what is left of a cut one is where it is", () => {
  const drawn = drawnPlan({
    regions: [],
    motifs: [motif],
    prints: prints([
      { ...print, id: "f/a", at: [100, 50], turn: 90, mirrored: true },
      {
        ...print,
        id: "f/b",
        at: [0, 0],
        turn: 0,
        share: 0.5,
        kept: [
          {
            colour: "kelp",
            contours: [
              [
                [1, 2],
                [3, 4],
              ],
            ],
          },
        ],
      },
    ]),
  } as Partial<PlanWall> as PlanWall);
  const shapes = drawn.prints.flatMap((own) =>
    own.parts.map(({ paint, rings }) => printShape(own, paint, rings)),
  );
  expect(shapes.map(({ paint }) => paint)).toEqual(["kelp", "kelp"]);
  const paths = [...pathsByPaint(shapes, 200)];
  expect(paths.map(([paint]) => paint)).toEqual(["kelp"]);
  const places = [...paths[0]![1].matchAll(/[ML]([-\d.e]+) ([-\d.e]+)/g)].map(([, x, y]) => [
    Math.round(Number(x)),
    Math.round(Number(y)),
  ]);
  // (10, 0) is mirrored to (-10, 0), turned to (0, -10): 40 up, and so 160 down from the top at 200.
  expect(places).toEqual([
    [100, 150],
    [100, 160],
    [90, 150],
    [1, 198],
    [3, 196],
  ]);
});
