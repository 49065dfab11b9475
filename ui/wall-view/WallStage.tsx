"use client";

import dynamic from "next/dynamic";
import { Maximize, Minus, Plus, SquareSplitHorizontal } from "lucide-react";
import { memo, useId, useMemo, useState, type KeyboardEvent, type ReactNode } from "react";
import type { Box } from "@/core/geometry/curve";
import { formatSpan } from "@/core/measure/formatLength";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob, usePlan, useShownWall } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { useSame } from "@/ui/parts/useSame";
import { Ruler } from "./Ruler";
import { noRoom, useView, type Margins, type Size, type View } from "./useView";
import { useLookedAt } from "@/ui/job/patternHand";
import { useSmallLook } from "./useSmallLook";
import { useWallsBeside, type WallBeside } from "./useWallsBeside";
import { isForCanvas } from "./isForCanvas";
import { WallDrawing } from "./WallDrawing";

/** What a station's layer may draw with: px on the stage for mm on the wall. */
export interface LayerFrame {
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly view: View;
  readonly size: Size;
  /** What the wall takes up, in mm from its datum. */
  readonly box: Box;
}

const noWall: Box = { minX: 0, maxX: 4000, minY: 0, maxY: 2600 };
const sizeOf = ({ minX, maxX, minY, maxY }: Box): Size => ({ width: maxX - minX, height: maxY - minY });

interface Props {
  readonly wallId: string;
  readonly layer: (frame: LayerFrame) => ReactNode;
  /** Whether the walls that the finish in hand goes on over are drawn unfolded beside this one. */
  readonly unfoldsRun?: boolean;
  /** What the layer needs free around the wall, between it and its rulers. */
  readonly room?: (wall: PlanWall, plan: Plan) => Margins;
}

const noWalls: readonly WallBeside[] = [];

/** What the wall takes up together with those beside it. */
function boxWith(box: Box, beside: readonly WallBeside[]): Box {
  const boxes = [
    box,
    ...beside.map(({ wall, offset }) => {
      const { minX, maxX, ...heights } = boxOfWall(wall);
      return { minX: minX + offset, maxX: maxX + offset, ...heights };
    }),
  ];
  return {
    minX: Math.min(...boxes.map(({ minX }) => minX)),
    maxX: Math.max(...boxes.map(({ maxX }) => maxX)),
    minY: Math.min(...boxes.map(({ minY }) => minY)),
    maxY: Math.max(...boxes.map(({ maxY }) => maxY)),
  };
}

/** Most walls have no use for it. */
const WallCanvas = dynamic(() => import("./WallCanvas").then((module) => module.WallCanvas), { ssr: false });

/** The wall to scale between two tape measures; each station draws its own layer over it. */
export function WallStage({ wallId, layer, unfoldsRun = false, room: roomFor }: Props) {
  const found = useShownWall(wallId);
  const run = useWallsBeside(wallId);
  const beside = unfoldsRun ? run : noWalls;
  const job = useJob();
  const all = usePlan();
  const hatchId = useId().replace(/[^\w-]/g, "");
  const [hatched, setHatched] = useState(false);
  const wall = found?.wall;
  const box = useSame(wall ? boxOfWall(wall) : noWall);
  const whole = useSame(boxWith(box, beside));
  const room = useSame(found?.plan && roomFor ? roomFor(found.plan, all) : noRoom);
  const { stage, size, isMeasured, view, zoom, fit, isFitted } = useView(sizeOf(whole), room);
  const frame = useMemo(
    (): LayerFrame => ({
      x: (mm) => view.left + (mm - whole.minX) * view.scale,
      y: (mm) => view.top + (whole.maxY - mm) * view.scale,
      view,
      size,
      box,
    }),
    [view, size, box, whole],
  );
  const plan = useLookedAt(found?.plan ?? null, wallId);
  if (!wall) return null;
  const isOnCanvas = plan !== null && !hatched && isForCanvas(plan);
  return (
    <section
      aria-label={`${wall.name ?? wall.id}, drawn to scale`}
      className="relative flex min-h-0 min-w-0 flex-1 flex-col"
    >
      <StageHead
        wall={wall}
        high={box.maxY - box.minY}
        isHatched={hatched}
        isFitted={isFitted}
        onHatch={() => setHatched(!hatched)}
        onZoom={zoom}
        onFit={fit}
      />
      {/* The stage takes keys to zoom, so it is a stop of its own for the keyboard. */}
      <div
        ref={stage}
        className="relative min-h-0 flex-1 touch-none overflow-hidden"
        tabIndex={0}
        role="group"
        aria-label="Wall view; plus and minus zoom, 0 fits"
        onKeyDown={zoomByKeys(zoom, fit)}
      >
        {/* Very many pieces are not drawn for a size that nobody sees. */}
        {isOnCanvas && isMeasured && (
          <WallCanvas
            wall={wall}
            plan={plan}
            paints={job.paints}
            view={view}
            origin={{ x: frame.x(0), y: frame.y(box.maxY) }}
            size={size}
          />
        )}
        <svg width={size.width} height={size.height} className="absolute inset-0 block select-none">
          <Walls
            wall={wall}
            plan={plan}
            beside={beside}
            frame={frame}
            hatch={hatched ? hatchId : undefined}
            isOnCanvas={isOnCanvas}
          />
          {beside.map((other) => (
            <BesideName key={other.wall.id} beside={other} frame={frame} />
          ))}
          {layer(frame)}
          <Rulers frame={frame} room={room} />
        </svg>
      </div>
    </section>
  );
}

/** Plus and minus zoom, 0 fits. */
const zoomByKeys = (zoom: (factor: number) => void, fit: () => void) => (event: KeyboardEvent) => {
  if (event.key === "+" || event.key === "=") zoom(1.25);
  else if (event.key === "-") zoom(0.8);
  else if (event.key === "0") fit();
  else return;
  event.stopPropagation();
};

interface WallsProps {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly beside: readonly WallBeside[];
  readonly frame: LayerFrame;
  readonly hatch: string | undefined;
  readonly isOnCanvas: boolean;
}

/** The wall itself, between those that are unfolded beside it. */
function Walls({ wall, plan, beside, frame, hatch, isOnCanvas }: WallsProps) {
  const { paints } = useJob();
  const { box } = frame;
  const small = useSmallLook(wall, plan, paints);
  return (
    <>
      {beside.map((other) => (
        <g
          key={other.wall.id}
          role="img"
          aria-label={`${other.wall.name ?? other.wall.id}, around the corner`}
          transform={`translate(${frame.x(other.offset)} ${frame.y(boxOfWall(other.wall).maxY)}) scale(${frame.view.scale})`}
        >
          <WallDrawing wall={other.wall} plan={other.plan} paints={paints} />
        </g>
      ))}
      <g
        role="img"
        data-wall
        aria-label={`${wall.name ?? wall.id}, as it will look`}
        transform={`translate(${frame.x(0)} ${frame.y(box.maxY)}) scale(${frame.view.scale})`}
      >
        <WallDrawing
          wall={wall}
          plan={plan}
          paints={paints}
          hatch={hatch}
          small={small}
          isOnCanvas={isOnCanvas}
        />
      </g>
    </>
  );
}

interface HeadProps {
  readonly wall: Wall;
  readonly high: number;
  readonly isHatched: boolean;
  readonly isFitted: boolean;
  readonly onHatch: () => void;
  readonly onZoom: (factor: number) => void;
  readonly onFit: () => void;
}

/** What the wall is called, how large it is, and how it is looked at. */
function StageHead({ wall, high, isHatched, isFitted, onHatch, onZoom, onFit }: HeadProps) {
  const { units } = useJob();
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 px-4 pt-3 max-md:sr-only md:pl-[62px]">
      <h1 className="text-lg font-bold">{wall.name ?? wall.id}</h1>
      <p className="text-[0.9375rem] text-soft">
        <Measure>{`${formatSpan(wall.width, units)} wide, ${formatSpan(high, units)} high`}</Measure>
      </p>
      <div className="ml-auto hidden gap-1 md:flex">
        <Button look="quiet" aria-pressed={isHatched} onClick={onHatch} title="Tell paints apart by hatch">
          <SquareSplitHorizontal size={17} aria-hidden /> Hatch
        </Button>
        <Button look="quiet" aria-label="Zoom out" onClick={() => onZoom(0.8)}>
          <Minus size={17} aria-hidden />
        </Button>
        <Button look="quiet" aria-label="Zoom in" onClick={() => onZoom(1.25)}>
          <Plus size={17} aria-hidden />
        </Button>
        <Button look="quiet" onClick={onFit} disabled={isFitted}>
          <Maximize size={16} aria-hidden /> Fit
        </Button>
      </div>
    </div>
  );
}

/** What a wall beside this one is called, at its foot, and the fold of the corner between them. */
function BesideName({ beside: { wall, offset }, frame }: { beside: WallBeside; frame: LayerFrame }) {
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const corner = frame.x(offset > 0 ? offset + minX : offset + maxX);
  return (
    <g aria-hidden="true" pointerEvents="none">
      <line
        x1={corner}
        x2={corner}
        y1={frame.y(maxY) - 8}
        y2={frame.y(minY) + 8}
        className="stroke-ink"
        strokeWidth={1.2}
        strokeDasharray="2 4"
      />
      <text
        x={frame.x(offset + (minX + maxX) / 2)}
        y={frame.y(minY) + 24}
        textAnchor="middle"
        className="fill-soft text-[13px]"
      >
        {`${wall.name ?? wall.id}, around the corner`}
      </text>
    </g>
  );
}

const Rulers = memo(function Rulers({ frame, room }: { frame: LayerFrame; room: Margins }) {
  const { units } = useJob();
  const { view, size, box } = frame;
  // The rulers lie beside the wall, but never leave the stage when it is panned or zoomed.
  const top = Math.min(Math.max(2, view.top - room.top - 40), size.height - 30);
  const left = Math.min(Math.max(2, view.left - room.left - 44), size.width - 40);
  return (
    <>
      <g transform={`translate(0 ${top})`}>
        <Ruler
          axis="x"
          units={units}
          scale={view.scale}
          zero={frame.x(0)}
          length={size.width}
          extent={[box.minX, box.maxX]}
        />
      </g>
      <g transform={`translate(${left} 0)`}>
        <Ruler
          axis="y"
          units={units}
          scale={view.scale}
          zero={frame.y(0)}
          length={size.height}
          extent={[box.minY, box.maxY]}
        />
      </g>
    </>
  );
});
