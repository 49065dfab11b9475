import { intersectCurves } from "../../geometry/intersectCurves";
import { segment } from "../../geometry/curve";
import { add, distance, dot, midpoint, scale, subtract, type Point } from "../../geometry/point";
import { placeTolerance } from "../../wall/outline";
import { partAt, type Strip } from "../../wall/strip";
import { fillTool, written, type Editing, type Handle, type SpecChange, type Tool } from "../editing";
import { applyChange } from "../applyChange";
import { fillByHand } from "../fillsByHand";
import { faceAt } from "./findFaces";
import type { TapeLinesLayout } from "./layout";
import { keepThrown } from "./throwLines";
import type { TapeLinesSpec } from "./spec";

/** Lines and their points can be moved, lines drawn and faces split, and a click fills a face. */
export function editTapeLines(layout: TapeLinesLayout): Editing {
  const { spec, strip } = layout;
  const all = keepThrown(spec, strip);
  // Thrown lines are kept as they lie as soon as one of them is touched.
  const kept = (change: SpecChange | null): SpecChange | null =>
    change && spec.random ? { set: { lines: applyChange(all, change).lines, random: undefined } } : change;
  const handles = all.lines.flatMap((_, index) => handlesOf(all, layout, index));
  const fill = fillTool((place, paint) => fillAt(spec, strip, layout, place, paint));
  return {
    handles: handles.map((handle) => ({
      ...handle,
      moveTo: (place) => kept(handle.moveTo(place)),
      remove: () => kept(handle.remove?.() ?? null),
    })),
    tools: [...drawingTools(spec, strip, layout), fill],
  };
}

const shortest = 1;

function handlesOf({ lines }: TapeLinesSpec, layout: TapeLinesLayout, index: number): Handle[] {
  const line = lines[index]!;
  const isFull = !Array.isArray(line);
  const points = (isFull ? line.through : line).map(([x, y]) => ({ x, y }));
  const name = `line ${index + 1}`;
  const path = isFull ? (["lines", index, "through"] as const) : (["lines", index] as const);
  const remove = () => ({ set: { lines: lines.filter((_, other) => other !== index) } });
  const drawn = layout.lines.filter((taped) => taped.line === index).map((taped) => taped.path);
  const own = layout.lines
    .filter((taped) => taped.line === index)
    .map(({ piece }) => `line-${index + 1}${piece > 0 ? `-${piece + 1}` : ""}`);
  const at = midpoint(points[0]!, points.at(-1)!);
  const whole: Handle = {
    id: `line-${index + 1}`,
    name,
    at,
    along: null,
    path: drawn,
    lines: own,
    moveTo: (place) => {
      const by = subtract(place, at);
      return { path, set: Object.fromEntries(points.map((point, key) => [key, written(add(point, by))])) };
    },
    remove,
  };
  return [
    whole,
    ...points.map((point, place): Handle => ({
      id: `line-${index + 1}-point-${place + 1}`,
      name: `${name}, point ${place + 1}`,
      at: point,
      along: null,
      path: [],
      lines: own,
      moveTo: (to) => {
        const beside = [points[place - 1], points[place + 1]].filter((other) => other !== undefined);
        const isApart = beside.every((other) => distance(other, to) > shortest);
        return isApart ? { path, set: { [place]: written(to) } } : null;
      },
      remove,
    })),
  ];
}

function drawingTools({ lines }: TapeLinesSpec, strip: Strip, layout: TapeLinesLayout): Tool[] {
  const added = (line: unknown): SpecChange => ({ path: ["lines"], set: { [lines.length]: line } });
  const shared = { paints: false, snaps: true } as const;
  const isLine = ([a, b]: readonly Point[]) => distance(a!, b!) > shortest;
  return [
    {
      id: "edge-to-edge",
      name: "Draw edge to edge",
      asks: ["a place that the line runs through", "another place on it"],
      most: 2,
      ...shared,
      draw: (points) => (isLine(points) ? added({ through: points.map(written) }) : null),
    },
    {
      id: "segment",
      name: "Draw a line",
      asks: ["where the line starts", "where it ends"],
      most: 2,
      ...shared,
      draw: (points) => (isLine(points) ? added(points.map(written)) : null),
    },
    {
      id: "split",
      name: "Split a face",
      asks: ["one place on the cut", "another, in the same face"],
      most: 2,
      ...shared,
      draw: (points) => {
        const cut = isLine(points) ? cutOfFace(strip, layout, points[0]!, points[1]!) : null;
        return cut && added(cut.map(written));
      },
    },
    {
      id: "bends",
      name: "Draw with bends",
      asks: ["where the line starts", "its first bend or its end", "the next bend; Enter ends the line"],
      most: 50,
      ...shared,
      draw: (points) => (points.length >= 2 && isLine(points) ? added(points.map(written)) : null),
    },
  ];
}

/** Where the line through two places enters and leaves the face between them; null where they lie in none. */
function cutOfFace(strip: Strip, layout: TapeLinesLayout, a: Point, b: Point): [Point, Point] | null {
  const middle = midpoint(a, b);
  const { wall: at, offset } = partAt(strip, middle.x);
  const wall = layout.walls.find(({ part }) => part.wall.id === at.id);
  const here = { x: middle.x - offset, y: middle.y };
  const found = wall && faceAt(wall, here);
  if (!wall || found === null || found === undefined) return null;
  const { face } = wall.faces[found]!;
  const along = scale(subtract(b, a), 1 / distance(a, b));
  const { minX, maxX, minY, maxY } = strip.extent;
  const reach = scale(along, maxX - minX + maxY - minY);
  const line = segment(subtract(here, reach), add(here, reach));
  const crossings = [face.outer, ...face.holes]
    .flat()
    .flatMap((curve) => intersectCurves(line, curve, placeTolerance))
    .map(({ point }) => ({ point, share: dot(subtract(point, here), along) }))
    .sort((p, q) => p.share - q.share);
  const before = crossings.findLast(({ share }) => share < 0);
  const after = crossings.find(({ share }) => share > 0);
  const placed = ({ x, y }: Point): Point => ({ x: x + offset, y });
  return before && after ? [placed(before.point), placed(after.point)] : null;
}

/** A face that has a fill takes the new paint on; another gets a fill where it was clicked. */
function fillAt(
  spec: TapeLinesSpec,
  strip: Strip,
  layout: TapeLinesLayout,
  place: Point,
  colour: string,
): SpecChange | null {
  const faceOf = ({ x, y }: Point): number | null => {
    const { wall: at, offset } = partAt(strip, x);
    const wall = layout.walls.find(({ part }) => part.wall.id === at.id);
    const piece = wall ? faceAt(wall, { x: x - offset, y }) : null;
    return piece === null ? null : wall!.faceOf[piece]!;
  };
  return fillByHand(spec.fills, faceOf, place, colour);
}
