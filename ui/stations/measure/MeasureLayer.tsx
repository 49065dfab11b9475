"use client";

import { PlateText } from "@/ui/parts/PlateText";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import type { Wall } from "@/core/wall/schema";
import { useJob, useJobState, useShownWall } from "@/ui/job/JobProvider";
import { findingsAt } from "@/ui/job/findingsAt";
import { exaggerate } from "./exaggerate";
import { FindingFlags } from "@/ui/wall-view/FindingFlags";
import { JudgedLine } from "./JudgedLine";
import { MovableThings } from "./MovableThings";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** The readings where they were taken, things to be dragged into place, and the line that is judged. */
export function MeasureLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const found = useShownWall(wallId);
  const { units } = useJob();
  const isExaggerated = useJobState((state) => state.isExaggerated);
  if (!found) return null;
  const { wall, plan } = found;
  return (
    <g>
      {isExaggerated && <Exaggerated wall={wall} frame={frame} />}
      <g aria-hidden="true" pointerEvents="none">
        {wall.survey && <Stations wall={wall} frame={frame} />}
        <Dimension
          x1={frame.x(0)}
          x2={frame.x(wall.width)}
          y={frame.y(frame.box.minY) + 24}
          text={formatSpan(wall.width, units)}
        />
        {wall.conditions.map(
          ({ at, kind }, index) =>
            at && (
              <ConditionMark
                key={index}
                x={frame.x(at[0])}
                y={frame.y(at[1])}
                text={kind.replace("-", " ")}
              />
            ),
        )}
        {[...wall.openings, ...wall.fixtures].map((thing) => (
          <ThingWords key={thing.id} thing={thing} frame={frame} />
        ))}
      </g>
      {plan?.survey && <JudgedLine wallId={wallId} survey={plan.survey} frame={frame} />}
      <MovableThings wallId={wallId} wall={wall} frame={frame} />
      <FindingFlags findings={findingsAt(plan, "wall")} frame={frame} />
    </g>
  );
}

/** The level line with its stations, and the readings down and up from it. */
function Stations({ wall, frame }: { wall: Wall; frame: LayerFrame }) {
  const { units } = useJob();
  const { stations } = wall.survey!;
  const line = "stroke-violet";
  const dash = { strokeDasharray: "10 6", strokeWidth: 1.3 };
  const labelled = (index: number) =>
    index === 0 || frame.x(stations[index]!.x) - frame.x(stations[index - 1]!.x) > 34;
  return (
    <g>
      <line
        x1={frame.x(0) - 12}
        x2={frame.x(wall.width) + 12}
        y1={frame.y(0)}
        y2={frame.y(0)}
        className={line}
        {...dash}
      />
      {[0, wall.width].map((x) => (
        <line
          key={x}
          x1={frame.x(x)}
          x2={frame.x(x)}
          y1={frame.y(frame.box.maxY) - 8}
          y2={frame.y(frame.box.minY) + 8}
          className={line}
          {...dash}
        />
      ))}
      {stations.map(({ x, down, up }, index) => (
        <g key={index}>
          <circle cx={frame.x(x)} cy={frame.y(0)} r={3.5} className="fill-violet" />
          {labelled(index) &&
            [
              { y: up * 0.82, text: formatLength(up, units) },
              { y: -down * 0.62, text: formatLength(down, units) },
            ].map(({ y, text }) => (
              <PlateText
                key={text + y}
                x={frame.x(x) + (index === stations.length - 1 ? -6 : 14)}
                y={frame.y(y)}
                turn={-90}
                tone="fill-violet"
              >
                {text}
              </PlateText>
            ))}
        </g>
      ))}
    </g>
  );
}

/** What is out of true, ten times over, with how much it is at each corner. */
function Exaggerated({ wall, frame }: { wall: Wall; frame: LayerFrame }) {
  const { units } = useJob();
  const { points, notes } = exaggerate(wall);
  const d = points.map(({ x, y }) => `${frame.x(x)} ${frame.y(y)}`).join("L");
  return (
    <g aria-hidden="true" pointerEvents="none">
      <path d={`M${d}Z`} className="fill-violet/10 stroke-violet" strokeWidth={2} />
      {notes.map(({ at, off }, index) => (
        <PlateText
          key={index}
          x={frame.x(at.x)}
          y={frame.y(at.y) + (at.y > 0 ? 18 : -10)}
          tone="fill-violet"
          weight="bold"
        >
          {`${off > 0 ? "+" : "−"}${formatLength(Math.abs(off), units)}`}
        </PlateText>
      ))}
    </g>
  );
}

/** A place that wants preparing before the first coat. */
function ConditionMark({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <g>
      <path d={`M${x - 6} ${y - 6}l12 12m0 -12l-12 12`} className="stroke-ochre" strokeWidth={2.5} />
      <Words x={x} y={y + 20} text={text} />
    </g>
  );
}

/** A thing that stands this near the floor has its reading above its foot, clear of the wall's own. */
const nearFloorMm = 120;

function ThingWords({
  thing,
  frame,
}: {
  thing: Wall["openings"][number] | Wall["fixtures"][number];
  frame: LayerFrame;
}) {
  const { units } = useJob();
  const length = (mm: number) => formatLength(mm, units);
  const isOpening = "casing" in thing;
  const [x, middle] = [frame.x(thing.x + thing.width / 2), frame.y(thing.y + thing.height / 2)];
  if (!isOpening) return <Words x={x} y={frame.y(thing.y) + 15} text={thing.name ?? thing.kind} />;
  return (
    <g>
      <Words x={x} y={middle - 3} text={thing.name ?? thing.kind} strong />
      <Words x={x} y={middle + 14} text={`${length(thing.width)} × ${length(thing.height)}`} />
      <Dimension
        x1={frame.x(0)}
        x2={frame.x(thing.x)}
        y={frame.y(thing.y) + (thing.y - frame.box.minY < nearFloorMm ? -26 : 14)}
        text={length(thing.x)}
      />
    </g>
  );
}

function Words({ x, y, text, strong }: { x: number; y: number; text: string; strong?: boolean }) {
  return (
    <PlateText x={x} y={y} weight={strong ? "bold" : "medium"}>
      {text}
    </PlateText>
  );
}

function Dimension({ x1, x2, y, text }: { x1: number; x2: number; y: number; text: string }) {
  if (x2 - x1 < 8) return null;
  return (
    <g>
      <line x1={x1} x2={x2} y1={y} y2={y} className="stroke-ink" strokeWidth={0.9} />
      <path d={`M${x1 - 4} ${y + 4}l8 -8M${x2 - 4} ${y + 4}l8 -8`} className="stroke-ink" />
      <Words x={(x1 + x2) / 2} y={y + 4} text={text} strong />
    </g>
  );
}
