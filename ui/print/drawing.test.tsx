import { wallSchema } from "@/core/wall/schema";
import { exaggerate } from "@/ui/stations/measure/exaggerate";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { PrintedElevation } from "./PrintedElevation";
import { SettingOutSheet } from "./SettingOutSheet";
import { ShoppingList } from "./ShoppingList";
import { TapeWindow } from "@/ui/marks/TapeWindow";
import { tapeAtMarks } from "@/ui/marks/tapeAtMark";
import { Ruler } from "@/ui/wall-view/Ruler";
import { MiniWall } from "@/ui/wall-view/WallDrawing";

const hatch = {
  id: "h",
  name: "hatch",
  kind: "window",
  x: 1400,
  y: 900,
  width: 900,
  height: 900,
  casing: 70,
};
const texts = (markup: string) => [...markup.matchAll(/<text[^>]*>([^<]*)/g)].map((match) => match[1]);

/** The sheet of a wall with a disc on stripes, in a job of these schools. */
function sheetOf(edges: object, texture = "smooth"): string {
  const disc = { shape: "circle", centre: [2000, 1200], radius: 600, colour: "brine" };
  const job = parsed({
    ...oneWall({ texture }, { fit: { by: "count", count: 7 } }, { edges }),
    finishes: [
      { id: "f", on: "w", kind: "stripes", colours: ["kelp", "oyster"], fit: { by: "count", count: 7 } },
      { id: "g", on: "w", kind: "blocks", blocks: [disc] },
    ],
  });
  const planned = plan(job);
  const markup = renderToStaticMarkup(
    <SettingOutSheet job={job} plan={planned} wall={job.walls[0]!} planned={planned.walls[0]!} version={1} />,
  );
  expect(markup).not.toMatch(/NaN|undefined|Infinity/);
  return markup;
}

it("the sheet says with what edges are sealed, what is flexible or cut in by hand, and when tape comes off", () => {
  const usual = sheetOf({});
  expect(usual).toMatch(/flexible[^]*press only/);
  expect(usual).toContain("while the last coat still tacks");
  expect(usual).not.toContain("clear sealer");
  expect(sheetOf({ seal: "caulk" })).toContain("clear sealer");
  expect(sheetOf({}, "brick")).toContain("Tape comes off dry");
  // Of the circle of 3.8 m what lies on stripes and base alike.
  const byHand = sheetOf({ curves: "hand" });
  expect(byHand).toContain("Cut in by hand, without tape: 3.8 m of edges.");
  expect(byHand).not.toContain("flexible");
});

it("the shopping list has a line for everything to buy, and what nothing is known of", () => {
  const job = parsed(
    oneWall({}, { fit: { by: "count", count: 5 } }, { supplies: { "tape-24": { price: 4 } } }),
  );
  const planned = plan(job);
  const markup = renderToStaticMarkup(<ShoppingList job={job} plan={planned} version={3} />);
  expect(markup).not.toMatch(/NaN|undefined|Infinity/);
  for (const { name, buy } of planned.sundries) expect(markup).toContain(`${buy} × ${name}`);
  expect(markup).toMatch(/oyster[^]*no tin known/);
  expect(markup).toContain(`${planned.cost.unpriced} things have no price yet`);
});

describe("drawings hold numbers only", () => {
  it.each(["vertical", "horizontal", 33])("the wall, %s", (direction) => {
    const job = parsed(oneWall({ openings: [hatch] }, { direction, fit: { by: "count", count: 7 } }));
    const planned = plan(job);
    const markup = renderToStaticMarkup(
      <MiniWall wall={job.walls[0]!} plan={planned.walls[0]!} paints={job.paints} />,
    );
    expect(markup).not.toMatch(/NaN|undefined|Infinity/);
    // A path a colour; besides: the clip, the wall, its trim line, the opening and its casing, and the outline.
    expect(markup.match(/<path/g)!.length).toBe(2 + 6);
    // Every piece is in one of them.
    const rings = [...markup.matchAll(/fill-rule="evenodd"|d="([^"]*)" fill="[^"]*" fill-rule/g)];
    const pieces = rings.reduce((sum, [, d]) => sum + (d?.split("M").length ?? 1) - 1, 0);
    expect(pieces).toBe(planned.walls[0]!.regions.reduce((sum, { holes }) => sum + 1 + holes.length, 0));
    const sheet = renderToStaticMarkup(
      <SettingOutSheet
        job={job}
        plan={planned}
        wall={job.walls[0]!}
        planned={planned.walls[0]!}
        version={4}
      />,
    );
    expect(sheet).not.toMatch(/NaN|undefined|Infinity/);
    for (const mark of planned.walls[0]!.marks) expect(sheet).toContain(`>${mark.reading}</b>`);
  });
});

describe("rulers read like a tape measure", () => {
  const ruler = (units: "imperial" | "metric", scale: number) =>
    renderToStaticMarkup(
      <Ruler axis="x" units={units} scale={scale} zero={0} length={1000} extent={[0, 4000]} />,
    );

  it("labels feet from far away, inches from near, and never the datum itself", () => {
    expect(texts(ruler("imperial", 0.18)).slice(0, 3)).toEqual(["1′", "2′", "3′"]);
    expect(texts(ruler("imperial", 3)).slice(0, 3)).toEqual(["1″", "2″", "3″"]);
    expect(texts(ruler("metric", 0.18)).slice(0, 3)).toEqual(["500", "1 m", "1500"]);
    expect(texts(ruler("metric", 1)).slice(0, 2)).toEqual(["50", "100"]);
  });

  it("draws no more ticks than can be told apart, and none off the wall", () => {
    for (const scale of [0.02, 0.18, 1, 7]) {
      const ticks = [...ruler("imperial", scale).matchAll(/<line x1="([\d.]+)"/g)].map((match) =>
        Number(match[1]),
      );
      expect(ticks.length).toBeLessThan(260);
      expect(Math.max(...ticks)).toBeLessThanOrEqual(Math.min(1000, 4000 * scale) + 1e-6);
    }
  });
});

it("the tape under the eye shows the figures on both sides of the reading", () => {
  // 51 3/4 in: the whole inches beside it are 51 and 52.
  const shown = texts(renderToStaticMarkup(<TapeWindow at={51.75 * 25.4} units="imperial" />));
  expect(shown).toEqual(expect.arrayContaining(["51", "52"]));
  expect(texts(renderToStaticMarkup(<TapeWindow at={1621} units="metric" />))).toEqual(
    expect.arrayContaining(["1620", "1630"]),
  );
  expect(texts(renderToStaticMarkup(<TapeWindow at={2} units="metric" />))[0]).toBe("0");
});

it("each mark knows the tape on its own line, and no other", () => {
  const job = parsed(oneWall({ openings: [hatch] }, { fit: { by: "count", count: 9 } }));
  const wall = plan(job).walls[0]!;
  for (const mark of wall.marks) {
    const pieces = tapeAtMarks(wall)(mark);
    expect(pieces.length).toBeGreaterThan(0);
    for (const piece of pieces) expect(piece.path.every(([x]) => Math.abs(x - mark.at) < 1e-6)).toBe(true);
  }
  // Line 4 stands at 1873, within the hatch: one piece above it and one below.
  expect(tapeAtMarks(wall)(wall.marks[3]!)).toHaveLength(2);
});

describe("what is out of true, ten times over", () => {
  it("moves corners from the first reading of their side, and says by how much", () => {
    const wall = wallSchema.parse({
      id: "w",
      base: "b",
      survey: {
        stations: [
          { x: 0, down: 1000, up: 1400 },
          { x: 3000, down: 1012, up: 1397 },
        ],
        left: [
          { y: -1000, off: 0 },
          { y: 1400, off: 4 },
        ],
      },
    });
    const { points, notes } = exaggerate(wall);
    // The floor falls 12, drawn as 120; the ceiling 3 as 30; the left end leans 4 as 40.
    expect(points.map(({ x, y }) => [Math.round(x), Math.round(y)])).toEqual([
      [0, -1000],
      [3000, -1120],
      [3000, 1370],
      [40, 1400],
    ]);
    expect(notes.map(({ off }) => Math.round(off))).toEqual([-12, -3, 4]);
  });

  it("leaves a true wall and a real step as they are", () => {
    const step = [
      { x: 0, down: 1000, up: 1400 },
      { x: 900, down: 1000, up: 1400 },
      { x: 900, down: 1000, up: 1100 },
      { x: 2000, down: 1000, up: 1100 },
    ];
    const wall = wallSchema.parse({ id: "w", base: "b", survey: { stations: step } });
    const { points, notes } = exaggerate(wall);
    expect(notes).toEqual([]);
    expect(points.map(({ y }) => y)).toEqual([-1000, -1000, 1100, 1100, 1400, 1400]);
  });
});

it("what lies on a wall is drawn within it: bricks, and sheets of paper cut off at its edges", () => {
  const job = parsed({
    ...oneWall({ width: 2000, height: 1000 }, {}),
    finishes: [
      {
        id: "p",
        on: "w",
        kind: "paper",
        roll: { width: 500, length: 10050 },
        repeat: 300,
        match: "straight",
      },
      { id: "b", on: "w", kind: "brick", colour: "kelp", face: { width: 228, height: 68 } },
    ],
  });
  const planned = plan(job);
  const markup = renderToStaticMarkup(
    <PrintedElevation job={job} wall={job.walls[0]!} planned={planned.walls[0]!} />,
  );
  expect(markup).toContain('clip-path="url(#printed-wall)"');
  // Faces are drawn down from the wall's top, in its own mm.
  const [, faces] = /data-bricks="kelp"><path d="([^"]*)"/.exec(markup)!;
  const starts = [...faces!.matchAll(/M(-?[\d.]+) (-?[\d.]+)L/g)].map(([, x, y]) => [Number(x), Number(y)]);
  expect(starts.length).toBeGreaterThan(50);
  for (const [x, y] of starts) {
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThan(2000);
    // The lower side of each, from 68 under the top to the floor.
    expect(y).toBeGreaterThanOrEqual(68 - 0.01);
    expect(y).toBeLessThanOrEqual(1000.01);
  }
  expect(markup).not.toMatch(/translate\(0 -/);
});
