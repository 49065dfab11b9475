import { expect, it } from "vitest";
import { finishOf } from "../finishes/registry";
import type { SpecChange } from "../finishes/editing";
import { parsed } from "./tests/jobs";
import { document as bricks } from "./tests/bricks";
import { border, document as printed } from "./tests/stencils";
import { stripOfFinish } from "./wallsOfFinish";

/** What pulling a handle of the only finish by so much would change. */
function pulled(document: object, id: string, dx: number, dy: number): SpecChange | null {
  const job = parsed(document);
  const spec = job.finishes[0]!;
  const { edit, layOut } = finishOf(spec.kind);
  const handle = edit(layOut(spec, stripOfFinish(job, spec), job)).handles.find((one) => one.id === id)!;
  return handle.moveTo({ x: handle.at.x + dx, y: handle.at.y + dy });
}

it("a border that follows something goes nearer to it or further off by as much as it is pulled", () => {
  const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000, casing: 60 }];
  const way = (along: object) => pulled(printed(border(along), { openings }), "way", 0, 25);
  expect(way({ level: 1500 })).toEqual({ path: ["along"], set: { level: 1525 } });
  expect(way({ below: "ceiling", by: 300 })).toEqual({ path: ["along"], set: { by: 275 } });
  expect(way({ around: "hatch", gap: 60 })).toEqual({ path: ["along"], set: { gap: 85 } });
  expect(way({ inside: 90 })).toEqual({ path: ["along"], set: { inside: 65 } });
});

it("a field's repeat is its sheet's, and grows with the way from where the field starts", () => {
  const repeat = (start: object, id: string, by: number) =>
    pulled(printed({ start }), id, id === "repeat-x" ? by : 0, id === "repeat-y" ? by : 0);
  expect(repeat({}, "repeat-x", 30)).toEqual({ stencil: "reed", path: ["repeat"], set: { x: 430 } });
  // From the top the second row is one and a half repeats down: 30 further down are 20 more of each.
  expect(repeat({}, "repeat-y", -30)).toEqual({ stencil: "reed", path: ["repeat"], set: { y: 620 } });
  expect(repeat({ x: "left" }, "repeat-x", 30)).toMatchObject({ set: { x: 420 } });
  expect(repeat({ x: "right" }, "repeat-x", -30)).toMatchObject({ set: { x: 420 } });
});

it("a bed joint that is pulled makes the whole courses that bring it nearest, never a bed that stays dirty", () => {
  // Ten courses of 68 and beds of 10; 385 from the top lies the bed under the fifth.
  const courses = (dy: number) => pulled(bricks(), "courses", 0, dy)!.set.courses;
  expect(courses(0)).toBe("near");
  // 425 down: courses of 86 with their bed, so 780 / 86 = 9.07.
  expect(courses(-40)).toEqual({ by: "count", count: 9 });
  // 345 down: 780 / 70 = 11.1, but eleven leave beds of 2.2.
  expect(courses(40)).toEqual({ by: "count", count: 10 });
  expect(pulled(bricks(), "start", 57, 0)!.set.start).toEqual({ at: 57 });
});

it("a section of metal is pulled as a square, a board by its edge", () => {
  const broken = (finish: object) => printed({}, {}, { finishes: [{ id: "f", on: "w", ...finish }] });
  const metal = broken({ kind: "trowelled", tones: [{ paint: "kelp", share: 1 }], section_m2: 0.49 });
  // 700 wide and high, and 100 more.
  expect(pulled(metal, "section", 100, -100)).toEqual({ set: { section_m2: 0.64 } });
  expect(pulled(broken({ kind: "whitewash", paint: "kelp", board: 140 }), "board", 0, -20)).toEqual({
    set: { board: 160 },
  });
});
