"use client";

import { useId, useMemo } from "react";
import type { PlanPoint, PlanRegion } from "@/core/plan/planTypes";
import { stateAt, type CoatedAt } from "@/core/plan/stateAt";
import { useJob, usePlan, useShownWall } from "@/ui/job/JobProvider";
import { PlateText } from "@/ui/parts/PlateText";
import { NotYetMade } from "./NotYetMade";
import { keepApart, type Wanted } from "./keepApart";
import type { LayerFrame } from "./WallStage";

const rawPlaster = "#fbf8f1";
const leastLabelPx = 18;
const pxPerLetter = 6.6;
/** A triangle is about half as wide where its label stands as it is at its foot. */
const fillShare = 0.62;
const mostLabelled = 60;

interface Props {
  readonly wallId: string;
  readonly frame: LayerFrame;
  /** Minutes from midnight before the plan's first day. */
  readonly time: number;
}

/** The wall as it stands at a moment: what is bare, wet, drying, done, and the tape on it. */
export function StandingLayer({ wallId, frame, time }: Props) {
  const found = useShownWall(wallId);
  const job = useJob();
  const plan = usePlan();
  const hatch = useId().replace(/[^\w-]/g, "");
  const standing = useMemo(() => stateAt(plan, time).get(wallId), [plan, wallId, time]);
  if (!found?.plan || !plan.work || !standing) return null;
  const { wall, plan: planned } = found;
  const base = standing.hasBase ? job.paints.find(({ id }) => id === wall.base)!.hex : rawPlaster;
  const path = (rings: readonly (readonly PlanPoint[])[]) =>
    rings.map((ring) => `M${ring.map(([x, y]) => `${frame.x(x)} ${frame.y(y)}`).join("L")}Z`).join("");
  const groundOf = (region: PlanRegion | undefined) =>
    region && standing.regions.get(region.id)?.state !== "bare"
      ? (job.paints.find(({ id }) => id === region.colour)?.hex ?? base)
      : base;
  const isLabelled = planned.regions.length <= mostLabelled;
  return (
    <g aria-hidden="true" pointerEvents="none">
      <defs>
        <pattern id={hatch} width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line y2={9} stroke="#fff" strokeOpacity={0.6} strokeWidth={3} />
          <line x1={3} x2={3} y2={9} stroke="#000" strokeOpacity={0.3} strokeWidth={1.5} />
        </pattern>
      </defs>
      <NotYetMade plan={planned} standing={standing} frame={frame} groundOf={groundOf} />
      {planned.regions.map((region) => {
        const { state, coats } = standing.regions.get(region.id)!;
        const d = path([region.outline, ...region.holes]);
        const isHidden = state === "bare" && (coats > 0 || !standing.hasBase);
        return (
          <g key={region.id}>
            {isHidden && <path d={d} fill={base} fillRule="evenodd" />}
            {isHidden && coats > 0 && (
              <path
                d={d}
                fill="none"
                stroke="#2b1f33"
                strokeOpacity={0.45}
                strokeDasharray="3 4"
                strokeWidth={0.8}
              />
            )}
            {(state === "wet" || state === "drying") && (
              <path d={d} fill={`url(#${hatch})`} fillRule="evenodd" />
            )}
          </g>
        );
      })}
      {planned.tape
        .filter(({ id }) => standing.tape.has(id))
        .map((piece) => (
          <polyline
            key={piece.id}
            points={piece.path.map(([x, y]) => `${frame.x(x)},${frame.y(y)}`).join(" ")}
            fill="none"
            stroke="#d9b866"
            strokeWidth={Math.max(3, piece.width * frame.view.scale)}
            strokeOpacity={0.95}
          />
        ))}
      {isLabelled &&
        keepApart(
          planned.regions.flatMap((region) => wordOf(region, standing.regions.get(region.id)!, frame)),
        ).map(({ id, text, x, y, size }) => (
          <PlateText key={id} x={x} y={y} size={size}>
            {text}
          </PlateText>
        ))}
    </g>
  );
}

/** Where words do not fit, the round alone; nothing on what is left in base, or too small. */
function wordOf({ id, outline, label }: PlanRegion, at: CoatedAt, frame: LayerFrame): Wanted[] {
  if (at.round === null) return [];
  const xs = outline.map(([x]) => x);
  const width = (Math.max(...xs) - Math.min(...xs)) * frame.view.scale;
  const heights = outline.map(([, y]) => y);
  const height = (Math.max(...heights) - Math.min(...heights)) * frame.view.scale;
  if (Math.min(width, height) < leastLabelPx) return [];
  const words = stateWords(at);
  const isRoomy = words.length * pxPerLetter < width * fillShare;
  const texts = [...(isRoomy ? [words] : []), String(at.round)];
  return [{ id, texts, x: frame.x(label[0]), y: frame.y(label[1]) + 4, size: 12 }];
}

function stateWords({ state, round, coatsDone, coats }: CoatedAt): string {
  switch (state) {
    case "bare":
      return `round ${round}`;
    case "wet":
      return `coat ${coatsDone + 1} of ${coats}`;
    case "drying":
      return coatsDone === coats ? "drying" : `${coatsDone} of ${coats} on`;
    case "done":
      return `done, round ${round}`;
    default:
      return state satisfies never;
  }
}
