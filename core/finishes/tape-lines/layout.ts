import type { Strip, StripPart } from "../../wall/strip";
import type { Surface } from "../../wall/surface";
import { faceAt, findFaces, type WallFaces } from "./findFaces";
import { layLines, type TapedSegment } from "./layLines";
import { joinFaces } from "./joinFaces";
import { shuffleColours } from "./shuffleColours";
import { keepThrown } from "./throwLines";
import type { TapeLinesSpec } from "./spec";

/** The lines of a strip, the faces between them, and their colours. */
export interface TapeLinesLayout {
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

/** Both the check and the design ask for the layout; the last one of a strip is kept as long as the strip lives. */
const kept = new WeakMap<Strip, { spec: TapeLinesSpec; layout: TapeLinesLayout }>();

export function layOutTapeLines(spec: TapeLinesSpec, strip: Strip): TapeLinesLayout {
  const before = kept.get(strip);
  if (before?.spec === spec) return before.layout;
  const layout = layOut(spec, strip);
  kept.set(strip, { spec, layout });
  return layout;
}

/** As `layOutTapeLines`, without keeping it. */
export function layOut(spec: TapeLinesSpec, strip: Strip): TapeLinesLayout {
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
    lines,
    walls: walls.map((wall, place) => ({ ...wall, faceOf: faceOf[place]! })),
    colours,
    alike,
    strayFills,
  };
}
