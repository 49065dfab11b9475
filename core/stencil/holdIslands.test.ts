import fc from "fast-check";
import { expect, it } from "vitest";
import { cutSheet } from "./cutSheet";
import { bridgeMm, proposeBridges, withBridges } from "./holdIslands";
import { stencilSchema } from "./schema";
import { runsOf } from "@/core/tests/runsOf";

const sheetOf = (paths: readonly string[]) =>
  stencilSchema.parse({
    id: "s",
    repeat: { x: 400, y: 400 },
    overlays: [{ id: "1", cuts: paths.map((path) => ({ slot: "leaf", path })) }],
  });
const held = (stencil: ReturnType<typeof sheetOf>) =>
  cutSheet({ ...stencil, overlays: withBridges(stencil, proposeBridges(stencil)) });
const openOf = ({ slots }: ReturnType<typeof cutSheet>) =>
  slots.reduce((sum, { openMm2 }) => sum + openMm2, 0);

it("a square in a square is held by the two shortest ways over, on opposite sides", () => {
  const stencil = sheetOf(["M -90 -90 h 180 v 180 h -180 z M -30 -30 v 60 h 60 v -60 z"]);
  expect(cutSheet(stencil).islands).toHaveLength(1);
  const bridges = proposeBridges(stencil);
  // 60 mm from the inner square's side to the outer's.
  for (const { ends } of bridges)
    expect(Math.hypot(ends[1].x - ends[0].x, ends[1].y - ends[0].y)).toBeCloseTo(60, 9);
  expect(bridges).toHaveLength(2);
  const whole = held(stencil);
  expect(whole.islands).toEqual([]);
  expect(openOf(whole)).toBeCloseTo(180 * 180 - 60 * 60 - 2 * 60 * bridgeMm, 1);
});

it("a ring within a ring is held to the hole that it falls out of, and what it holds to it", () => {
  const square = (half: number, way: 1 | -1) =>
    `M ${-half} ${-half} ${way === 1 ? `h ${2 * half} v ${2 * half} h ${-2 * half}` : `v ${2 * half} h ${2 * half} v ${-2 * half}`} z`;
  const stencil = sheetOf([`${square(90, 1)} ${square(70, -1)} ${square(50, 1)} ${square(30, -1)}`]);
  expect(cutSheet(stencil).islands).toHaveLength(2);
  // All ways are 20 mm long: from 70 to 90, and from 30 to 50.
  const lengths = proposeBridges(stencil).map(({ ends: [p, q] }) => Math.hypot(q.x - p.x, q.y - p.y));
  expect(lengths.map((length) => Math.round(length * 1000) / 1000)).toEqual([20, 20, 20, 20]);
  expect(held(stencil).islands).toEqual([]);
});

it("whatever falls out of rings of any shape is held, and no more is lost of them than its bridges take", () => {
  const ring = fc.record({
    radius: fc.integer({ min: 40, max: 80 }),
    share: fc.double({ min: 0.2, max: 0.7, noNaN: true }),
    corners: fc.integer({ min: 3, max: 9 }),
    inner: fc.integer({ min: 3, max: 9 }),
  });
  const polygon = (x: number, radius: number, corners: number, way: 1 | -1) =>
    `M ${Array.from({ length: corners }, (_, index) => {
      const turn = (way * 2 * Math.PI * index) / corners;
      return `${(x + radius * Math.cos(turn)).toFixed(3)} ${(radius * Math.sin(turn)).toFixed(3)}`;
    }).join(" L ")} Z`;
  fc.assert(
    fc.property(ring, ring, (a, b) => {
      const paths = [a, b].map(({ radius, share, corners, inner }, index) => {
        const x = index === 0 ? -90 : 90;
        // Within the outer one's inscribed circle.
        const least = radius * Math.cos(Math.PI / corners) * share;
        return `${polygon(x, radius, corners, 1)} ${polygon(x, least, inner, -1)}`;
      });
      const stencil = sheetOf(paths);
      const before = cutSheet(stencil);
      expect(before.islands).toHaveLength(2);
      const after = held(stencil);
      expect(after.islands).toEqual([]);
      const most = proposeBridges(stencil).reduce(
        (sum, { ends: [p, q] }) => sum + (Math.hypot(q.x - p.x, q.y - p.y) + 2 * bridgeMm) * bridgeMm,
        0,
      );
      const lost = openOf(before) - openOf(after);
      expect(lost).toBeGreaterThan(0);
      expect(lost).toBeLessThanOrEqual(most);
    }),
    runsOf(60),
  );
});
