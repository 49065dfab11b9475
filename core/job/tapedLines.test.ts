import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { areasOf, height, sum, wallOf, width } from "./tests/finishes";
import { paints, parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

describe("taped lines", () => {
  const lines = (list: readonly object[], more: object = {}) => ({
    kind: "tape-lines",
    lines: list,
    ...more,
  });
  const through = (...points: [number, number][]) => ({ through: points });
  const inside = fc.tuple(fc.integer({ min: 1, max: width - 1 }), fc.integer({ min: 1, max: height - 1 }));

  type Pair = readonly [readonly number[], readonly number[]];
  /** By half a degree at least. */
  const doPart = (...pairs: readonly [Pair, Pair]): boolean => {
    const [[ux, uy], [vx, vy]] = pairs.map(([a, b]) => [b[0]! - a[0]!, b[1]! - a[1]!]) as [
      [number, number],
      [number, number],
    ];
    return Math.abs(ux * vy - uy * vx) > 0.0087 * Math.hypot(ux, uy) * Math.hypot(vx, vy);
  };

  it("make 1 + n + crossings faces of n full lines", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 12 }), (pairs) => {
        fc.pre(pairs.every(([a, b]) => Math.hypot(a[0] - b[0], a[1] - b[1]) > 50));
        // Crossings by solving each pair of lines; three through a point, or one near an edge, is another test.
        const crossings: number[][] = [];
        for (const [i, [a, b]] of pairs.entries()) {
          for (const [c, d] of pairs.slice(i + 1)) {
            const det = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
            // Flatter than one in fifty, three lines enclose what is thinner than anything that is told apart.
            const lengths = Math.hypot(b[0] - a[0], b[1] - a[1]) * Math.hypot(d[0] - c[0], d[1] - c[1]);
            fc.pre(Math.abs(det) > lengths / 50);
            const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / det;
            crossings.push([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]);
          }
        }
        const isClear = ([x, y]: number[]) =>
          [x!, width - x!, y!, height - y!].every((gap) => Math.abs(gap) > 0.1);
        fc.pre(crossings.every(isClear));
        fc.pre(
          crossings.every((p, k) =>
            crossings.slice(k + 1).every((q) => Math.hypot(p[0]! - q[0]!, p[1]! - q[1]!) > 1),
          ),
        );
        const within = crossings.filter(([x, y]) => x! > 0 && x! < width && y! > 0 && y! < height).length;
        const wall = wallOf([lines(pairs.map(([a, b]) => through(a, b)))]);
        expect(wall.regions).toHaveLength(1 + pairs.length + within);
        expect(sum(wall.regions.map(({ area_m2 }) => area_m2))).toBeCloseTo(10.4, 6);
      }),
      runsOf(60),
    );
  });

  it("bear lines through one point, on each other, along an edge, and ends just short of a line", () => {
    const star = [0, 45, 90, 135].map((angle) => {
      const [dx, dy] = [Math.cos((angle * Math.PI) / 180) * 100, Math.sin((angle * Math.PI) / 180) * 100];
      return through([2000, 1300], [2000 + dx, 1300 + dy]);
    });
    expect(wallOf([lines(star)]).regions).toHaveLength(8);
    expect(
      wallOf([lines([...star, star[1]!, through([0, 0], [4000, 0]), through([0, 5], [0, 900])])]).regions,
    ).toHaveLength(8);
    // A stub from the upright line to 0.6 mm before the edge joins it; one that stops in mid-wall is loose.
    const joined = wallOf([
      lines([
        through([1000, 0], [1000, 10]),
        [
          [1000.4, 700],
          [3999.4, 900],
        ],
      ]),
    ]);
    expect(joined.regions).toHaveLength(3);
    const loose = wallOf([
      lines([
        through([1000, 0], [1000, 10]),
        [
          [1000, 700],
          [2500, 900],
        ],
      ]),
    ]);
    expect([loose.regions.length, loose.findings.map(({ code, at: place }) => [code, place])]).toEqual([
      2,
      [["loose-end", [2500, 900]]],
    ]);
  });

  it("are filled by a point, and fills survive a line that is moved", () => {
    const fills = [
      { at: [200, 200], colour: "kelp" },
      { at: [3900, 2500], colour: "brine" },
    ];
    const area = (x: number) => areasOf(wallOf([lines([through([x, 0], [x, 9])], { fills })]), "kelp");
    expect([area(1000), area(1500)]).toEqual([[expect.closeTo(2.6, 9)], [expect.closeTo(3.9, 9)]]);
    const hatch = { id: "o", kind: "window", x: 100, y: 100, width: 300, height: 300 };
    const wall = wallOf([lines([through([1000, 0], [1000, 9])], { fills })], { openings: [hatch] });
    expect(wall.findings.map(({ code }) => code)).toEqual(["fill-in-opening"]);
  });

  it("are shuffled without equal neighbours, alike for one seed; two colours do for full lines", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 0, max: 99 }),
        (pairs, seed) => {
          fc.pre(pairs.every(([a, b]) => Math.hypot(a[0] - b[0], a[1] - b[1]) > 50));
          // Lines that hardly part are one over a stretch, along which what lies beyond them meets: no two colours do there.
          fc.pre(pairs.every((one, place) => pairs.slice(place + 1).every((other) => doPart(one, other))));
          const finish = lines(
            pairs.map(([a, b]) => through(a, b)),
            { shuffle: { colours: ["kelp", "brine"], seed } },
          );
          const wall = wallOf([finish]);
          expect(wall.findings.map(({ code }) => code)).not.toContain("equal-neighbours");
          expect(wallOf([finish]).regions).toEqual(wall.regions);
          expect(wall.regions.every(({ colour }) => colour !== "oyster")).toBe(true);
        },
      ),
      runsOf(40),
    );
    const three = lines([
      [
        [0, 1300],
        [2000, 1300],
      ],
      [
        [2000, 1300],
        [2000, 2600],
      ],
      [
        [2000, 1300],
        [4000, 100],
      ],
    ]);
    const shuffled = wallOf([{ ...three, shuffle: { colours: ["kelp", "brine"], seed: 3 } }]);
    expect(shuffled.findings.map(({ code }) => code)).toEqual(["equal-neighbours"]);
  });

  it("leave the base as wide as the tape, in one piece where lines cross", () => {
    const cross = [through([0, 1300], [9, 1300]), through([1000, 0], [1000, 9])];
    const wall = wallOf([lines(cross, { lineWidth: 24, shuffle: { colours: ["kelp"], seed: 1 } })]);
    const base = areasOf(wall, "oyster");
    expect(base).toEqual([expect.closeTo((4000 * 24 + 2600 * 24 - 24 * 24) / 1e6, 9)]);
    expect(areasOf(wall, "kelp")).toHaveLength(4);
    // One tape on the base serves both edges: each line once, cut where they cross, as wide as the line.
    expect(
      wall.tape.filter(({ cuts }) => cuts).map(({ length, width, over }) => [length, width, over]),
    ).toEqual([
      [1000, 24, "oyster"],
      [3000, 24, "oyster"],
      [1300, 24, "oyster"],
      [1300, 24, "oyster"],
    ]);
  });

  it("go on around a corner: a face there is one, filled and shuffled as one, and never like its neighbours", () => {
    const document = (finish: object) => ({
      format: "jacaranda-job/1",
      name: "Around",
      paints,
      walls: ["a", "b"].map((id) => ({ id, base: "oyster", width: 2000, height: 2000 })),
      runs: [{ id: "r", walls: ["a", "b"] }],
      finishes: [{ id: "f", on: "r", ...finish }],
    });
    const across = through([0, 500], [4000, 1500]);
    const fill = (at: [number, number]) => lines([across], { fills: [{ at, colour: "kelp", goesOn: true }] });
    const areas = (finish: object) =>
      plan(parsed(document(finish))).walls.map((wall) => areasOf(wall, "kelp"));
    // The line stands at 500, 1000 and 1500: below it lie 2 x (0.5 + 1) / 2 and 2 x (1 + 1.5) / 2 m2, whichever side is clicked.
    for (const x of [100, 3900]) {
      expect(areas(fill([x, 10]))).toEqual([[expect.closeTo(1.5, 9)], [expect.closeTo(2.5, 9)]]);
    }
    const crossed = lines([across, through([500, 0], [2600, 2000]), through([3500, 0], [1500, 2000])], {
      shuffle: { colours: ["kelp", "brine"], seed: 5 },
    });
    const job = plan(parsed(document(crossed)));
    expect(job.walls.flatMap(({ findings }) => findings)).toEqual([]);
    expect(job.walls.flatMap(({ tape }) => tape.filter(({ corner }) => corner))).toEqual([]);
  });

  it("one tape parts two colours; where one side stays base it is taped all the same, and between two bases not", () => {
    const line = through([1000, 0], [1000, 9]);
    const taped = (fills: object[]) =>
      wallOf([lines([line, through([2000, 0], [2000, 9])], { lineWidth: 36, fills })])
        .tape.filter(({ cuts }) => cuts)
        .map(({ path, cuts, andCuts }) => [path[0]![0], cuts, andCuts]);
    const left = { at: [10, 10], colour: "kelp" };
    expect(taped([left])).toEqual([[1000, "kelp", undefined]]);
    // The colour on the left is told first.
    expect(taped([left, { at: [1500, 10], colour: "brine" }])).toEqual([
      [1000, "kelp", "brine"],
      [2000, "brine", undefined],
    ]);
  });

  it("tape of a visible line over another finish is cut where that changes", () => {
    const stripes = { kind: "stripes", colours: ["brine", "lantern"], fit: { by: "count", count: 2 } };
    const level = lines([through([0, 1300], [9, 1300])], {
      lineWidth: 24,
      fills: [
        { at: [10, 10], colour: "kelp" },
        { at: [10, 2500], colour: "kelp" },
      ],
    });
    const { tape } = wallOf([stripes, level]);
    const along = tape.filter(({ centred }) => centred).map(({ length, over, cuts }) => [length, over, cuts]);
    expect(along.sort()).toEqual([
      [2000, "brine", "kelp"],
      [2000, "lantern", "kelp"],
    ]);
  });

  it("warn of corners under 15 degrees", () => {
    const at = (rise: number) =>
      wallOf([lines([through([0, 1000], [4000, 1000]), through([0, 900], [4000, 900 + rise])])]).findings.map(
        ({ code }) => code,
      );
    // tan 15 degrees is 0.268: 1072 over 4000.
    expect(at(1060)).toEqual(["acute-angle"]);
    expect(at(1085)).toEqual([]);
  });

  it("a fill speaks for its own wall's part of a face; told to go on it takes the whole", () => {
    // Two walls of 2000 x 2600, a level line at 1300 around their corner: two faces on each wall, of 2.6 m2.
    const run = (fills: object[], more: object = {}) =>
      plan(
        parsed({
          format: "jacaranda-job/1",
          name: "Corner",
          paints,
          walls: ["u", "v"].map((id) => ({ id, base: "oyster", width: 2000, height: 2600 })),
          runs: [{ id: "r", walls: ["u", "v"] }],
          finishes: [
            { id: "t", on: "r", kind: "tape-lines", lines: [through([0, 1300], [9, 1300])], fills, ...more },
          ],
        }),
      ).walls;
    const areas = (walls: ReturnType<typeof run>) =>
      walls.map((wall) => ["kelp", "brine"].map((colour) => sum(areasOf(wall, colour))));
    const low = (x: number, colour: string, more: object = {}) => ({ at: [x, 200], colour, ...more });
    const both = run([low(500, "kelp"), low(2500, "brine")]);
    expect(areas(both)).toEqual([
      [2.6, 0],
      [0, 2.6],
    ]);
    expect(both.flatMap(({ findings }) => findings.map(({ code }) => code))).not.toContain("fills-meet");
    expect(areas(run([low(500, "kelp")]))).toEqual([
      [2.6, 0],
      [0, 0],
    ]);
    expect(areas(run([low(500, "kelp", { goesOn: true })]))).toEqual([
      [2.6, 0],
      [2.6, 0],
    ]);
    // What has a fill of its own keeps it, whichever comes first.
    for (const fills of [[low(500, "kelp", { goesOn: true }), low(2500, "brine")]]) {
      expect(areas(run(fills))).toEqual(areas(both));
      expect(areas(run([...fills].reverse()))).toEqual(areas(both));
    }
    const [first] = run([low(500, "kelp"), low(900, "brine")]);
    const met = first!.findings.find(({ code }) => code === "fills-meet")!;
    expect([met.at, met.say.includes("500 mm along"), met.say.includes("900 mm along")]).toEqual([
      [900, 200],
      true,
      true,
    ]);
    expect(met.change).toMatchObject({ set: { fills: [{ at: [900, 200], colour: "brine" }] } });
    // What is left open is shuffled apart from what is filled beside it, around the corner too.
    const shuffled = run([low(500, "kelp")], { shuffle: { colours: ["kelp", "brine", "lantern"], seed: 3 } });
    expect(shuffled.flatMap(({ findings }) => findings.map(({ code }) => code))).toEqual([]);
    expect(sum(areasOf(shuffled[0]!, "kelp"))).toBe(2.6);
    expect(sum(areasOf(shuffled[1]!, "kelp"))).toBe(0);
  });
});
