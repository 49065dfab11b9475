import { segment } from "../../geometry/curve";
import type { Design, SetOutLine } from "../../pattern/pattern";
import type { BrickLayout } from "./layout";

/** Bricks, and one level guide line a course: its foot, read from the level line so that nothing adds up. */
export function designBrick({
  spec,
  strip,
  courses,
  bricks,
  joints,
  endPieceMm,
  mixing,
}: BrickLayout): Design[] {
  const { minX, maxX, minY } = strip.extent;
  const lines = courses.heights
    .filter(({ low }) => low > minY + 0.01)
    .map(({ low }, course): SetOutLine => ({
      id: `course-${course + 1}`,
      index: course,
      kind: "level",
      path: segment({ x: minX, y: low }, { x: maxX, y: low }),
      use: `the foot of course ${course + 1}`,
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
