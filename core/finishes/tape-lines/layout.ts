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
  /** Pairs of fills, by index, that would colour one face differently; the second does. */
  readonly meetings: readonly (readonly [number, number])[];
}

export function layOutTapeLines(spec: TapeLinesSpec, strip: Strip, context: FinishContext): TapeLinesLayout {
  const lines = layLines(keepThrown(spec, strip), strip);
  const parts = strip.parts.filter((part): part is StripPart & { surface: Surface } => part.surface !== null);
  const walls = parts.map((part) => findFaces(part, lines, spec.lineWidth));
  const places = parts.map(({ wall }) => strip.parts.findIndex((part) => part.wall.id === wall.id));
  const placed = spec.fills.map(({ at: [x, y] }) =>
    walls.flatMap((wall, place) => {
      const piece = faceAt(wall, { x: x - wall.part.offset, y });
      return piece === null ? [] : [{ place, piece }];
    }),
  );
  const own = new Set(
    spec.fills.flatMap(({ goesOn }, index) =>
      goesOn ? [] : placed[index]!.map(({ place, piece }) => `${place} ${piece}`),
    ),
  );
  const { faces, faceOf } = joinFaces(
    walls,
    (first, second) => places[second] === places[first]! + 1,
    (place, piece) => own.has(`${place} ${piece}`),
  );
  const { filled, strayFills, meetings } = fillFaces(spec, placed, faceOf);
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
    meetings,
  };
}

/** The colours that fills give to faces, the last fill of a face counting; those in no face, and those that meet in one. */
function fillFaces(
  { fills }: TapeLinesSpec,
  placed: readonly (readonly { readonly place: number; readonly piece: number }[])[],
  faceOf: readonly (readonly number[])[],
): Pick<TapeLinesLayout, "strayFills" | "meetings"> & { readonly filled: ReadonlyMap<number, string> } {
  const by = new Map<number, number>();
  const meetings: [number, number][] = [];
  placed.forEach((found, index) => {
    for (const face of new Set(found.map(({ place, piece }) => faceOf[place]![piece]!))) {
      const before = by.get(face);
      if (before !== undefined && fills[before]!.colour !== fills[index]!.colour)
        meetings.push([before, index]);
      by.set(face, index);
    }
  });
  return {
    filled: new Map([...by].map(([face, index]) => [face, fills[index]!.colour])),
    strayFills: placed.flatMap((found, index) => (found.length === 0 ? [index] : [])),
    meetings,
  };
}
