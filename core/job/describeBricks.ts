import type { WallBricks } from "../pattern/pattern";
import type { OrderedWall } from "./layOutJob";
import type { PlanBricks, PlanWall } from "./planTypes";

/** The bricks of a wall, by finish; nothing where there are none. */
export function describeBricks({ laid }: OrderedWall): Pick<PlanWall, "bricks"> {
  const { bricks } = laid!.pattern;
  return bricks.length === 0 ? {} : { bricks: bricks.map(describeWork) };
}

const describeWork = ({
  finish,
  courses,
  perpendMm,
  endPieceMm,
  bedM,
  perpendM,
  list,
}: WallBricks): PlanBricks => ({
  finish,
  courses: courses.count,
  bed: courses.bed,
  perpend: perpendMm,
  pieces: piecesOf(list),
  bed_m: bedM,
  perpend_m: perpendM,
  endPiece_mm: endPieceMm,
  list: list.map(({ id, course, n, box, piece, share, tone, order, load, nthOfLoad }) => ({
    id: `${finish}/${id}`,
    course,
    n,
    box: [box.minX, box.minY, box.maxX - box.minX, box.maxY - box.minY],
    piece,
    share,
    tone,
    order,
    load,
    nthOfLoad,
  })),
});

/** The sizes of boxes to a tenth of a millimetre, the most frequent first. */
function piecesOf(list: WallBricks["list"]): PlanBricks["pieces"] {
  const counts = new Map<string, { width: number; height: number; count: number }>();
  for (const { box } of list) {
    const [width, height] = [box.maxX - box.minX, box.maxY - box.minY].map((mm) => Math.round(mm * 10) / 10);
    const key = `${width} ${height}`;
    const known = counts.get(key);
    if (known) known.count += 1;
    else counts.set(key, { width: width!, height: height!, count: 1 });
  }
  return [...counts.values()].sort((a, b) => b.count - a.count || b.width - a.width);
}
