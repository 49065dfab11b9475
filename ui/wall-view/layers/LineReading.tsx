import { Measure } from "@/ui/parts/Measure";
import { formatReading } from "@/core/measure/formatReading";
import { roundToDivision } from "@/core/measure/roundToDivision";
import type { PlanLine } from "@/core/job/planTypes";
import { useJob } from "@/ui/job/JobProvider";
import type { LayerFrame } from "../WallStage";

const from = { plumb: "from the left", level: "from the floor", slant: "across the stripes" } as const;

/** The reading of a line under the hand. */
export function LineReading({ line, at, frame }: { line: PlanLine; at: number; frame: LayerFrame }) {
  const job = useJob();
  const reading = formatReading(roundToDivision(Math.abs(at), job.tapeDivision), job.units);
  const [[ax, ay], [bx, by]] = line.path;
  const x = frame.x((ax + bx) / 2);
  const y = line.kind === "level" ? frame.y(ay) - 22 : frame.y(ay + (by - ay) * 0.7);
  const text = `${reading} ${from[line.kind]}`;
  const width = text.length * 7.6 + 20;
  const left = Math.min(x + 12, frame.size.width - width - 4);
  return (
    <g pointerEvents="none">
      <circle cx={x} cy={y} r={5.5} className="fill-paper stroke-violet" strokeWidth={2} />
      <rect x={left} y={y - 15} width={width} height={30} rx={6} className="fill-violet" />
      <text x={left + 10} y={y + 5} className="fill-white text-[14px] font-semibold">
        <Measure as="tspan">{text}</Measure>
      </text>
    </g>
  );
}
