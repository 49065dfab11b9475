"use client";

import type { SurveyDocument } from "@/ui/job/jobDocument";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { cornersOfWall } from "@/core/wall/boxOfWall";
import { wallSchema } from "@/core/wall/schema";
import { mmOf } from "@/ui/job/writtenLength";
import { PlateText } from "@/ui/parts/PlateText";

interface Props {
  readonly survey: SurveyDocument;
  readonly units: UnitSystem;
  readonly isSurveyed: boolean;
  /** What is written where nothing is read yet. */
  readonly first: string;
}

const view = { width: 620, height: 520 };
const margin = 64;
/** Room for a wall of which little is known yet, mm. */
const firstRoom = { width: 4200, down: 1300, up: 1450 };

/** The outline that the readings make, once there are two stations that hold together. */
function outlineSoFar(survey: SurveyDocument) {
  if (survey.stations.length < 2) return null;
  const wall = wallSchema.safeParse({ id: "draft", base: "draft", survey });
  return wall.success ? cornersOfWall(wall.data) : null;
}

/** The wall as far as it has been read: level line, plumb line, stations, and the outline that they make so far. */
export function DraftWall({ survey, units, isSurveyed, first }: Props) {
  const stations = survey.stations.map(({ x, down, up }) => ({ x: mmOf(x), down: mmOf(down), up: mmOf(up) }));
  const known = stations.length > 1;
  const width = known ? Math.max(1, ...stations.map(({ x }) => x)) : firstRoom.width;
  const low = Math.max(...stations.map(({ down }) => down), isSurveyed && !known ? firstRoom.down : 1);
  const high = Math.max(
    ...stations.map(({ up }) => up),
    known && stations.some(({ up }) => up > 0) ? 1 : firstRoom.up,
  );
  const scale = Math.min((view.width - 2 * margin) / width, (view.height - 2 * margin) / (low + high));
  const left = (view.width - width * scale) / 2;
  const x = (mm: number) => left + mm * scale;
  const y = (mm: number) => margin + (high - mm) * scale;
  const outline = outlineSoFar(survey);
  return (
    <svg
      viewBox={`0 0 ${view.width} ${view.height}`}
      className="size-full"
      role="img"
      aria-label="The wall so far"
    >
      {outline && (
        <path
          d={`M${outline.map((corner) => `${x(corner.x)} ${y(corner.y)}`).join("L")}Z`}
          className="fill-paper stroke-ink"
          strokeWidth={1.6}
        />
      )}
      <line
        x1={x(0)}
        x2={x(0)}
        y1={y(-low) + 14}
        y2={y(high) - 14}
        className="stroke-violet"
        strokeDasharray="10 6"
        strokeWidth={1.3}
      />
      {isSurveyed && (
        <line
          x1={x(0) - 14}
          x2={x(width) + 14}
          y1={y(0)}
          y2={y(0)}
          className="stroke-violet"
          strokeDasharray="10 6"
          strokeWidth={1.3}
        />
      )}
      {isSurveyed &&
        stations.map((station, index) => (
          <g key={index}>
            <line
              x1={x(station.x)}
              x2={x(station.x)}
              y1={y(-station.down)}
              y2={y(station.up)}
              className="stroke-soft"
            />
            <circle cx={x(station.x)} cy={y(0)} r={4} className="fill-violet" />
            <Words x={x(station.x)} y={y(station.up / 2)} text={formatLength(station.up, units)} />
            <Words x={x(station.x)} y={y(-station.down / 2)} text={formatLength(station.down, units)} />
          </g>
        ))}
      {known && <Words x={x(width / 2)} y={y(-low) + 34} text={formatSpan(width, units)} />}
      {stations.length === 0 && (
        <PlateText x={x(width / 2)} y={y(0) - 14} size={17} weight="medium">
          {first}
        </PlateText>
      )}
    </svg>
  );
}

function Words({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <PlateText x={x} y={y + 5} size={17}>
      {text}
    </PlateText>
  );
}
