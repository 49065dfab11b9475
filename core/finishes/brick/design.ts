import { segment } from "../../geometry/curve";
import type { Design, SetOutLine } from "../../pattern/pattern";
import { isGuided } from "./guides";
import type { BrickLayout } from "./layout";

/** Bricks, and level guide lines at the feet of courses, each read from the level line so that nothing adds up. */
export function designBrick(layout: BrickLayout): Design[] {
  const { spec, strip, courses, bricks, joints, endPieceMm, mixing } = layout;
  const { minX, maxX, minY } = strip.extent;
  const lines = courses.heights
    .map(({ low }, index) => ({ low, course: index + 1 }))
    .filter(({ low, course }) => low > minY + 0.01 && isGuided(course, layout))
    .map(({ low, course }, index): SetOutLine => ({
      id: `course-${course}`,
      index,
      kind: "level",
      path: segment({ x: minX, y: low }, { x: maxX, y: low }),
      use: `the foot of course ${course}`,
    }));
  return [
    {
      lines,
      dividers: [],
      pieceAt: () => null,
      bricks: { list: bricks, joints, courses, perpendMm: spec.joint, endPieceMm, mixing },
    },
  ];
}
