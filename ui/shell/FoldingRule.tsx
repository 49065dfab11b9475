"use client";

import { Check, RotateCw } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import { useMarksDone } from "@/ui/job/useMarksDone";
import { focusOn } from "@/ui/parts/FocusKept";
import { isTyping } from "./isTyping";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { stations } from "@/ui/stations/registry";
import type { Seen, Standing } from "@/ui/stations/station";

/** The stations as the hinged segments of a carpenter's rule, in working order. Number keys go there. */
export function FoldingRule() {
  const { wallId, station } = useAddress();
  const jobId = useJobState((state) => state.jobId);
  const router = useRouter();
  const seen = useSeen(wallId);
  useEffect(() => {
    if (wallId === null) return;
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      const target = stations.find((candidate) => String(candidate.number) === event.key);
      if (!target) return;
      router.push(stationPath(jobId, wallId, target.slug));
      // What there is to decide is what one goes there for.
      focusOn(document.getElementById("card"));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [jobId, wallId, router]);
  const halfHere = halfOf(stations.findIndex(({ slug }) => slug === station));
  const [turnedAt, setTurnedAt] = useState<string | null>(null);
  // Turned over it stays until another station is gone to.
  const isTurned = turnedAt !== null && turnedAt === station;
  const half = isTurned === (halfHere === 0) ? 1 : 0;
  if (wallId === null) return null;
  return (
    <nav
      aria-label="Stations"
      className="row-start-3 flex border-t border-box-edge bg-box short:order-last md:row-start-1 md:w-[124px] md:flex-col md:border-0 md:bg-transparent md:py-4 md:pl-3.5"
    >
      <Hinge half={half} onTurn={() => setTurnedAt(isTurned ? null : station)} />
      {stations.map(({ number, slug, title, standing }, index) => {
        const isHere = slug === station;
        return (
          <Link
            key={slug}
            href={stationPath(jobId, wallId, slug)}
            aria-current={isHere ? "page" : undefined}
            className={`relative flex min-h-14 flex-1 items-center justify-center gap-1.5 border-box-edge text-[0.875rem] md:text-[0.9375rem] md:max-h-[88px] md:flex-col md:items-start md:justify-center md:gap-0.5 md:border md:pl-4 ${index % 2 ? "md:ml-2 md:mr-0" : "md:mr-2"} ${index === 0 ? "md:rounded-t-md" : "md:-mt-px"} ${index === stations.length - 1 ? "md:rounded-b-md" : ""} ${halfOf(index) === half ? "" : "max-md:hidden"} ${isHere ? "z-10 bg-violet text-on-fill md:border-violet" : "bg-box text-ink hover:brightness-95"}`}
          >
            <RuleTicks isHere={isHere} />
            <span className="hidden font-display text-lg font-bold leading-tight md:inline">{number}</span>
            <span className="font-display font-semibold">{title}</span>
            <StandingMark standing={standing(seen)} />
            {index > 0 && (
              <span
                aria-hidden="true"
                className="absolute -top-[5px] left-3 hidden size-[9px] rounded-full border border-box-edge bg-[#c9a24a] md:block"
              />
            )}
          </Link>
        );
      })}
    </nav>
  );
}

/** Folded, on a phone, the rule shows half of its segments: those before the work, or those at the wall. */
const firstAtWall = 4;
const halfOf = (index: number): 0 | 1 => (index >= 0 && index < firstAtWall ? 0 : 1);
const halfNames = ["Before the work", "At the wall"] as const;

/** Turns the folded rule over. */
function Hinge({ half, onTurn }: { half: 0 | 1; onTurn: () => void }) {
  const [from, to] = half === 0 ? [firstAtWall, stations.length] : [0, firstAtWall];
  const others = stations.slice(from, to).map(({ title }) => title);
  return (
    <button
      type="button"
      aria-label={`${halfNames[half === 0 ? 1 : 0]}: ${others.join(", ")}`}
      className={`flex min-h-14 w-12 shrink-0 items-center justify-center bg-[#c9a24a] text-[#2b1f33] md:hidden ${half === 0 ? "order-last" : ""}`}
      onClick={onTurn}
    >
      <RotateCw size={20} aria-hidden />
    </button>
  );
}

function RuleTicks({ isHere }: { isHere: boolean }) {
  return (
    <svg
      aria-hidden="true"
      className="absolute right-0 top-0 hidden h-full w-3 md:block"
      preserveAspectRatio="none"
      viewBox="0 0 12 88"
    >
      {Array.from({ length: 11 }, (_, index) => (
        <line
          key={index}
          x1={index % 5 === 0 ? 2 : 6}
          x2={12}
          y1={4 + index * 8}
          y2={4 + index * 8}
          stroke={isHere ? "#d9cdf0" : "#7a6430"}
          strokeWidth={0.9}
        />
      ))}
    </svg>
  );
}

function StandingMark({ standing }: { standing: Standing }) {
  if (!standing) return null;
  const place =
    "absolute right-0.5 top-0.5 flex size-4 items-center justify-center rounded-full text-[0.6875rem] font-bold text-on-fill md:right-5 md:top-2 md:size-5 md:text-xs";
  switch (standing.kind) {
    case "done":
      return (
        <span className={`${place} bg-leaf`} role="img" aria-label="done">
          <Check size={13} strokeWidth={3} aria-hidden />
        </span>
      );
    case "check":
      return (
        <span className={`${place} bg-ochre`} role="img" aria-label={`${standing.count} to decide`}>
          {standing.count}
        </span>
      );
    case "stop":
      return (
        <span className={`${place} bg-brick`} role="img" aria-label="blocked">
          !
        </span>
      );
    default:
      return standing satisfies never;
  }
}

/** What stations tell their standing from, on the wall that is shown. */
function useSeen(wallId: string | null): Seen {
  const found = useWall(wallId);
  const plan = usePlan();
  const isDone = useMarksDone(wallId ?? "");
  return { plan, wall: found?.plan ?? null, isMarked: isDone };
}
