import { isInsideContour } from "../../geometry/contour";
import { segment } from "../../geometry/curve";
import { add, distance, midpoint, subtract, type Point } from "../../geometry/point";
import type { Strip } from "../../wall/strip";
import {
  east,
  fillTool,
  north,
  tidy,
  written,
  type Editing,
  type Handle,
  type SpecChange,
  type Tool,
} from "../editing";
import { boxAround } from "../findThing";
import { boxOfRectangle } from "./contourOfBlock";
import type { BlocksLayout } from "./layout";
import type { Block } from "./spec";

/** A handle before it knows its block. */
interface BlockHandle extends Pick<Handle, "at" | "along" | "path"> {
  readonly name: string;
  readonly change: (place: Point) => SpecChange["set"] | null;
}

/** Edges, corners, centres and radii can be moved, and blocks drawn; a click paints the uppermost block there. */
export function editBlocks({ spec: { blocks }, strip, contours }: BlocksLayout): Editing {
  const handles = blocks.flatMap((block, index) => {
    const remove =
      blocks.length > 1
        ? () => ({ set: { blocks: blocks.filter((_, place) => place !== index) } })
        : undefined;
    return handlesOf(block, strip).map(({ name, change, ...handle }): Handle => ({
      ...handle,
      id: `block-${index + 1}-${name.replaceAll(" ", "-")}`,
      name: `block ${index + 1}, ${name}`,
      moveTo: (place) => {
        const set = change(place);
        return set && { path: ["blocks", index], set };
      },
      remove,
    }));
  });
  const fill = fillTool((place, colour) => {
    const index = contours.findLastIndex((contour) => isInsideContour(place, contour));
    return index === -1 ? null : { path: ["blocks", index], set: { colour } };
  });
  return { handles, tools: [...drawingTools(blocks.length), fill] };
}

function handlesOf(block: Block, strip: Strip): BlockHandle[] {
  switch (block.shape) {
    case "rectangle":
      return block.around === undefined ? handlesOfBox(block, strip) : handlesAround(block, strip);
    case "polygon":
      return handlesOfPolygon(block.points.map(([x, y]) => ({ x, y })));
    case "circle":
    case "half-circle":
      return handlesOfCircle(block);
    default:
      return block satisfies never;
  }
}

type Rectangle = Extract<Block, { shape: "rectangle" }>;

function edgesOf(block: Rectangle, strip: Strip) {
  const { minX, maxX, minY, maxY } = boxOfRectangle(block, strip);
  const edge = (name: string, a: Point, b: Point, along: Point) => ({
    name,
    at: midpoint(a, b),
    along,
    path: [segment(a, b)],
  });
  const [lowLeft, lowRight] = [
    { x: minX, y: minY },
    { x: maxX, y: minY },
  ];
  const [highLeft, highRight] = [
    { x: minX, y: maxY },
    { x: maxX, y: maxY },
  ];
  return {
    box: { minX, maxX, minY, maxY },
    left: edge("left edge", lowLeft, highLeft, east),
    right: edge("right edge", lowRight, highRight, east),
    bottom: edge("lower edge", lowLeft, lowRight, north),
    top: edge("upper edge", highLeft, highRight, north),
  };
}

const least = 1;

function handlesOfBox(block: Rectangle, strip: Strip): BlockHandle[] {
  const { box, left, right, bottom, top } = edgesOf(block, strip);
  const { minX, maxX, minY, maxY } = box;
  const span = (from: number, to: number, start: "x" | "y", size: "width" | "height") =>
    to - from < least ? null : { [start]: tidy(from), [size]: tidy(to - from) };
  const middle = { x: (minX + maxX) / 2, y: (minY + maxY) / 2 };
  return [
    { ...left, change: ({ x }) => span(x, maxX, "x", "width") },
    { ...right, change: ({ x }) => span(minX, x, "x", "width") },
    { ...bottom, change: ({ y }) => span(y, maxY, "y", "height") },
    { ...top, change: ({ y }) => span(minY, y, "y", "height") },
    ...[
      [minX, minY, "lower left corner"] as const,
      [maxX, minY, "lower right corner"] as const,
      [maxX, maxY, "upper right corner"] as const,
      [minX, maxY, "upper left corner"] as const,
    ].map(([x, y, name]): BlockHandle => {
      const change = (place: Point) => {
        const across = x === minX ? span(place.x, maxX, "x", "width") : span(minX, place.x, "x", "width");
        const up = y === minY ? span(place.y, maxY, "y", "height") : span(minY, place.y, "y", "height");
        return across && up && { ...across, ...up };
      };
      return { name, at: { x, y }, along: null, path: [], change };
    }),
    {
      name: "as a whole",
      at: middle,
      along: null,
      path: [],
      change: (place) => ({ x: tidy(minX + place.x - middle.x), y: tidy(minY + place.y - middle.y) }),
    },
  ];
}

/** A block around a thing keeps to it: its edges move the margins, both sides together. */
function handlesAround(block: Rectangle, strip: Strip): BlockHandle[] {
  const thing = boxAround(strip, block.around!);
  const { left, right, bottom, top } = edgesOf(block, strip);
  return [
    { ...left, change: ({ x }) => ({ side: tidy(thing.x - x) }) },
    { ...right, change: ({ x }) => ({ side: tidy(x - thing.x - thing.width) }) },
    { ...bottom, change: ({ y }) => ({ below: tidy(thing.y - y) }) },
    { ...top, change: ({ y }) => ({ above: tidy(y - thing.y - thing.height) }) },
  ];
}

function handlesOfPolygon(points: readonly Point[]): BlockHandle[] {
  const middle = points.reduce(
    (sum, point) => add(sum, { x: point.x / points.length, y: point.y / points.length }),
    {
      x: 0,
      y: 0,
    },
  );
  return [
    ...points.map((at, index): BlockHandle => ({
      name: `corner ${index + 1}`,
      at,
      along: null,
      path: [],
      change: (place) => ({ points: points.map((point, other) => written(other === index ? place : point)) }),
    })),
    {
      name: "as a whole",
      at: middle,
      along: null,
      path: [],
      change: (place) => ({ points: points.map((point) => written(add(point, subtract(place, middle)))) }),
    },
  ];
}

function handlesOfCircle({ centre: [x, y], radius }: Extract<Block, { radius: number }>): BlockHandle[] {
  const centre = { x, y };
  return [
    { name: "centre", at: centre, along: null, path: [], change: (place) => ({ centre: written(place) }) },
    {
      name: "radius",
      at: { x: x + radius, y },
      along: null,
      path: [],
      change: (place) => {
        const reach = tidy(distance(place, centre));
        return reach < least ? null : { radius: reach };
      },
    },
  ];
}

function drawingTools(next: number): Tool[] {
  const added = (block: object | null): SpecChange | null =>
    block && { path: ["blocks"], set: { [next]: block } };
  const shared = { paints: true, snaps: true } as const;
  return [
    {
      id: "rectangle",
      name: "Draw a rectangle",
      asks: ["one corner", "the corner across from it"],
      most: 2,
      ...shared,
      draw: ([a, b], colour) => {
        const [width, height] = [tidy(Math.abs(a!.x - b!.x)), tidy(Math.abs(a!.y - b!.y))];
        if (width < least || height < least) return null;
        const [x, y] = written({ x: Math.min(a!.x, b!.x), y: Math.min(a!.y, b!.y) });
        return added({ shape: "rectangle", x, y, width, height, colour });
      },
    },
    {
      id: "circle",
      name: "Draw a circle",
      asks: ["the centre", "its edge"],
      most: 2,
      ...shared,
      draw: ([centre, edge], colour) => {
        const radius = tidy(distance(centre!, edge!));
        return radius < least ? null : added({ shape: "circle", centre: written(centre!), radius, colour });
      },
    },
    {
      id: "polygon",
      name: "Draw a shape",
      asks: ["the first corner", "the second", "the next corner; Enter ends"],
      most: 50,
      ...shared,
      draw: (points, colour) =>
        points.length < 3 ? null : added({ shape: "polygon", points: points.map(written), colour }),
    },
  ];
}
