"use client";

import { Contrast, Download, Printer, Redo2, Undo2 } from "lucide-react";
import Link from "next/link";
import { useEffect } from "react";
import { useStore } from "zustand";
import { useJob, useJobState, useJobStore, useJournalState } from "@/ui/job/JobProvider";
import { Logo } from "@/ui/parts/Logo";
import { CommandSearch } from "./CommandSearch";
import { isTyping } from "./isTyping";
import { UnitSwitch } from "./UnitSwitch";
import { WallRow } from "./WallRow";
import { useAddress } from "@/ui/job/useAddress";
import { IconButton, iconLook } from "@/ui/parts/IconButton";
import { useContrast } from "@/ui/parts/useContrast";

/** Job, walls, units, undo and redo, and whether everything is saved. */
export function JobLine() {
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const { toggle } = useContrast();
  return (
    <header className="flex flex-wrap items-center gap-x-1 md:gap-x-3 border-b border-hairline px-3 md:h-[68px] md:flex-nowrap md:px-4">
      <Link href="/" className="flex min-h-11 min-w-11 items-center gap-2" aria-label="Jacaranda, all jobs">
        <Logo />
        <span className="hidden font-display text-xl font-bold lg:inline">Jacaranda</span>
      </Link>
      <div className="shrink-0 border-l border-hairline pl-3">
        <p
          className="line-clamp-2 max-w-28 leading-tight font-semibold break-words md:w-max md:max-w-40 lg:max-w-52"
          title={job.name}
        >
          {job.name}
        </p>
        <SavedState />
      </div>
      <WallRow />
      <div className="ml-auto flex items-center md:order-none">
        <CommandSearch />
        <UndoRedo />
        <div className="hidden md:block">
          <UnitSwitch />
        </div>
        <IconButton label="Screen for a sunlit room, or for the evening" onClick={toggle}>
          <Contrast size={18} aria-hidden />
        </IconButton>
        <ExportLink />
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

/** The job's file; with all that happened on it where anything has. */
function ExportLink() {
  const jobId = useJobState((state) => state.jobId);
  const hasJournal = useJournalState(({ lines }) => lines.length > 0);
  const label = hasJournal ? "Export the job with what happened on it" : "Export the job file";
  return (
    <a
      className={`${iconLook} max-md:hidden`}
      href={`/api/jobs/${encodeURIComponent(jobId)}/${hasJournal ? "bundle" : "job?download"}`}
      download={hasJournal ? "" : undefined}
      aria-label={label}
      title={label}
    >
      <Download size={18} aria-hidden />
    </a>
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
