"use client";

import { ChevronDown, ChevronUp } from "lucide-react";
import { useState, type ReactNode } from "react";
import { BuyLayer } from "@/ui/wall-view/layers/BuyLayer";
import { TimeChart } from "@/ui/stations/days/TimeChart";
import { DaysLayer } from "@/ui/wall-view/layers/DaysLayer";
import { MarkLayer } from "@/ui/wall-view/layers/MarkLayer";
import { MeasureLayer } from "@/ui/wall-view/layers/MeasureLayer";
import { PatternLayer } from "@/ui/wall-view/layers/PatternLayer";
import { WallStage, type LayerFrame } from "@/ui/wall-view/WallStage";
import { useWallsBeside } from "@/ui/stations/pattern/useWallsBeside";
import { useJobState, useWall } from "@/ui/job/JobProvider";
import { ConflictPanel } from "./ConflictPanel";
import { LeftBehind } from "./LeftBehind";
import { FoldingRule } from "./FoldingRule";
import { JobLine } from "./JobLine";
import { Ledger } from "./Ledger";
import { PlanningBar } from "./PlanningBar";
import type { StationSlug } from "./stations";
import { useAddress } from "./useAddress";

/** The shell of a job: the wall is the page, and stays while the stations change around it. */
export function Workspace({ children }: { children: ReactNode }) {
  const { wallId, station } = useAddress();
  const found = useWall(wallId);
  const [isCardFolded, setCardFolded] = useState(false);
  return (
    <div className="flex h-dvh flex-col overflow-hidden">
      <JobLine />
      <ConflictPanel />
      <LeftBehind />
      <div className="flex min-h-0 flex-1 flex-col md:flex-row">
        <FoldingRule />
        {/* A key for each wall: pan, zoom and the chosen line belong to it. */}
        {found && wallId !== null && <Stage key={wallId} wallId={wallId} station={station} />}
        <main
          className={`flex min-h-0 flex-col border-hairline bg-card md:h-auto md:border-l ${found ? "md:w-[362px]" : "flex-1"} ${isCardFolded ? "h-12 shrink-0" : found ? "h-[52%] shrink-0 md:shrink" : ""} border-t md:border-t-0`}
        >
          {found && (
            <button
              type="button"
              className="flex min-h-11 items-center justify-center gap-1 text-soft md:hidden"
              aria-expanded={!isCardFolded}
              onClick={() => setCardFolded(!isCardFolded)}
            >
              {isCardFolded ? <ChevronUp size={18} aria-hidden /> : <ChevronDown size={18} aria-hidden />}
              {isCardFolded ? "Show the card" : "Show more wall"}
            </button>
          )}
          {/* Relative, so that what is hidden inside for those who listen does not make the page longer. */}
          <div className="relative min-h-0 flex-1 overflow-y-auto px-5 py-4">{children}</div>
        </main>
      </div>
      <PlanningBar />
      <Ledger />
    </div>
  );
}

/** The wall; where its pattern is laid out, with the walls that the pattern goes on over. */
function Stage({ wallId, station }: { wallId: string; station: StationSlug | null }) {
  const beside = useWallsBeside(wallId);
  const stage = (
    <WallStage
      wallId={wallId}
      layer={(frame) => <StationLayer station={station} wallId={wallId} frame={frame} />}
      beside={station === "pattern" ? beside : undefined}
    />
  );
  if (station !== "days") return stage;
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col">
      {stage}
      <div className="hidden md:block">
        <TimeChart wallId={wallId} />
      </div>
    </div>
  );
}

function StationLayer({
  station,
  wallId,
  frame,
}: {
  station: StationSlug | null;
  wallId: string;
  frame: LayerFrame;
}) {
  const pointedAt = useJobState((state) => state.pointedAt);
  switch (station) {
    case "measure":
      return <MeasureLayer wallId={wallId} frame={frame} />;
    case "pattern":
      return <PatternLayer wallId={wallId} frame={frame} />;
    case "mark":
      return <MarkLayer wallId={wallId} frame={frame} current={pointedAt} />;
    case "buy":
      return <BuyLayer wallId={wallId} frame={frame} />;
    case "days":
      return <DaysLayer wallId={wallId} frame={frame} />;
    case null:
      return null;
    default:
      return station satisfies never;
  }
}
