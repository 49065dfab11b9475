import { describe, expect, it } from "vitest";
import { segment } from "../geometry/curve";
import { wallSchema } from "../wall/schema";
import { buildSurface } from "../wall/surface";
import { adviseLevelLine, checkLevelLine } from "./adviseLevelLine";
import { checkTapers, listTapers } from "./checkTapers";
import { listMarks } from "./listMarks";

const surveyed = (more: object = {}, down = 1200) =>
  buildSurface(
    wallSchema.parse({
      id: "w",
      base: "b",
      survey: {
        stations: [
          { x: 0, down, up: 2600 - down },
          { x: 3600, down: down + 12, up: 2600 - down },
        ],
      },
      ...more,
    }),
  ).surface!;
const line = (
  kind: "plumb" | "level" | "slant",
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  id = kind,
) => ({
  id,
  index: 0,
  finish: "f",
  key: "line",
  line: "f/line",
  kind,
  path: segment({ x: x1, y: y1 }, { x: x2, y: y2 }),
  use: "this | that",
});

describe("advice for a surveyed level line", () => {
  it("ticks so that each tool meets two, and proves the line by the floor at the far end", () => {
    const { ticks, proof, better, aboveFloor } = adviseLevelLine(surveyed(), 1);
    // Half of 1800, 600 and 2400 fit into 3600 four, twelve and three times.
    expect(ticks).toEqual([
      { tool: "long level", every: 900 },
      { tool: "hand level", every: 300 },
      { tool: "laser", every: 1200 },
    ]);
    expect([proof, better, aboveFloor]).toEqual([{ x: 3600, down: 1212 }, null, 1200]);
  });

  it("says what it runs across, and a clear height to pack it to", () => {
    const window = {
      openings: [
        {
          id: "o",
          name: "lake window",
          kind: "window",
          x: 900,
          y: -100,
          width: 900,
          height: 900,
          casing: 50,
        },
      ],
    };
    const advice = adviseLevelLine(surveyed(window), 1);
    // The casing begins 150 below the line; 40 clear of it is 190 below, 1010 above the floor.
    expect([advice.crosses, advice.better]).toEqual([["the lake window"], -190]);
    expect(checkLevelLine(advice, true).map(({ code }) => code)).toEqual(["level-line-crosses"]);
    expect(checkLevelLine(advice, false)).toEqual([]);
    expect(checkLevelLine(adviseLevelLine(surveyed({}, 2100), 1), true).map(({ code }) => code)).toEqual([
      "level-line-reach",
    ]);
  });
});

describe("tapers of set-out lines", () => {
  it("are those of the lines nearest to each side, and only what may show is a finding", () => {
    const lines = [
      line("level", 0, -1100, 3600, -1100, "level"),
      line("level", 0, 300, 3600, 300, "level"),
      line("plumb", 200, -1200, 200, 1400),
    ];
    const tapers = listTapers(lines, surveyed(), 2500);
    // The floor falls 12: from 100 under the lowest line to 112.
    expect(tapers.map(({ side, first, last, verdict }) => [side, first, last, verdict])).toEqual([
      ["bottom", 100, expect.closeTo(112, 9), "will show"],
      ["top", 1100, 1100, "won't show"],
      ["left", 200, 200, "won't show"],
      ["right", 3400, 3400, "won't show"],
    ]);
    expect(checkTapers(tapers, 2500, () => null).map(({ code, severity }) => [code, severity])).toEqual([
      ["taper-shows", "check"],
    ]);
  });
});

describe("marks within the wall", () => {
  const marksOf = (
    lines: ReturnType<typeof line>[],
    centres: Parameters<typeof listMarks>[0]["centres"] = [],
  ) => listMarks({ lines, centres }, surveyed(), 1).marks.map(({ on, axis, at }) => [on, axis, at]);

  it("take two readings for an end in mid-wall and one on a side; a line that is there saves one", () => {
    expect(marksOf([line("slant", 0, 100, 700, 400)])).toEqual([
      ["left", "y", 100],
      ["level", "x", 700],
      ["line", "y", 400],
    ]);
    expect(marksOf([line("plumb", 700, -1200, 700, 1400), line("slant", 0, 100, 700, 400)])).toEqual([
      ["left", "y", 100],
      ["level", "x", 700],
      ["line", "y", 400],
    ]);
  });

  it("are not made twice where lines share a place", () => {
    expect(marksOf([line("slant", 0, 100, 700, 400), line("slant", 700, 400, 1400, 100)])).toHaveLength(
      3 + 2,
    );
    expect(marksOf([line("level", 0, 50, 900, 50), line("level", 1200, 50, 1500, 50)])).toHaveLength(1);
  });

  it("fix a pin by two readings, and leave one beyond the wall's ends to its finding", () => {
    const pin = (x: number, y: number) => [
      { id: "w/f/centre", line: "f/centre", centre: { x, y }, radii: [300], use: "the bands" },
    ];
    expect(marksOf([], pin(900, 250))).toEqual([
      ["level", "x", 900],
      ["line", "y", 250],
    ]);
    expect(marksOf([], pin(900, 1400))).toEqual([["top", "x", 900]]);
    expect(marksOf([], pin(-40, 250))).toEqual([]);
  });
});
