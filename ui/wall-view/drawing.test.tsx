import { wallSchema } from "@/core/wall/schema";
import { exaggerate } from "./layers/exaggerate";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { SettingOutSheet } from "@/ui/print/SettingOutSheet";
import { TapeWindow } from "@/ui/stations/mark/TapeWindow";
import { tapeAtMark } from "@/ui/stations/mark/tapeAtMark";
import { Ruler } from "./Ruler";
import { MiniWall } from "./WallDrawing";

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

describe("drawings hold numbers only", () => {
  it.each(["vertical", "horizontal", 33])("the wall, %s", (direction) => {
    const job = parsed(oneWall({ openings: [hatch] }, { direction, fit: { by: "count", count: 7 } }));
    const planned = plan(job);
    const markup = renderToStaticMarkup(
      <MiniWall wall={job.walls[0]!} plan={planned.walls[0]!} paints={job.paints} />,
    );
    expect(markup).not.toMatch(/NaN|undefined|Infinity/);
    // Besides the regions: the clip, the wall, its trim line, the opening and its casing, and the outline.
    expect(markup.match(/<path/g)!.length).toBe(planned.walls[0]!.regions.length + 6);
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
    const pieces = tapeAtMark(wall, mark);
    expect(pieces.length).toBeGreaterThan(0);
    for (const piece of pieces) expect(piece.path.every(([x]) => Math.abs(x - mark.at) < 1e-6)).toBe(true);
  }
  // Line 4 stands at 1873, within the hatch: one piece above it and one below.
  expect(tapeAtMark(wall, wall.marks[3]!)).toHaveLength(2);
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
