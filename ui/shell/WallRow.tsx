"use client";

import { ChevronLeft, ChevronRight, Plus } from "lucide-react";
import Link from "next/link";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import type { Paint } from "@/core/paint/schema";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useSmallLook } from "@/ui/wall-view/useSmallLook";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { UnitSwitch } from "./UnitSwitch";
import { useRowInSight } from "./useRowInSight";
import { wallsInRunOrder } from "./wallsInRunOrder";

/** The walls of the job as a row of little elevations, in the order of their runs. The one that is open is always in sight. */
export function WallRow() {
  const job = useJob();
  const plan = usePlan();
  const jobId = useJobState((state) => state.jobId);
  const { wallId, station } = useAddress();
  const { row, out, goOn } = useRowInSight(`${wallId} ${job.walls.length}`);
  const edges = `${out.left > 0 ? "mask-l-from-[calc(100%-2.5rem)]" : ""} ${out.right > 0 ? "mask-r-from-[calc(100%-2.5rem)]" : ""}`;
  return (
    <div className="order-last flex w-full min-w-0 items-stretch md:order-none md:w-auto md:flex-1">
      {out.left > 0 && <MoreWalls count={out.left} onClick={() => goOn(-1)} />}
      <nav
        ref={row}
        aria-label="Walls"
        className={`flex min-w-0 flex-1 gap-1 overflow-x-auto [scrollbar-width:none] ${edges}`}
      >
        {wallsInRunOrder(job).map(({ wall, isJoined }) => {
          const isHere = wall.id === wallId;
          const name = wall.name ?? wall.id;
          return (
            <Link
              key={wall.id}
              href={stationPath(jobId, wall.id, station ?? "pattern")}
              aria-current={isHere ? "page" : undefined}
              data-in-row
              className={`relative flex min-h-11 shrink-0 flex-col items-start justify-end gap-0.5 border-b-[3px] ${isJoined ? "-ml-1 pl-3" : "pl-2"} pr-2 pb-1 text-[0.8125rem] ${isHere ? "border-violet font-semibold" : "border-transparent text-soft hover:border-hairline"}`}
            >
              {isJoined && <CornerMark />}
              <LittleWall
                wall={wall}
                plan={plan.walls.find((other) => other.id === wall.id) ?? null}
                paints={job.paints}
              />
              <span className="max-w-44 truncate" title={name}>
                {name}
              </span>
            </Link>
          );
        })}
        <Link
          href={`/jobs/${encodeURIComponent(jobId)}/add-wall`}
          className="flex min-h-11 shrink-0 items-center gap-1 rounded-md px-2 text-[0.875rem] text-soft hover:bg-violet-wash hover:text-ink"
        >
          <Plus size={16} aria-hidden /> Wall
        </Link>
      </nav>
      {out.right > 0 && <MoreWalls count={out.right} onClick={() => goOn(1)} isRight />}
      <div className="self-center pl-2 md:hidden">
        <UnitSwitch />
      </div>
    </div>
  );
}

function LittleWall({ wall, plan, paints }: { wall: Wall; plan: PlanWall | null; paints: readonly Paint[] }) {
  const small = useSmallLook(wall, plan, paints);
  return (
    <MiniWall wall={wall} plan={plan} paints={paints} small={small} className="hidden h-7 w-16 md:block" />
  );
}

/** How many walls are out of sight on a side, and the way to them. The keyboard reaches them by the row itself. */
function MoreWalls({
  count,
  isRight = false,
  onClick,
}: {
  count: number;
  isRight?: boolean;
  onClick: () => void;
}) {
  const Arrow = isRight ? ChevronRight : ChevronLeft;
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-hidden="true"
      className={`hidden min-h-11 shrink-0 items-center gap-0.5 px-1 md:flex text-[0.8125rem] whitespace-nowrap text-violet hover:bg-violet-wash ${isRight ? "" : "flex-row-reverse"}`}
      onClick={onClick}
    >
      {`${count} more`}
      <Arrow size={15} aria-hidden />
    </button>
  );
}

/** The corner around which a wall goes on from the one before it. */
function CornerMark() {
  return (
    <svg
      width="9"
      height="38"
      viewBox="0 0 9 38"
      className="absolute top-1 -left-px hidden md:block"
      role="img"
      aria-label="around the corner"
    >
      <path d="M1 1l6 5v26l-6 5" fill="none" className="stroke-soft" strokeWidth={1.4} />
    </svg>
  );
}
