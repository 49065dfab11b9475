import type { Strip, StripPart } from "../../wall/strip";
import type { Surface } from "../../wall/surface";
import { faceAt, findFaces, type WallFaces } from "./findFaces";
import { layLines, type TapedSegment } from "./layLines";
import { shuffleColours } from "./shuffleColours";
import type { TapeLinesSpec } from "./spec";

/** The lines of a strip, the faces between them on each wall, and their colours. */
export interface TapeLinesLayout {
  readonly lines: readonly TapedSegment[];
  readonly walls: readonly (WallFaces & {
    readonly colours: ReadonlyMap<number, string>;
    readonly alike: number;
  })[];
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

function layOut(spec: TapeLinesSpec, strip: Strip): TapeLinesLayout {
  const lines = layLines(spec, strip);
  const landed = new Set<number>();
  const walls = strip.parts
    .filter((part): part is StripPart & { surface: Surface } => part.surface !== null)
    .map((part, place) => {
      const wall = findFaces(part, lines, spec.lineWidth);
      const filled = new Map<number, string>();
      spec.fills.forEach(({ at: [x, y], colour }, index) => {
        const face = faceAt(wall, { x: x - part.offset, y });
        if (face === null) return;
        landed.add(index);
        filled.set(face, colour);
      });
      const { shuffle } = spec;
      // Each wall of a run shuffles on from the seed, so that its neighbours do not repeat it.
      const { colours, alike } = shuffle
        ? shuffleColours(wall.faces, filled, shuffle.colours, shuffle.seed + place)
        : { colours: filled, alike: 0 };
      return { ...wall, colours, alike };
    });
  return { lines, walls, strayFills: [...spec.fills.keys()].filter((index) => !landed.has(index)) };
}
