"use client";

import { nowOfPlan } from "@/core/plan/nowOfPlan";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { piecesOf } from "@/core/plan/workOfStep";
import { useJob, usePlan, useShownWall } from "@/ui/job/JobProvider";
import { PencilRing } from "@/ui/wall-view/PencilOverlay";
import { PlacePencil } from "@/ui/wall-view/PlacePencil";
import { StandingLayer } from "@/ui/wall-view/StandingLayer";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { nextThings } from "@/ui/job/nextThings";
import { usePointedAt } from "./pointedAt";
import { usePiecesDone } from "./usePiecesDone";
import { useHands } from "@/ui/job/useHands";

interface Props {
  readonly wallId: string;
  readonly frame: LayerFrame;
}

/** The wall as it stands now, and on it nothing else in full light than where the next thing is done. */
export function PaintLayer({ wallId, frame }: Props) {
  const plan = usePlan();
  const { work } = useJob();
  const { own } = useHands();
  const { person, isPlacing, place, placeAt, startPlacing } = usePointedAt();
  const found = useShownWall(wallId);
  const all = nextThings(plan, work.crew);
  const step = (all.find((one) => one.person === (person ?? own)) ?? all[0])?.step;
  return (
    <>
      <StandingLayer wallId={wallId} frame={frame} time={nowOfPlan(plan) ?? 0} />
      {found?.plan && step?.wall === wallId && <StepOnWall step={step} plan={found.plan} frame={frame} />}
      {place?.wall === wallId && <PencilRing x={frame.x(place.at[0])} y={frame.y(place.at[1])} />}
      {isPlacing && (
        <PlacePencil
          label="Where it went wrong"
          frame={frame}
          onSet={({ x, y }) => placeAt({ wall: wallId, at: [x, y] })}
          onCancel={() => startPlacing(false)}
        />
      )}
    </>
  );
}

/** Where a step is done; its pieces can be pointed at to tell how far it is. */
function StepOnWall({ step, plan, frame }: { step: PlanStep; plan: PlanWall; frame: LayerFrame }) {
  const { piece, pointAt } = usePointedAt();
  const ids = new Set(step.does.flatMap((one) => one.ids));
  const isDone = usePiecesDone(step);
  const pieces = piecesOf(step);
  const inPieces = new Set(pieces.map(({ id }) => id));
  const done = new Set(pieces.filter(isDone).map(({ id }) => id));
  /** What is done of it is looked at, and not for a hand to find. */
  const toneOf = (id: string) => (done.has(id) && piece?.id !== id ? "stroke-none" : "stroke-violet");
  const areas = areasOf(plan, ids);
  const lines = plan.tape.filter(({ id }) => ids.has(id));
  const marks = plan.marks.filter(({ id }) => ids.has(id));
  const path = (rings: readonly (readonly PlanPoint[])[]) =>
    rings.map((ring) => `M${ring.map(([x, y]) => `${frame.x(x)} ${frame.y(y)}`).join("L")}Z`).join("");
  const { minX, maxX, minY, maxY } = frame.box;
  const whole = path([
    [
      [minX, minY],
      [maxX, minY],
      [maxX, maxY],
      [minX, maxY],
    ],
  ]);
  const point = (id: string) =>
    step.state === "running" && inPieces.has(id) ? () => pointAt({ step: step.id, id }) : undefined;
  return (
    <g aria-hidden="true">
      {areas.length > 0 && (
        <path
          d={whole + areas.map(({ rings }) => path(rings)).join("")}
          fillRule="evenodd"
          className="fill-plaster"
          fillOpacity={0.72}
          pointerEvents="none"
        />
      )}
      {areas.map(({ id, rings }) => (
        <path
          key={id}
          d={path(rings)}
          fill="transparent"
          fillRule="evenodd"
          className={toneOf(id)}
          strokeWidth={piece?.id === id ? 4 : 1.8}
          pointerEvents={point(id) ? "all" : "none"}
          onClick={point(id)}
        />
      ))}
      {lines.map(({ id, path: points }) => (
        <polyline
          key={id}
          points={points.map(([x, y]) => `${frame.x(x)},${frame.y(y)}`).join(" ")}
          fill="none"
          className={toneOf(id)}
          strokeWidth={piece?.id === id ? 8 : 4}
          pointerEvents={point(id) ? "stroke" : "none"}
          onClick={point(id)}
        />
      ))}
      {marks.map(({ id, axis, at }) => (
        <line
          key={id}
          x1={frame.x(axis === "x" ? at : minX)}
          x2={frame.x(axis === "x" ? at : maxX)}
          y1={frame.y(axis === "x" ? minY : at)}
          y2={frame.y(axis === "x" ? maxY : at)}
          className="stroke-violet"
          strokeWidth={1.4}
          strokeDasharray="7 5"
          pointerEvents="none"
        />
      ))}
    </g>
  );
}

interface Area {
  readonly id: string;
  readonly rings: readonly (readonly PlanPoint[])[];
}

const ringOf = ([x, y, width, height]: readonly [number, number, number, number]): PlanPoint[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

/** Regions, prints, bricks and sections among some ids, as they lie on the wall. */
function areasOf(
  { regions, prints = [], bricks = [], coats = [] }: PlanWall,
  ids: ReadonlySet<string>,
): Area[] {
  // Every coat has its sections: those that stand in several are drawn once.
  const sections = new Map(coats.flatMap((coat) => coat.sections).map((one) => [one.id, one]));
  return [
    ...regions.map(({ id, outline, holes }) => ({ id, rings: [outline, ...holes] })),
    ...prints
      .flatMap(({ list }) => list)
      .map(({ id, at: [x, y], width, height }) => ({
        id,
        rings: [ringOf([x - width / 2, y - height / 2, width, height])],
      })),
    ...bricks.flatMap(({ list }) => list).map(({ id, box }) => ({ id, rings: [ringOf(box)] })),
    ...[...sections.values()].map(({ id, box }) => ({ id, rings: [ringOf(box)] })),
  ].filter(({ id }) => ids.has(id));
}
