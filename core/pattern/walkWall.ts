import type { Pose } from "../geometry/placeContour";
import { boxOfWall } from "../wall/boxOfWall";
import { openingContour } from "../wall/openingContour";
import type { Contour } from "../geometry/curve";
import type { Fixture, Opening, Wall } from "../wall/schema";
import type { Brick, PaperSheet, WallLine, WallSheets } from "./pattern";
import type { EffectDraft } from "./placement";
import { tintsOf } from "./tintsOf";

export interface DrawnRegion<Ring> {
  readonly id: string;
  readonly colour: string;
  readonly name: string;
  readonly rings: readonly Ring[];
}

export type DrawnEffect = Pick<EffectDraft, "id" | "tones" | "by"> & {
  readonly finish: string;
  readonly regions: readonly string[];
};

export interface DrawnPrint<Ring> {
  readonly id: string;
  readonly finish: string;
  readonly overlay: string;
  /** What is open in it, by paint. */
  readonly parts: readonly { readonly paint: string; readonly rings: readonly Ring[] }[];
  /** Where its parts come to lie; null for those that lie there already, as edges have cut them. */
  readonly pose: Pose | null;
}

export type DrawnSheet = Pick<PaperSheet, "n" | "from" | "to" | "roll" | "phase">;
export type DrawnPaper = Pick<WallSheets, "finish" | "hex" | "repeat">;
export type DrawnBrick = Pick<Brick, "id" | "tone" | "nthOfLoad">;

/**
 * What is on a wall. A ring closes a shape: a contour, whose arcs are arcs, of a pattern that was laid out; points, of a
 * plan that was printed.
 */
export interface DrawnWall<Ring> {
  readonly regions: readonly DrawnRegion<Ring>[];
  readonly effects: readonly DrawnEffect[];
  readonly sheets: readonly (DrawnPaper & { readonly list: readonly DrawnSheet[] })[];
  readonly bricks: readonly {
    readonly finish: string;
    readonly list: readonly { readonly brick: DrawnBrick; readonly ring: Ring }[];
  }[];
  readonly prints: readonly DrawnPrint<Ring>[];
  readonly lines: readonly Pick<WallLine, "id" | "use" | "path">[];
  /** Its own ring of a contour. */
  ringOf(contour: Contour): Ring;
  boxRing(minX: number, minY: number, maxX: number, maxY: number): Ring;
}

/**
 * Where a wall is drawn to: a screen, a picture, a page, a plotter. It is told what it cares for in the wall's own mm, y up,
 * from the back to the front.
 */
export interface WallSink<Ring> {
  region?(region: DrawnRegion<Ring>): void;
  /** One tint of broken colour over a region, so thin. */
  tint?(effect: DrawnEffect, paint: string, opacity: number, rings: readonly Ring[]): void;
  /** A sheet of paper from the top of the wall to its foot; what an opening takes of it is drawn over. */
  sheet?(sheet: DrawnSheet, paper: DrawnPaper, ring: Ring): void;
  /** The face of a brick, openings not taken out: they are drawn over it. */
  brick?(brick: DrawnBrick, ring: Ring, finish: string): void;
  /** One paint of one print. */
  print?(print: DrawnPrint<Ring>, paint: string, rings: readonly Ring[]): void;
  opening?(opening: Opening, hole: Ring, casing: Ring | null): void;
  fixture?(fixture: Fixture): void;
  line?(line: Pick<WallLine, "id" | "use" | "path">): void;
}

/** Tells a sink everything that is on a wall, in the one order in which it lies. */
export function walkWall<Ring>(wall: Wall, drawn: DrawnWall<Ring>, sink: WallSink<Ring>): void {
  for (const region of drawn.regions) sink.region?.(region);
  if (sink.tint) walkEffects(drawn, sink.tint.bind(sink));
  const { minY, maxY } = boxOfWall(wall);
  for (const { list, ...paper } of drawn.sheets)
    for (const sheet of list) sink.sheet?.(sheet, paper, drawn.boxRing(sheet.from, minY, sheet.to, maxY));
  for (const { finish, list } of drawn.bricks)
    for (const { brick, ring } of list) sink.brick?.(brick, ring, finish);
  for (const print of drawn.prints)
    for (const { paint, rings } of print.parts) sink.print?.(print, paint, rings);
  for (const opening of wall.openings) {
    const ring = (gap: number) => drawn.ringOf(openingContour(opening, gap));
    sink.opening?.(opening, ring(0), opening.casing > 0 ? ring(opening.casing) : null);
  }
  for (const fixture of wall.fixtures) sink.fixture?.(fixture);
  for (const line of drawn.lines) sink.line?.(line);
}

function walkEffects<Ring>(
  { effects, regions }: DrawnWall<Ring>,
  tint: NonNullable<WallSink<Ring>["tint"]>,
): void {
  const byId = new Map(regions.map((region) => [region.id, region]));
  for (const effect of effects)
    for (const { paint, opacity } of tintsOf(effect))
      for (const id of effect.regions) {
        const region = byId.get(id);
        if (region) tint(effect, paint, opacity, region.rings);
      }
}
