import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "../measure/parseLength";
import { emitPlan } from "./emitPlan";
import { plan } from "./plan";
import { keepUnchanged } from "./planInStages";
import type { Plan, PlanPoint, PlanTape, PlanWall } from "../plan/planTypes";
import { oneWall, parsed, randomJob } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const planOf = (document: object): Plan => JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
const wallOf = (document: object) => planOf(document).walls[0]!;
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** Length of the set covered by intervals, the plain way. */
function covered(intervals: [number, number][]): number {
  let reached = -Infinity;
  let total = 0;
  for (const [from, to] of intervals.sort((a, b) => a[0] - b[0])) {
    total += Math.max(0, to - Math.max(from, reached));
    reached = Math.max(reached, to);
  }
  return total;
}

/** Whether intervals leave a stretch of up to a millimetre free between two heights. */
function hasSlit(intervals: readonly [number, number][], bottom: number, top: number): boolean {
  let reached = bottom;
  for (const [from, to] of [...intervals].sort((a, b) => a[0] - b[0])) {
    if (from > reached && from - reached <= 1 + 1e-9) return true;
    reached = Math.max(reached, to);
  }
  return top > reached && top - reached <= 1 + 1e-9;
}

function polygonArea(points: readonly PlanPoint[]): number {
  return sum(
    points.map(([x, y], index) => {
      const [nx, ny] = points[(index + 1) % points.length]!;
      return (x * ny - nx * y) / 2;
    }),
  );
}

/** The regions under the tape's body and across its line, found by trying a point on each side. */
function besideTape(wall: PlanWall, { path, lies }: PlanTape) {
  const [[ax, ay], [bx, by]] = [path[0]!, path.at(-1)!];
  const length = Math.hypot(bx - ax, by - ay);
  const normal = [-(by - ay) / length, (bx - ax) / length] as const;
  const leans = {
    left: -normal[0],
    right: normal[0],
    above: normal[1],
    below: -normal[1],
    inside: 0,
    outside: 0,
  }[lies];
  const regionAt = (offset: number) => {
    const [x, y] = [(ax + bx) / 2 + normal[0] * offset, (ay + by) / 2 + normal[1] * offset];
    const inside = (ring: readonly PlanPoint[]) =>
      ring.filter(([px, py], index) => {
        const [qx, qy] = ring[(index + 1) % ring.length]!;
        return py > y !== qy > y && x < px + ((y - py) / (qy - py)) * (qx - px);
      }).length %
        2 ===
      1;
    return wall.regions.find((region) => inside(region.outline) && !region.holes.some(inside));
  };
  return [regionAt(0.006 * Math.sign(leans)), regionAt(-0.006 * Math.sign(leans))] as const;
}

describe("for random walls, openings and stripes", () => {
  it("areas add up, marks are within half a division, and every boundary is taped once on the earlier side", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const job = parsed(document);
        const whole = planOf(document);
        const wall = whole.walls[0]!;
        if (wall.findings.some((finding) => finding.severity === "stop")) return;
        expect(sum(wall.regions.map((region) => region.area_m2))).toBeCloseTo(wall.surface_m2, 6);
        for (const region of wall.regions) {
          const drawn = polygonArea(region.outline) + sum(region.holes.map(polygonArea));
          expect(drawn / 1e6).toBeCloseTo(region.area_m2, 8);
        }
        expect(new Set(wall.regions.map((region) => region.id)).size).toBe(wall.regions.length);
        for (const mark of [...wall.marks, ...wall.checks]) {
          expect(Math.abs(mark.error)).toBeLessThanOrEqual(job.tapeDivision / 2 + 1e-9);
          const reading = parseLength(mark.reading);
          expect(reading.ok && reading.value - Math.abs(mark.at)).toBeCloseTo(mark.error, 3);
        }
        expect(new Set(whole.rounds.flatMap((round) => round.regions))).toEqual(
          new Set(wall.regions.filter((region) => region.colour !== "oyster").map((region) => region.id)),
        );
        for (const piece of wall.tape.filter((tape) => tape.cuts && tape.length > 1)) {
          // A gap narrower than the tape has one in its middle for both its edges.
          if (piece.centred) {
            expect(piece.width).toBeLessThan(24);
            continue;
          }
          const [under, cut] = besideTape(wall, piece);
          expect([under?.colour, cut?.colour]).toEqual([piece.over, piece.cuts]);
          // What is under it was painted in a round before, or is base; what it cuts is painted in its own.
          const inRounds = (id: string) =>
            whole.rounds.flatMap(({ round, regions }) => (regions.includes(id) ? [round] : []));
          const [onUnder, onCut] = [inRounds(under!.id), inRounds(cut!.id)];
          expect(onUnder.length === 0 || onUnder[0]! < piece.round).toBe(true);
          expect(onCut).toContain(piece.round);
        }
        for (const paint of whole.paint) {
          expect(paint.need_ml).toBeCloseTo(sum(Object.values(paint.terms)), 6);
          const bought = sum(paint.packs.map((pack) => pack.size_ml * pack.count));
          if (paint.packs.length > 0) expect(bought).toBeGreaterThanOrEqual(paint.need_ml - 1e-6);
        }
      }),
      runsOf(120),
    );
  });

  it("areas around a round window, wherever it touches, come to the wall less the circle", () => {
    const place = fc.record({
      r: fc.integer({ min: 30, max: 600 }),
      tx: fc.constantFrom(0, 0.31, 0.5, 1),
      ty: fc.constantFrom(0, 0.47, 0.5, 1),
    });
    fc.assert(
      fc.property(
        place,
        fc.constantFrom("vertical", "horizontal", 37, 90, 135),
        fc.integer({ min: 1, max: 50 }),
        ({ r, tx, ty }, direction, count) => {
          const [width, height] = [2400, 1300];
          const circle = {
            id: "o",
            kind: "window",
            shape: "circle",
            x: (width - 2 * r) * tx,
            y: (height - 2 * r) * ty,
            width: 2 * r,
            height: 2 * r,
          };
          const wall = wallOf(
            oneWall(
              { width, height, skirting: 0, openings: [circle] },
              { direction, fit: { by: "count", count } },
            ),
          );
          const expected = (width * height - Math.PI * r * r) / 1e6;
          expect(wall.surface_m2).toBeCloseTo(expected, 8);
          const total = sum(wall.regions.map((region) => region.area_m2));
          expect(Math.abs(total - expected) / expected).toBeLessThan(1e-6);
        },
      ),
      {
        ...runsOf(300),
        // Beside its touch on a side, a line meets these windows within the tolerance of the side.
        examples: [
          [{ r: 433, tx: 0, ty: 0.5 }, 135, 34],
          [{ r: 526, tx: 0, ty: 0 }, 37, 4],
        ],
      },
    );
  });

  it("upright boundaries are as long as the wall is high, less the openings that they cross", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const job = parsed({
          ...document,
          school: "finish",
          finishes: [{ ...document.finishes[0]!, direction: "vertical", colours: ["kelp", "brine"] }],
        });
        const wall = plan(job).walls[0]!;
        if (!wall.fit) return;
        const { openings, skirting, cornice, height = 0 } = job.walls[0]!;
        // A line along a casing's edge may be divided either way by the 0.01 mm tolerance; leave those walls out.
        const grazes = wall.marks.some(({ at }) =>
          openings.some((o) =>
            [o.x - o.casing, o.x + o.width + o.casing].some((edge) => Math.abs(edge - at) < 0.02),
          ),
        );
        if (grazes) return;
        const crossedAt = (at: number) =>
          openings
            .filter((o) => at > o.x - o.casing && at < o.x + o.width + o.casing)
            .map((o): [number, number] => [
              Math.max(skirting, o.y - o.casing),
              Math.min(height - cornice, o.y + o.height + o.casing),
            ])
            .filter(([from, to]) => to > from);
        // Regions that share no more than a millimetre only touch, and are not taped.
        if (wall.marks.some(({ at }) => hasSlit(crossedAt(at), skirting, height - cornice))) return;
        const expected = sum(
          wall.marks.map(({ at }) => height - skirting - cornice - covered(crossedAt(at))),
        );
        const cuts = wall.tape.filter((piece) => piece.cuts);
        const edgesOf = ({ length, centred }: PlanTape) => length * (centred ? 2 : 1);
        expect(sum(cuts.map(edgesOf))).toBeCloseTo(expected, 4);
        for (const piece of cuts) expect(["left", "right"]).toContain(piece.lies);
      }),
    );
  });

  it("is the same in both unit systems, and when unchanged walls are kept", () => {
    const keep = keepUnchanged();
    fc.assert(
      fc.property(randomJob, (document) => {
        const text = emitPlan(plan(parsed(document)));
        expect(emitPlan(plan(parsed(document), keep))).toBe(text);
        expect(emitPlan(plan(parsed(document), keep))).toBe(text);
        const strip = (units: string) => {
          const { walls } = plan(parsed({ ...document, units }));
          return walls[0]!.marks.map(({ id, at, error }) => ({ id, at, error }));
        };
        expect(strip("metric")).toEqual(strip("imperial"));
      }),
      runsOf(40),
    );
  });
});
