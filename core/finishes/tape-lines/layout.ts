import type { Strip, StripPart } from "../../wall/strip";
import type { Surface } from "../../wall/surface";
import type { FinishContext, Laid } from "../defineFinish";
import { faceAt, findFaces, type WallFaces } from "./findFaces";
import { layLines, type TapedSegment } from "./layLines";
import { joinFaces } from "./joinFaces";
import { shuffleColours } from "./shuffleColours";
import { keepThrown } from "./throwLines";
import type { TapeLinesSpec } from "./spec";

/** The lines of a strip, the faces between them, and their colours. */
export interface TapeLinesLayout extends Laid<TapeLinesSpec> {
  readonly lines: readonly TapedSegment[];
  /** The pieces of the faces on each wall, and which face of the strip each belongs to. */
  readonly walls: readonly (WallFaces & { readonly faceOf: readonly number[] })[];
  /** By face of the strip. */
  readonly colours: ReadonlyMap<number, string>;
  /** How many pairs of neighbours have one colour after all. */
  readonly alike: number;
  /** Fills, by index, that lie in no face. */
  readonly strayFills: readonly number[];
}

export function layOutTapeLines(spec: TapeLinesSpec, strip: Strip, context: FinishContext): TapeLinesLayout {
  const lines = layLines(keepThrown(spec, strip), strip);
  const parts = strip.parts.filter((part): part is StripPart & { surface: Surface } => part.surface !== null);
  const walls = parts.map((part) => findFaces(part, lines, spec.lineWidth));
  const places = parts.map(({ wall }) => strip.parts.findIndex((part) => part.wall.id === wall.id));
  const { faces, faceOf } = joinFaces(walls, (first, second) => places[second] === places[first]! + 1);
  const strayFills: number[] = [];
  const filled = new Map<number, string>();
  spec.fills.forEach(({ at: [x, y], colour }, index) => {
    const found = walls.flatMap((wall, place) => {
      const piece = faceAt(wall, { x: x - wall.part.offset, y });
      return piece === null ? [] : [faceOf[place]![piece]!];
    });
    if (found.length === 0) strayFills.push(index);
    for (const face of found) filled.set(face, colour);
  });
  const { shuffle } = spec;
  const { colours, alike } = shuffle
    ? shuffleColours(faces, filled, shuffle.colours, shuffle.seed)
    : { colours: filled, alike: 0 };
  return {
    spec,
    strip,
    context,
    lines,
    walls: walls.map((wall, place) => ({ ...wall, faceOf: faceOf[place]! })),
    colours,
    alike,
    strayFills,
  };
}
