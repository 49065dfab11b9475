import type { Brick } from "../../pattern/pattern";
import { OnSurface } from "../../wall/onSurface";
import type { Strip, StripPart } from "../../wall/strip";
import type { Surface } from "../../wall/surface";
import type { FinishContext, Laid } from "../defineFinish";
import { bricksIn, endsOf, leastMm, rowOf, startsOf, stepAtLeft, type Starts } from "./bond";
import { layCourses, mostBricks, type Courses } from "./courses";
import { partsOfFace } from "./faceParts";
import { mixingOf, type Mixing } from "./mixing";
import { loadsOf, neighboursOf, tonesOf } from "./tones";
import type { BrickSpec } from "./spec";

export interface BrickLayout extends Laid<BrickSpec> {
  readonly courses: Courses;
  readonly starts: Starts;
  readonly endPieceMm: number;
  readonly bricks: readonly Brick[];
  /** Metres of joint on each wall, by its id. */
  readonly joints: ReadonlyMap<string, { readonly bedM: number; readonly perpendM: number }>;
  /** How fresh and faded prints lie among each other. */
  readonly mixing: Mixing;
  /** How many there would be, where they are too many. */
  readonly count: number;
}

/** Bricks in their bond over a strip, as the walls' ends, floors and ceilings cut them. */
export function layOutBrick(spec: BrickSpec, strip: Strip, context: FinishContext): BrickLayout {
  const { extent } = strip;
  const courses = layCourses(spec, extent);
  const starts = startsOf(spec, courses.count, strip);
  const endPieceMm = endsOf(spec, courses.count, strip, starts);
  const about = courses.count * ((extent.maxX - extent.minX) / (spec.face.width + spec.joint) + 2);
  const laid = { spec, strip, context, courses, starts, endPieceMm };
  if (about > mostBricks || courses.bed < 0)
    return { ...laid, bricks: [], joints: new Map(), mixing: mixingOf([], []), count: Math.round(about) };
  const parts = strip.parts.filter((part): part is StripPart & { surface: Surface } => part.surface !== null);
  const found = parts.flatMap((part) => bricksOn(part, laid));
  const inOrder = [...found].sort(
    (a, b) => a.course - b.course || a.offset + a.box.minX - b.offset - b.box.minX,
  );
  const places = inOrder.map(({ course, offset, box }) => ({
    course,
    left: offset + box.minX,
    right: offset + box.maxX,
  }));
  const joint = Math.max(spec.joint, courses.bed);
  const tones = tonesOf(spec, places, joint);
  const turns = turnsOf(inOrder, tones, spec, parts);
  const bricks = inOrder.map(({ id, wall, course, n, box, parts, piece, share }, index): Brick => ({
    id,
    wall,
    course,
    n,
    box,
    parts,
    piece,
    share,
    tone: tones[index]!,
    ...turns.get(index)!,
  }));
  const joints = new Map(parts.map((part) => [part.wall.id, jointsOn(part, laid)]));
  const fresh = bricks.map(({ nthOfLoad }) => nthOfLoad);
  const mixing = mixingOf(fresh, neighboursOf(places, joint));
  return { ...laid, bricks, joints, mixing, count: bricks.length };
}

/** Wall by wall the accents first and then the faces around them, each with loads of its own that are used up on that wall. */
function turnsOf(
  bricks: readonly { readonly course: number; readonly wall: string }[],
  tones: readonly string[],
  spec: BrickSpec,
  parts: readonly StripPart[],
) {
  const before = new Map<string, number>();
  const prints = parts.flatMap(({ wall }) =>
    tonesInTurn(spec).flatMap((tone) => {
      const own = bricks.flatMap((brick, index) =>
        tones[index] === tone && brick.wall === wall.id ? [index] : [],
      );
      const used = before.get(tone) ?? 0;
      const loads = loadsOf(
        own.map((index) => bricks[index]!.course),
        spec.fade,
      );
      before.set(tone, used + Math.max(0, ...loads.map(({ load }) => load)));
      return loads.map(({ brick, load, ...turn }) => ({ ...turn, load: used + load, index: own[brick]! }));
    }),
  );
  return new Map(prints.map(({ index, ...turn }, place) => [index, { ...turn, order: place + 1 }]));
}

/** The accents in their order, and what is stamped around them by the map last. */
export const tonesInTurn = ({ colour, accents }: BrickSpec): string[] => {
  const others = accents.map((accent) => accent.colour).filter((tone) => tone !== colour);
  return [...new Set([...others, colour])];
};

type Rows = Pick<BrickLayout, "spec" | "strip" | "courses" | "starts">;

/** The bricks of one wall that any of its surface is left of. */
function bricksOn(
  { wall, surface, offset }: StripPart & { surface: Surface },
  { spec, strip, courses, starts }: Rows,
) {
  const on = new OnSurface(surface);
  const from = starts.get(wall.id)!;
  const leftmost = starts.get(strip.parts[0]!.wall.id)!;
  const { minX, maxX, minY, maxY } = surface.extent;
  return courses.heights.flatMap((of, course) => {
    // Of a run's courses, what this wall's own floor and ceiling leave.
    const low = Math.max(of.low, minY);
    const height = Math.min(of.low + of.height, maxY) - low;
    if (height <= leastMm) return [];
    const row = rowOf(spec, course, from - offset);
    const first = stepAtLeft(rowOf(spec, course, leftmost), strip.extent.minX);
    return bricksIn(row, minX, maxX).flatMap(({ step, left, right }) => {
      const box = { minX: left, maxX: right, minY: low, maxY: low + height };
      const share = on.areaOf(box) / ((right - left) * height);
      if (share < 1e-6) return [];
      const isWhole = right - left > row.width - 0.01 && height > spec.face.height - 0.01;
      return [
        {
          id: `b${course + 1}n${step}`,
          wall: wall.id,
          offset,
          course: course + 1,
          n: step - first + 1,
          box,
          parts: share > 1 - 1e-9 ? [box] : partsOfFace(box, wall, on),
          piece: isWhole && share > 1 - 1e-9 ? ("whole" as const) : ("part" as const),
          share: share > 1 - 1e-9 ? 1 : share,
        },
      ];
    });
  });
}

/** Joints between courses, and between the bricks of each, as far as they lie on the wall; m. */
function jointsOn(
  { wall, surface, offset }: StripPart & { surface: Surface },
  { spec, courses, starts }: Rows,
) {
  const from = starts.get(wall.id)!;
  const on = new OnSurface(surface);
  const { minX, maxX } = surface.extent;
  const { heights, bed } = courses;
  const beds = heights.slice(0, -1).map(({ low }) => low - bed / 2);
  const bedMm = beds.reduce((sum, y) => sum + on.lengthOf({ x: minX, y }, { x: maxX, y }), 0);
  const perpendMm = heights.reduce((sum, { low, height }, course) => {
    const row = rowOf(spec, course, from - offset);
    const first = Math.floor((minX - row.from - row.width) / row.pitch);
    let length = 0;
    for (let step = first; row.from + step * row.pitch + row.width < maxX; step++) {
      const x = row.from + step * row.pitch + row.width + spec.joint / 2;
      if (x > minX && x < maxX) length += on.lengthOf({ x, y: low }, { x, y: low + height });
    }
    return sum + length;
  }, 0);
  return { bedM: bedMm / 1000, perpendM: perpendMm / 1000 };
}
