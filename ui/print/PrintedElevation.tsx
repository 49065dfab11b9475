import { PlateText } from "@/ui/parts/PlateText";
import { Measure } from "@/ui/parts/Measure";
import { formatReading } from "@/core/measure/formatReading";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import type { Box } from "@/core/geometry/curve";
import { boxOfWall, cornersInsideTrim } from "@/core/wall/boxOfWall";
import { textWidth } from "@/ui/parts/textWidth";
import { LayerDrawing, type Look } from "@/ui/wall-view/LayerDrawing";
import { asPoints } from "@/ui/wall-view/WallDrawing";
import { wallLayers } from "@/ui/wall-view/wallLayers";
import { pathOf } from "@/ui/wall-view/pathOf";

interface Props {
  readonly job: Job;
  readonly wall: Wall;
  readonly planned: PlanWall;
}

/** The sheet is drawn this wide in its own units; text sizes follow from it. */
const sheetWidth = 1000;
const margin = { top: 104, right: 14, bottom: 46 };
const tallest = 620;
const readingSize = 17;
const readingTick = 13;

/** Where a place on the wall, in mm, stands on the sheet. */
interface SheetScale {
  readonly box: Box;
  readonly scale: number;
  readonly height: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly path: (points: readonly PlanPoint[]) => string;
}

/** The wall fills the sheet's width beside its longest side reading, or its height. */
function layOutSheet(wall: Wall, marks: PlanWall["marks"]): SheetScale {
  const box = boxOfWall(wall);
  const readings = marks.filter(({ axis }) => axis === "y").map(({ reading }) => reading);
  const left = readingTick + 8 + Math.max(0, ...readings.map((text) => textWidth(text, readingSize)));
  const [wide, high] = [box.maxX - box.minX, box.maxY - box.minY];
  const scale = Math.min((sheetWidth - left - margin.right) / wide, tallest / high);
  const x = (mm: number) => left + (mm - box.minX) * scale;
  const y = (mm: number) => margin.top + (box.maxY - mm) * scale;
  const path = (points: readonly PlanPoint[]) =>
    pathOf(
      points.map(([px, py]) => [x(px), -y(py)]),
      0,
    );
  return { box, scale, height: high * scale + margin.top + margin.bottom, x, y, path };
}

/** The wall to scale with running readings along the top (or up the left), hatched by paint. */
export function PrintedElevation({ job, wall, planned }: Props) {
  const sheet = layOutSheet(wall, planned.marks);
  const { box, scale, height, x, y } = sheet;
  const layers = wallLayers(wall, planned);
  const look = lookOf(job, wall);
  return (
    <svg
      viewBox={`0 0 ${sheetWidth} ${height}`}
      className="w-full break-inside-avoid"
      role="img"
      aria-label="Elevation with running dimensions"
    >
      <PrintHatches prefix="print" scale={1} />
      <PrintHatches prefix="printed" scale={scale} />
      <clipPath id="printed-wall">
        <path d={sheet.path(planned.outline)} />
      </clipPath>
      <clipPath id="printed-surface">
        <path d={pathOf(asPoints(cornersInsideTrim(wall)), box.maxY)} />
      </clipPath>
      <path d={sheet.path(planned.outline)} fill="none" stroke="#000" strokeWidth={1.6} />
      <g clipPath="url(#printed-wall)">
        <g transform={`translate(${x(0)} ${y(box.maxY)}) scale(${scale})`}>
          {layers.map((layer, index) => (
            <g key={index} clipPath={layer.kind === "sheet" ? "url(#printed-surface)" : undefined}>
              <LayerDrawing layer={layer} look={look} box={box} />
            </g>
          ))}
        </g>
        {wall.openings.map((opening) => (
          <OpeningWords key={opening.id} opening={opening} sheet={sheet} units={job.units} />
        ))}
      </g>
      <Readings planned={planned} {...sheet} />
      <g stroke="#000">
        <line x1={x(0)} x2={x(wall.width)} y1={height - 20} y2={height - 20} />
        <path d={`M${x(0) - 4} ${height - 16}l8 -8M${x(wall.width) - 4} ${height - 16}l8 -8`} />
      </g>
      <Words
        x={x(wall.width / 2)}
        y={height - 15}
        text={`${formatSpan(wall.width, job.units)}, ends at ${formatReading(Math.round(wall.width / job.tapeDivision) * job.tapeDivision, job.units)}`}
      />
    </svg>
  );
}

/** In hatches, black on white: what is printed is white under its hatch, which lies in the wall's own directions. */
function lookOf(job: Job, wall: Wall): Look {
  const hatchOf = printHatches(job, wall);
  const hatched = (paint: string) => `url(#printed-${hatchOf(paint)})`;
  return {
    fillOf: () => "#fff",
    hatchOfPieces: hatched,
    hatchOf: hatched,
    outline: "#000",
    isColoured: false,
    mostShapes: Infinity,
  };
}

interface OpeningProps {
  readonly opening: Wall["openings"][number];
  readonly sheet: SheetScale;
  readonly units: Job["units"];
}

/** The name and the size of an opening, in its middle. */
function OpeningWords({ opening, sheet: { x, y }, units }: OpeningProps) {
  const middle = { x: x(opening.x + opening.width / 2), y: y(opening.y + opening.height / 2) };
  return (
    <>
      <Words {...middle} text={opening.name ?? opening.kind} />
      <Words
        x={middle.x}
        y={middle.y + 18}
        text={`${formatLength(opening.width, units)} × ${formatLength(opening.height, units)}`}
      />
    </>
  );
}

interface ReadingsProps extends Pick<SheetScale, "box" | "x" | "y"> {
  readonly planned: PlanWall;
}

/** Every mark's tick; readings that would crowd each other are left to the table. */
function Readings({ planned, box, x, y }: ReadingsProps) {
  return (
    <g>
      {planned.marks.map((mark, index) => {
        const isX = mark.axis === "x";
        const isNear = isX ? mark.on !== "bottom" : mark.on !== "right";
        const at = isX ? x(mark.at) : y(mark.at);
        const edge = isX ? y(isNear ? box.maxY : box.minY) : x(isNear ? box.minX : box.maxX);
        const tick = isNear ? -11 : 10;
        const text = mark.reading;
        const place = isX
          ? { transform: `translate(${at + 5} ${edge - 16}) rotate(-90)` }
          : { x: edge - readingTick, y: at + 5, textAnchor: "end" as const };
        return (
          <g key={mark.id}>
            {isX ? (
              <line x1={at} x2={at} y1={edge} y2={edge + tick} stroke="#000" />
            ) : (
              <line x1={edge} x2={edge + tick} y1={at} y2={at} stroke="#000" />
            )}
            {isNear && hasRoom(planned.marks, index, isX ? x : y) && (
              <text {...place} fontSize={readingSize} fontWeight={600}>
                <Measure as="tspan">{text}</Measure>
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** Whether a reading stands clear of the one before it on the same edge; evenly close ones show every other. */
function hasRoom(marks: PlanWall["marks"], index: number, toSheet: (mm: number) => number): boolean {
  const mark = marks[index]!;
  const edge = marks.filter((other) => other.on === mark.on).sort((a, b) => a.at - b.at);
  const place = edge.indexOf(mark);
  const gaps = edge.slice(1).map((other, k) => Math.abs(toSheet(other.at) - toSheet(edge[k]!.at)));
  const every = Math.ceil(readingSize / Math.max(1, Math.min(readingSize, ...gaps)));
  return place % every === 0;
}

function Words({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <PlateText x={x} y={y} size={15} weight="medium" plate="fill-white">
      {text}
    </PlateText>
  );
}

/** Which hatch stands for a paint on the sheet: the base is left white, the others follow in their order. */
export function printHatches(job: Job, wall: Wall): (paint: string) => number {
  const others = job.paints.map((paint) => paint.id).filter((id) => id !== wall.base);
  return (paint) => (paint === wall.base ? 0 : 1 + (others.indexOf(paint) % (hatches.length - 1)));
}

const hatches = [
  { angle: 0, gap: 0 },
  { angle: 45, gap: 9 },
  { angle: -45, gap: 9 },
  { angle: 90, gap: 8 },
  { angle: 0, gap: 8 },
  { angle: 20, gap: 6 },
] as const;

/** The hatches, as close on the sheet where they are used in a drawing of another scale. */
export function PrintHatches({ prefix, scale }: { prefix: string; scale: number }) {
  return (
    <defs>
      {hatches.map(({ angle, gap }, index) => (
        <pattern
          key={index}
          id={`${prefix}-${index}`}
          width={gap || 10}
          height={gap || 10}
          patternUnits="userSpaceOnUse"
          patternTransform={scale === 1 ? `rotate(${angle})` : `scale(${1 / scale}) rotate(${angle})`}
        >
          <rect width="10" height="10" fill="#fff" />
          {gap > 0 && <line y2={gap} stroke="#000" strokeWidth={1.1} />}
        </pattern>
      ))}
    </defs>
  );
}
