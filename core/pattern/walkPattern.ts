import { rectangleContour } from "../geometry/contour";
import type { Contour } from "../geometry/curve";
import { placeContour } from "../geometry/placeContour";
import { boxOfWall } from "../wall/boxOfWall";
import { openingContour } from "../wall/openingContour";
import type { Fixture, Opening, Wall } from "../wall/schema";
import type { Brick, Pattern, Region, PaperSheet, WallLine } from "./pattern";
import type { Effect, Placement } from "./placement";
import { tintsOf } from "./tintsOf";

/**
 * Where a wall is drawn to: a picture, a page, a plotter. It is told everything in the wall's own mm, y up, from the back to
 * the front; arcs are arcs, and only a sink that cannot draw them flattens.
 */
export interface PatternSink {
  region(region: Region, contours: readonly Contour[]): void;
  /** One tint of broken colour over a region, so thin. */
  tint(effect: Effect, paint: string, opacity: number, contours: readonly Contour[]): void;
  /** What one print leaves of one paint. */
  print(placement: Placement, paint: string, contours: readonly Contour[]): void;
  /** The face of a brick, openings not taken out: they are drawn over it. */
  brick(brick: Brick, contour: Contour): void;
  /** A sheet of paper from the top of the wall to its foot; what an opening takes of it is drawn over. */
  sheet(sheet: PaperSheet, hex: string, contour: Contour): void;
  opening(opening: Opening, hole: Contour, casing: Contour | null): void;
  fixture(fixture: Fixture): void;
  line(line: WallLine): void;
}

/** Everything that is on a wall, shown to a sink; the pattern is missing where a stop keeps it from being laid out. */
export function walkPattern(wall: Wall, pattern: Pattern | null, sink: PatternSink): void {
  for (const region of pattern?.regions ?? []) {
    sink.region(region, [region.face.outer, ...region.face.holes]);
  }
  if (pattern) walkEffects(pattern, sink);
  for (const { list, hex } of pattern?.sheets ?? []) {
    const { minY, maxY } = boxOfWall(wall);
    for (const sheet of list) sink.sheet(sheet, hex, rectangleContour(sheet.from, minY, sheet.to, maxY));
  }
  for (const brick of pattern?.bricks.flatMap(({ list }) => list) ?? []) {
    const { minX, minY, maxX, maxY } = brick.box;
    sink.brick(brick, rectangleContour(minX, minY, maxX, maxY));
  }
  if (pattern) walkPrints(pattern, sink);
  for (const opening of wall.openings) {
    const { casing } = opening;
    sink.opening(opening, openingContour(opening, 0), casing > 0 ? openingContour(opening, casing) : null);
  }
  for (const fixture of wall.fixtures) sink.fixture(fixture);
  for (const line of pattern?.lines ?? []) sink.line(line);
}

function walkEffects({ effects, regions }: Pattern, sink: PatternSink): void {
  const byId = new Map(regions.map((region) => [region.id, region]));
  for (const effect of effects)
    for (const { paint, opacity } of tintsOf(effect))
      for (const id of effect.regions) {
        const { outer, holes } = byId.get(id)!.face;
        sink.tint(effect, paint, opacity, [outer, ...holes]);
      }
}

function walkPrints({ placements, motifs }: Pattern, sink: PatternSink): void {
  const byName = new Map(motifs.map((motif) => [`${motif.finish} ${motif.id}`, motif]));
  for (const placement of placements) {
    if (placement.kept) {
      for (const { paint, contours } of placement.kept) sink.print(placement, paint, contours);
      continue;
    }
    for (const { overlay, paint, contours } of byName.get(`${placement.finish} ${placement.motif}`)!
      .cutouts) {
      if (overlay !== placement.overlay) continue;
      sink.print(
        placement,
        paint,
        contours.map((contour) => placeContour(contour, placement)),
      );
    }
  }
}
