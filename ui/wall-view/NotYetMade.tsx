import { useMemo } from "react";
import { isInsideContour, polygonContour } from "@/core/geometry/contour";
import type { PlanRegion, PlanWall } from "@/core/plan/planTypes";
import type { WallAt } from "@/core/plan/stateAt";
import type { LayerFrame } from "./WallStage";

interface Props {
  readonly plan: PlanWall;
  readonly standing: WallAt;
  readonly frame: LayerFrame;
  readonly groundOf: (region: PlanRegion | undefined) => string;
}

/** More pieces than that are not covered one by one: the wall is drawn as it will be. */
const mostCovered = 1500;

/** Prints and bricks that are not on yet are covered by their ground; of several overlays the first one that is on shows the place. */
export function NotYetMade({ plan, standing, frame, groundOf }: Props) {
  // What lies where hangs on the wall and not on how it is looked at.
  const open = useMemo(() => openPlaces(plan, standing), [plan, standing]);
  const { scale } = frame.view;
  return open.map(({ place, x, y, width, height, turn, under }) => (
    <rect
      key={place}
      x={frame.x(x - width / 2)}
      y={frame.y(y + height / 2)}
      width={width * scale}
      height={height * scale}
      transform={turn === 0 ? undefined : `rotate(${-turn} ${frame.x(x)} ${frame.y(y)})`}
      fill={groundOf(under)}
    />
  ));
}

function openPlaces(plan: PlanWall, standing: WallAt) {
  const boxes = boxesOf(plan);
  const made = new Set(boxes.filter(({ id }) => standing.made.has(id)).map(({ place }) => place));
  const places = [...new Map(boxes.map((box) => [box.place, box])).values()];
  const open = places.filter(({ place }) => !made.has(place));
  if (open.length > mostCovered) return [];
  const regions = plan.regions.map((region) => ({
    region,
    ring: polygonContour(region.outline.map(([x, y]) => ({ x, y }))),
  }));
  return open.map((box) => ({
    ...box,
    under: regions.find(({ ring }) => isInsideContour(box, ring))?.region,
  }));
}

/** All that is printed, by its middle. */
const boxesOf = ({ prints = [], bricks = [] }: PlanWall) => [
  ...prints
    .flatMap(({ list }) => list)
    .map(({ id, at: [x, y], width, height, turn }) => ({
      id,
      place: `${x} ${y}`,
      x,
      y,
      width,
      height,
      turn,
    })),
  ...bricks
    .flatMap(({ list }) => list)
    .map(({ id, box: [left, foot, width, height] }) => {
      const [x, y] = [left + width / 2, foot + height / 2];
      return { id, place: `${x} ${y}`, x, y, width, height, turn: 0 };
    }),
];
