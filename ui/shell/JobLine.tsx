"use client";

import { Contrast, Download, Plus, Printer, Redo2, Undo2 } from "lucide-react";
import Link from "next/link";
import { RadioGroup } from "radix-ui";
import { useEffect } from "react";
import { useStore } from "zustand";
import { useJob, useJobState, useJobStore, usePlan } from "@/ui/job/JobProvider";
import { Logo } from "@/ui/parts/Logo";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { CommandSearch } from "./CommandSearch";
import { isTyping } from "./isTyping";
import { wallsInRunOrder } from "./wallsInRunOrder";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import type { UnitSystem } from "@/core/measure/units";
import { IconButton, iconLook } from "@/ui/parts/IconButton";
import { useContrast } from "@/ui/parts/useContrast";

/** Job, walls, units, undo and redo, and whether everything is saved. */
export function JobLine() {
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const { toggle } = useContrast();
  return (
    <header className="flex flex-wrap items-center gap-x-3 border-b border-hairline px-3 md:h-[68px] md:flex-nowrap md:px-4">
      <Link href="/" className="flex min-h-11 items-center gap-2" aria-label="Jacaranda, all jobs">
        <Logo />
        <span className="hidden font-display text-xl font-bold lg:inline">Jacaranda</span>
      </Link>
      <div className="min-w-0 border-l border-hairline pl-3">
        <p className="max-w-28 truncate md:max-w-56 font-semibold">{job.name}</p>
        <SavedState />
      </div>
      <WallSwitcher />
      <div className="ml-auto flex items-center md:order-none">
        <CommandSearch />
        <UndoRedo />
        <div className="hidden md:block">
          <UnitSwitch />
        </div>
        <IconButton label="High contrast for a sunlit room" onClick={toggle}>
          <Contrast size={18} aria-hidden />
        </IconButton>
        <a
          className={`${iconLook} max-md:hidden`}
          href={`/api/jobs/${encodeURIComponent(jobId)}/job?download`}
          aria-label="Export the job file"
          title="Export the job file"
        >
          <Download size={18} aria-hidden />
        </a>
        {wallId !== null && (
          <Link
            className={`${iconLook} max-md:hidden`}
            href={`/print/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}`}
            aria-label="Print the setting-out sheet"
            title="Print the setting-out sheet"
          >
            <Printer size={18} aria-hidden />
          </Link>
        )}
      </div>
    </header>
  );
}

function WallSwitcher() {
  const job = useJob();
  const plan = usePlan();
  const jobId = useJobState((state) => state.jobId);
  const { wallId, station } = useAddress();
  return (
    <nav aria-label="Walls" className="order-last flex w-full gap-1 overflow-x-auto md:order-none md:w-auto">
      {wallsInRunOrder(job).map(({ wall, isJoined }) => {
        const isHere = wall.id === wallId;
        return (
          <Link
            key={wall.id}
            href={stationPath(jobId, wall.id, station ?? "pattern")}
            aria-current={isHere ? "page" : undefined}
            className={`relative flex min-h-11 flex-col items-start justify-end gap-0.5 border-b-[3px] ${isJoined ? "-ml-1 pl-3" : "pl-2"} pb-1 pr-2 text-[0.8125rem] ${isHere ? "border-violet font-semibold" : "border-transparent text-soft hover:border-hairline"}`}
          >
            {isJoined && <CornerMark />}
            <MiniWall
              wall={wall}
              plan={plan.walls.find((other) => other.id === wall.id) ?? null}
              paints={job.paints}
              className="hidden h-7 w-16 md:block"
            />
            <span className="max-w-24 truncate">{wall.name ?? wall.id}</span>
          </Link>
        );
      })}
      <Link
        href={`/jobs/${encodeURIComponent(jobId)}/add-wall`}
        className="flex min-h-11 items-center gap-1 rounded-md px-2 text-[0.875rem] text-soft hover:bg-violet-wash hover:text-ink"
      >
        <Plus size={16} aria-hidden /> Wall
      </Link>
      <div className="ml-auto self-center md:hidden">
        <UnitSwitch />
      </div>
    </nav>
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

function SavedState() {
  const save = useJobState((state) => state.save);
  const isKept = useJobState((state) => state.isKept);
  const words = {
    saved: "Saved",
    unsaved: "Not saved yet",
    saving: "Saving",
    failed: isKept ? "Not saved, kept here" : "Not saved, not kept",
    conflict: "Changed elsewhere",
  }[save.kind];
  const tone =
    save.kind === "saved"
      ? "text-leaf"
      : save.kind === "failed" || save.kind === "conflict"
        ? "text-brick"
        : "text-soft";
  return (
    <p className={`text-[0.8125rem] whitespace-nowrap ${tone}`} role="status">
      {words}
      {save.kind === "failed" && <span className="sr-only">: {save.reason}</span>}
    </p>
  );
}

function UndoRedo() {
  const history = useJobStore().temporal;
  const canUndo = useStore(history, (state) => state.pastStates.length > 0);
  const canRedo = useStore(history, (state) => state.futureStates.length > 0);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // In a field the browser's own undo takes back the typing first.
      if (!(event.ctrlKey || event.metaKey) || isTyping(event)) return;
      const key = event.key.toLowerCase();
      if (key === "z" && !event.shiftKey) history.getState().undo();
      else if ((key === "z" && event.shiftKey) || key === "y") history.getState().redo();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [history]);
  return (
    <>
      <IconButton label="Undo" hint="Ctrl Z" disabled={!canUndo} onClick={() => history.getState().undo()}>
        <Undo2 size={18} aria-hidden />
      </IconButton>
      <IconButton
        label="Redo"
        hint="Ctrl Shift Z"
        disabled={!canRedo}
        onClick={() => history.getState().redo()}
      >
        <Redo2 size={18} aria-hidden />
      </IconButton>
    </>
  );
}

function UnitSwitch() {
  const { units } = useJob();
  const change = useJobState((state) => state.change);
  return (
    <RadioGroup.Root
      aria-label="Units"
      value={units}
      onValueChange={(choice) => change((document) => ({ ...document, units: choice as UnitSystem }))}
      className="flex shrink-0 overflow-hidden rounded-md border border-ink text-[0.875rem] whitespace-nowrap"
    >
      {(["imperial", "metric"] as const).map((choice) => (
        <RadioGroup.Item
          key={choice}
          value={choice}
          className={`min-h-9 px-2.5 outline-offset-[-3px] ${units === choice ? "bg-ink font-semibold text-paper" : "bg-paper hover:bg-violet-wash"}`}
        >
          {choice === "imperial" ? "ft in" : "mm"}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
