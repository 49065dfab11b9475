"use client";

import { PlateText } from "@/ui/parts/PlateText";
import { formatLength } from "@/core/measure/formatLength";
import type { PlanWall } from "@/core/plan/planTypes";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { useDrawing } from "./useDrawing";
import { useHandedFinish } from "./useEditing";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { findingsAt } from "@/ui/job/findingsAt";
import { DrawOverlay } from "./DrawOverlay";
import { Handles } from "./Handles";
import { FindingFlags } from "@/ui/wall-view/FindingFlags";
import { RegionLabels } from "@/ui/wall-view/RegionLabels";

/** The finish in hand, to be moved and drawn on the wall, with what was noticed about it. */
export function PatternLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const found = useShownWall(wallId);
  const handed = useHandedFinish(wallId);
  const drawing = useDrawing(wallId);
  if (!found?.plan) return null;
  const { plan } = found;
  return (
    <g>
      <RegionLabels plan={plan} frame={frame} />
      {plan.fit && <SpanNote wallId={wallId} plan={plan} frame={frame} />}
      {handed && !drawing && <Handles key={handed.spec.id} handed={handed} frame={frame} />}
      {drawing && <DrawOverlay drawing={drawing} frame={frame} />}
      <FindingFlags findings={findingsAt(plan, "pattern")} frame={frame} />
    </g>
  );
}

function SpanNote({ wallId, plan, frame }: { wallId: string; plan: PlanWall; frame: LayerFrame }) {
  const job = useJob();
  const wall = job.walls.find((candidate) => candidate.id === wallId)!;
  const { chosen, noun } = plan.fit!;
  const width = chosen.width === null ? "" : ` of ${formatLength(chosen.width, job.units)}`;
  const ends = chosen.ends === "same" ? "ends alike" : "ends different";
  const text = `${chosen.count} ${noun}s${width}, ${ends}`;
  const y = frame.y(frame.box.minY) + 24;
  const [left, right] = [frame.x(0), frame.x(wall.width)];
  return (
    <g aria-hidden="true" pointerEvents="none">
      <line x1={left} x2={right} y1={y} y2={y} className="stroke-ink" strokeWidth={0.8} />
      <path d={`M${left - 4} ${y + 4}l8 -8M${right - 4} ${y + 4}l8 -8`} className="stroke-ink" />
      <PlateText x={(left + right) / 2} y={y + 4.5} size={13} plate="fill-plaster">
        {text}
      </PlateText>
    </g>
  );
}
