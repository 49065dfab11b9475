"use client";

import { ChevronDown, ChevronUp } from "lucide-react";
import dynamic from "next/dynamic";
import { useEffect, useState, type ReactNode } from "react";
import { SkipLink } from "@/ui/parts/SkipLink";
import { useFolds } from "@/ui/parts/useFolds";
import { stationOf } from "@/ui/stations/registry";
import type { Station } from "@/ui/stations/station";
import { WallStage } from "@/ui/wall-view/WallStage";
import { useJobState, useWall } from "@/ui/job/JobProvider";
import { NotKept } from "./NotKept";
import { PlanningBar } from "./PlanningBar";
import { FoldingRule } from "./FoldingRule";
import { JobLine } from "./JobLine";
import { Ledger } from "./ledger/Ledger";
import { TourOnce } from "./TourOnce";
import { useAddress } from "@/ui/job/useAddress";

/** Few ever see it, and only who has a connection: what may be needed without one comes with the page. */
const ConflictPanel = dynamic(() => import("./ConflictPanel").then((module) => module.ConflictPanel));

/** A word about what is well by then: without a connection it is left unsaid. */
const LeftBehind = dynamic(() =>
  import("./LeftBehind").then(
    (module) => module.LeftBehind,
    () => () => null,
  ),
);

/** The shell of a job: the wall is the page, and stays while the stations change around it. */
export function Workspace({ children }: { children: ReactNode }) {
  const { wallId, station } = useAddress();
  const found = useWall(wallId);
  const isLeftBehind = useJobState(({ leftBehind }) => leftBehind !== null);
  const isInConflict = useJobState(({ save }) => save.kind === "conflict");
  const [isCardFolded, setCardFolded] = useState(false);
  useEffect(() => void useFolds.persist.rehydrate(), []);
  return (
    // Rows and columns of their own: a page that is still arriving stands where it will.
    <div className="relative grid h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_auto_minmax(0,1fr)_auto_minmax(45px,auto)] overflow-hidden md:grid-rows-[auto_auto_minmax(0,1fr)_auto_minmax(74px,auto)] short:block short:h-auto short:min-h-dvh short:overflow-visible">
      {found && <SkipLinks />}
      {found && <TourOnce />}
      <JobLine />
      <div className="row-start-2">
        {isInConflict && <ConflictPanel />}
        {isLeftBehind && <LeftBehind />}
        <NotKept />
      </div>
      <div
        className={`row-start-3 grid min-h-0 short:flex short:flex-col ${placesOf(found !== null, wallId, isCardFolded, station === "paint")}`}
      >
        <FoldingRule />
        {/* A key for each wall: pan, zoom and the chosen line belong to it. */}
        {found && wallId !== null && <Stage key={wallId} wallId={wallId} station={stationOf(station)} />}
        <main
          id="card"
          tabIndex={-1}
          className={`row-start-2 flex min-h-0 flex-col border-t border-hairline bg-card md:row-start-1 md:border-t-0 md:border-l ${isCardFolded ? "h-12 md:h-auto" : ""}`}
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
          <div className="relative min-h-0 flex-1 scroll-pt-20 scroll-pb-4 overflow-y-auto px-5 py-4 has-[.card-foot]:scroll-pb-44 short:overflow-visible">
            {children}
          </div>
        </main>
      </div>
      <div className="row-start-4">
        <PlanningBar />
      </div>
      <div className="row-start-5">
        <Ledger />
      </div>
    </div>
  );
}

/** Where the wall, its card and the rule stand: one above the other on a phone, side by side elsewhere. */
function placesOf(isThere: boolean, wallId: string | null, isCardFolded: boolean, isAtWall: boolean): string {
  if (!isThere)
    return `grid-rows-[0_minmax(0,1fr)_auto] md:grid-rows-1 ${wallId === null ? "md:grid-cols-1" : "md:grid-cols-[124px_minmax(0,1fr)]"}`;
  const rows = isCardFolded
    ? "grid-rows-[minmax(0,1fr)_auto_auto]"
    : // With the wall itself in front of one, what is to be done takes more of a phone than its picture.
      isAtWall
      ? "grid-rows-[minmax(0,32fr)_minmax(0,68fr)_auto]"
      : "grid-rows-[minmax(0,45fr)_minmax(0,55fr)_auto]";
  return `${rows} md:grid-cols-[124px_minmax(0,1fr)_362px] md:grid-rows-[minmax(0,1fr)]`;
}

/** For the keyboard: past the row of walls and stations, to the wall or to what is decided about it. */
const SkipLinks = () => (
  <div className="absolute left-2 top-2 z-50 flex gap-2">
    <SkipLink to="card">To the card</SkipLink>
    <SkipLink to="wall">To the wall</SkipLink>
  </div>
);

/** The wall with the layer of its station, and what that shows under it. */
function Stage({ wallId, station }: { wallId: string; station: Station | undefined }) {
  const { Layer, Below, unfoldsRun, room } = station ?? {};
  return (
    <div
      id="wall"
      tabIndex={-1}
      className="row-start-1 flex min-h-0 min-w-0 flex-col short:h-[78dvh] short:min-h-64 short:flex-none"
    >
      <WallStage
        wallId={wallId}
        layer={(frame) => Layer && <Layer wallId={wallId} frame={frame} />}
        unfoldsRun={unfoldsRun}
        room={room}
      />
      {Below && (
        <div className="hidden md:block">
          <Below wallId={wallId} />
        </div>
      )}
    </div>
  );
}
