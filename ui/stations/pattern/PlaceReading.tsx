import type { Point } from "@/core/geometry/point";
import { formatReading } from "@/core/measure/formatReading";
import { roundToDivision } from "@/core/measure/roundToDivision";
import { partAt, type Strip } from "@/core/wall/strip";
import { useJob } from "@/ui/job/JobProvider";
import { HandReading, sizeOfReading } from "@/ui/wall-view/HandReading";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

interface Props {
  readonly at: Point;
  /** The unit direction that it moves along; null for any. */
  readonly along: Point | null;
  readonly strip: Strip;
  /** What it lines up with. */
  readonly to: readonly string[];
  /** Where it is drawn. */
  readonly x: number;
  readonly y: number;
  readonly frame: LayerFrame;
}

/** The reading of a place under the hand, from the datum of the wall that it lies on, and what it meets. */
export function PlaceReading({ at, along, strip, to, x, y, frame }: Props) {
  const { units, tapeDivision } = useJob();
  const { wall, offset } = partAt(strip, at.x);
  const read = (mm: number) => formatReading(roundToDivision(Math.abs(mm), tapeDivision), units);
  const across = `${read(at.x - offset)} from the left`;
  const up = wall.survey
    ? `${read(at.y)} ${at.y < 0 ? "below" : "above"} the level line`
    : `${read(at.y)} from the floor`;
  const slanted = along && along.x !== 0 && along.y !== 0;
  const words = [
    ...(slanted
      ? [`${read(at.x * along.x + at.y * along.y)} across the lines`]
      : [...(along && along.x === 0 ? [] : [across]), ...(along && along.y === 0 ? [] : [up])]),
    ...(to.length > 0 ? [`on ${to.join(", ")}`] : []),
  ];
  const { width, height } = sizeOfReading(words);
  const left = Math.max(4, Math.min(x + 14, frame.size.width - width - 4));
  const top = y - height - 12 < 4 ? y + 14 : y - height - 12;
  return (
    <g pointerEvents="none">
      <circle cx={x} cy={y} r={5.5} className="fill-paper stroke-violet" strokeWidth={2} />
      <HandReading words={words} left={left} top={top} />
    </g>
  );
}
