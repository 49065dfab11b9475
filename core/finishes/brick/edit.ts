import { segment } from "../../geometry/curve";
import { east, fillTool, hairMm, north, tidy, type Editing, type Handle } from "../editing";
import { leastBedMm } from "./courses";
import type { BrickLayout } from "./layout";

/** A brick that is filled gives its paint to all bricks of its tone; the first course and a bed joint are taken hold of. */
export function editBrick(layout: BrickLayout): Editing {
  const { spec, strip, bricks } = layout;
  return {
    handles: [...courseHandle(layout), ...startHandle(layout)],
    tools: [
      fillTool(({ x, y }, paint) => {
        const hit = bricks.find(({ wall, box }) => {
          const { offset } = strip.parts.find((part) => part.wall.id === wall)!;
          return x - offset >= box.minX && x - offset <= box.maxX && y >= box.minY && y <= box.maxY;
        });
        if (!hit) return null;
        const accent = spec.accents.findIndex(({ colour }) => colour === hit.tone);
        return accent < 0
          ? { set: { colour: paint } }
          : { path: ["accents", accent], set: { colour: paint } };
      }),
    ],
  };
}

/** The bed joint in the middle: pulled, courses are as many as bring it nearest to the hand; a key makes one more or fewer. */
function courseHandle({ spec, strip, courses: { count, bed, heights } }: BrickLayout): Handle[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const above = Math.floor(heights.length / 2);
  if (above < 1 || bed <= 0) return [];
  const y = heights[above - 1]!.low - bed / 2;
  const { height: face } = spec.face;
  const most = Math.max(1, Math.floor((maxY - minY + leastBedMm) / (face + leastBedMm)));
  const counted = (wanted: number) => ({
    set: { courses: { by: "count", count: Math.min(most, Math.max(1, wanted)) } },
  });
  return [
    {
      id: "courses",
      name: `the bed joint under course ${above}`,
      at: { x: (minX + maxX) / 2, y },
      along: north,
      path: [segment({ x: minX, y }, { x: maxX, y })],
      moveTo: (place) => {
        if (Math.abs(place.y - y) < hairMm) return { set: { courses: spec.courses } };
        // From the top to below a course and half its joint are so many courses with their joints, less half of one.
        const course = (maxY - place.y + spec.joint / 2) / above;
        return counted(course <= 0 ? most : Math.round((maxY - minY + spec.joint) / course));
      },
      nudge: (steps) => counted(count + steps),
    },
  ];
}

/** Where a brick of the first course begins; one that was placed stays in the hand. */
function startHandle({ spec, strip, courses: { heights }, starts }: BrickLayout): Handle[] {
  const [top] = heights;
  const from = starts.get(strip.parts[0]!.wall.id);
  if (!top || from === undefined) return [];
  const pitch = spec.face.width + spec.joint;
  const { minX } = strip.extent;
  const x = typeof spec.start === "object" ? spec.start.at : from + Math.ceil((minX - from) / pitch) * pitch;
  return [
    {
      id: "start",
      name: "where the first course begins",
      at: { x, y: top.low + top.height / 2 },
      along: east,
      path: [],
      moveTo: (place) => ({
        set: { start: Math.abs(place.x - x) < hairMm ? spec.start : { at: tidy(place.x) } },
      }),
    },
  ];
}
