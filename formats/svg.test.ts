import fc from "fast-check";
import { expect, it } from "vitest";
import { circleContour, polygonContour, signedArea } from "@/core/geometry/contour";
import type { Contour } from "@/core/geometry/curve";
import { placeContour } from "@/core/geometry/placeContour";
import { layOutJob } from "@/core/job/layOutJob";
import { layOutOrStop, plan } from "@/core/job/plan";
import { oneWall, parsed, randomJob } from "@/core/job/tests/jobs";
import { drawSvg, pathOf } from "./svg";
import { runsOf } from "@/core/tests/runsOf";

/**
 * The area that path data of M, L, A and Z encloses, counter-clockwise in the wall's sense positive. A second way: an arc's
 * part is told from its flags alone, by the segment that its chord cuts off.
 */
function areaOf(d: string): number {
  let area = 0;
  let [x, y, startX, startY] = [0, 0, 0, 0];
  const lineTo = (nx: number, ny: number) => {
    area += (x * ny - nx * y) / 2;
    [x, y] = [nx, ny];
  };
  for (const [, command, rest] of d.matchAll(/([MLAZ])([^MLAZ]*)/g)) {
    const values = rest!.trim().split(/ /).map(Number);
    if (command === "M") [x, y, startX, startY] = [values[0]!, values[1]!, values[0]!, values[1]!];
    if (command === "L") lineTo(values[0]!, values[1]!);
    if (command === "Z") lineTo(startX, startY);
    if (command !== "A") continue;
    const [radius, , , large, sweep, nx, ny] = values as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const chord = Math.hypot(nx - x, ny - y);
    const small = 2 * Math.asin(Math.min(1, chord / 2 / radius));
    const angle = large ? 2 * Math.PI - small : small;
    const bulge = (radius * radius * (angle - Math.sin(angle))) / 2;
    // With y down, the flag 1 turns clockwise as it is seen, which is the positive sense of these coordinates.
    area += sweep ? bulge : -bulge;
    lineTo(nx, ny);
  }
  // y down turns everything over.
  return -area;
}

it("path data encloses what its contours do, arcs as arcs, however they lie", () => {
  const shapes: Contour[] = [
    circleContour({ x: 30, y: -70 }, 125.5),
    polygonContour([
      { x: 0, y: 0 },
      { x: 400, y: 30 },
      { x: 120, y: 260 },
    ]),
    // Most of a pie: an arc of over half a turn, as its two parts, and its two straight sides.
    [
      ...circleContour({ x: 0, y: 0 }, 200).slice(0, 1),
      { kind: "segment", a: { x: -200, y: 0 }, b: { x: 0, y: 0 } },
      { kind: "segment", a: { x: 0, y: 0 }, b: { x: 200, y: 0 } },
    ],
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...shapes),
      fc.record({
        at: fc.record({ x: fc.integer({ min: -5000, max: 5000 }), y: fc.integer({ min: -5000, max: 5000 }) }),
        turn: fc.integer({ min: -360, max: 360 }),
        mirrored: fc.boolean(),
      }),
      (shape, pose) => {
        const placed = placeContour(shape, pose);
        expect(signedArea(placed)).toBeCloseTo(signedArea(shape), 5);
        // Twelve digits of a half circle's ends leave about six of its angle.
        expect(areaOf(pathOf([placed])) / signedArea(shape)).toBeCloseTo(1, 4);
      },
    ),
    runsOf(200),
  );
  expect(() => pathOf([circleContour({ x: NaN, y: 0 }, 5)])).toThrow(RangeError);
});

it("every region of any wall is drawn once, as large as the plan says", () => {
  fc.assert(
    fc.property(randomJob, (document) => {
      const job = parsed(document);
      const svg = drawSvg(layOutJob(job));
      const [wall] = plan(job).walls;
      const drawn = [...svg.matchAll(/<path id="([^"]*)" data-paint="([^"]*)"[^>]* d="([^"]*)"/g)];
      expect(drawn.map(([, id]) => id)).toEqual(wall!.regions.map(({ id }) => id));
      drawn.forEach(([, , paint, d], index) => {
        expect(paint).toBe(wall!.regions[index]!.colour);
        expect(areaOf(d!) / 1e6).toBeCloseTo(wall!.regions[index]!.area_m2, 6);
      });
      expect(svg.match(/class="opening"/g)?.length ?? 0).toBe(job.walls[0]!.openings.length);
    }),
    runsOf(40),
  );
});

it("names may hold any characters, walls stand side by side, and one may be asked for", () => {
  const job = parsed({
    ...oneWall({}, { fit: { by: "count", count: 3 } }),
    name: "A < B",
    walls: [
      { id: "w", name: 'Left & "right" <b>', width: 2000, height: 1000, base: "oyster" },
      { id: "v", width: 500, height: 2500, base: "kelp" },
    ],
  });
  const svg = drawSvg(layOutJob(job));
  expect(svg).toContain("<title>A &lt; B</title>");
  expect(svg).toContain("<title>Left &amp; &quot;right&quot; &lt;b&gt;</title>");
  // 2,000 and 500 with 400 between them, as high as the higher.
  expect(svg).toContain('width="2900mm" height="2500mm" viewBox="0 0 2900 2500"');
  expect(svg.match(/<g /g)).toHaveLength(2);
  expect(svg.match(/<\/?g\b/g)).toHaveLength(4);
  const one = drawSvg(layOutJob(job), "v");
  expect(one).toContain('viewBox="0 0 500 2500"');
  expect(one).not.toContain("Left");
});

it("a wall that is not laid out is drawn as it was measured", () => {
  const door = { id: "d", kind: "door", x: 3900, y: 0, width: 900, height: 2000 };
  const job = parsed(oneWall({ openings: [door] }, { fit: { by: "count", count: 3 } }));
  const svg = drawSvg(layOutOrStop(job));
  expect(svg).not.toContain("data-paint");
  expect(svg).toContain('d="M0 0L4215 0L4215 -2610L0 -2610Z"');
});
