import fc from "fast-check";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { parsed, randomJob } from "@/core/job/tests/jobs";
import { isForCanvas } from "./isForCanvas";
import { wallLayers } from "./wallLayers";
import { runsOf } from "@/core/tests/runsOf";

/** By the shoelace formula over all rings, holes the other way round; mm2. */
function areaOf(d: string): number {
  return d
    .split("M")
    .slice(1)
    .reduce((sum, ring) => {
      const points = ring
        .replace("Z", "")
        .split("L")
        .map((point) => point.split(" ").map(Number) as [number, number]);
      return (
        sum +
        points.reduce((part, [x, y], index) => {
          const [nx, ny] = points[(index + 1) % points.length]!;
          return part + (x * ny - nx * y) / 2;
        }, 0)
      );
    }, 0);
}

it("what is filled of a colour is what its pieces come to, on any wall", () => {
  fc.assert(
    fc.property(randomJob, (document) => {
      const job = parsed(document);
      const wall = plan(job).walls[0]!;
      const paths = new Map(
        wallLayers(job.walls[0]!, wall).flatMap((layer) =>
          layer.kind === "pieces" ? [[layer.paint, layer.d] as const] : [],
        ),
      );
      const colours = new Set(wall.regions.map(({ colour }) => colour));
      expect(new Set(paths.keys())).toEqual(colours);
      for (const [colour, d] of paths) {
        const own = wall.regions.filter((region) => region.colour === colour);
        const told = own.reduce((sum, { area_m2 }) => sum + area_m2, 0);
        expect(Math.abs(areaOf(d)) / 1e6).toBeCloseTo(told, 5);
      }
      expect(isForCanvas(wall)).toBe(wall.regions.length > 300);
    }),
    runsOf(40),
  );
});
