import type { Box } from "../geometry/curve";
import { brickPieces } from "../pattern/brickPieces";
import type { WallBricks } from "../pattern/pattern";
import type { OrderedWall } from "./orderedWall";
import type { PlanBricks, PlanWall } from "../plan/planTypes";

/** The bricks of a wall, by finish; nothing where there are none. */
export function describeBricks({ laid }: OrderedWall): Pick<PlanWall, "bricks"> {
  const { bricks } = laid!.pattern;
  return bricks.length === 0 ? {} : { bricks: bricks.map(describeWork) };
}

const told = ({ minX, minY, maxX, maxY }: Box): [number, number, number, number] => [
  minX,
  minY,
  maxX - minX,
  maxY - minY,
];

const describeWork = ({
  finish,
  courses,
  perpendMm,
  endPieceMm,
  bedM,
  perpendM,
  mixing,
  list,
}: WallBricks): PlanBricks => ({
  finish,
  courses: courses.count,
  bed: courses.bed,
  perpend: perpendMm,
  pieces: brickPieces(list),
  bed_m: bedM,
  perpend_m: perpendM,
  endPiece_mm: endPieceMm,
  mixing,
  list: list.map(({ id, course, n, box, parts, piece, share, tone, order, load, nthOfLoad }) => ({
    id: `${finish}/${id}`,
    course,
    n,
    box: told(box),
    ...(share < 1 && { parts: parts.map(told) }),
    piece,
    share,
    tone,
    order,
    load,
    nthOfLoad,
  })),
});
