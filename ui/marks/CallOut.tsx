"use client";

import { List, Volume2, X } from "lucide-react";
import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import type { Wall } from "@/core/wall/schema";
import type { PlanMark, PlanTape, PlanWall } from "@/core/plan/planTypes";
import { useJob, useWall } from "@/ui/job/JobProvider";
import { Measure } from "@/ui/parts/Measure";
import { speak } from "@/ui/parts/speak";
import { useOpener } from "@/ui/parts/useOpener";
import { CalledWall } from "./CalledWall";
import { madeAlong, measuredFrom, tapeWords, strikeFrom } from "./markWords";
import { tapeAtMarks } from "./tapeAtMark";
import { TapeWindow } from "./TapeWindow";
import { useMarkProgress } from "@/ui/job/useMarkProgress";

/** One mark at a time, large enough to read from the steps. Space, arrows or the large button go on. */
export function CallOut({ wallId, onClose }: { wallId: string; onClose: () => void }) {
  const found = useWall(wallId);
  const { isDone, setDone } = useMarkProgress(wallId);
  const marks = found?.plan?.marks ?? [];
  const [index, setIndex] = useState(() =>
    Math.max(
      0,
      marks.findIndex((mark) => !isDone(mark)),
    ),
  );
  const onCloseAutoFocus = useOpener();
  const [speaks, setSpeaks] = useState(false);
  const mark = marks[Math.min(index, marks.length - 1)];
  const from = found && mark ? measuredFrom(mark, found.wall) : "";
  useEffect(() => {
    if (speaks && mark) speak(`${mark.reading.replace('"', " inches")} ${from}`);
  }, [speaks, mark, from]);
  if (!found?.plan || !mark) return null;
  const plan = found.plan;
  const isLast = index >= marks.length - 1;
  const next = () => {
    setDone(mark, true);
    if (isLast) onClose();
    else setIndex(index + 1);
  };
  const back = () => setIndex(Math.max(0, index - 1));
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key === " " || event.key === "ArrowRight" || event.key === "Enter") {
      // The focused button would answer the same key a second time.
      if (
        event.target instanceof HTMLButtonElement &&
        event.key !== "ArrowRight" &&
        !event.target.dataset.next
      )
        return;
      event.preventDefault();
      next();
    } else if (event.key === "ArrowLeft" || event.key === "Backspace") back();
  };
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Content
          className="fixed inset-0 z-50 flex flex-col overflow-hidden bg-plaster text-ink outline-none"
          onKeyDown={onKeyDown}
          onCloseAutoFocus={onCloseAutoFocus}
          aria-describedby={undefined}
        >
          <div className="flex items-start gap-1 px-5 pt-3">
            <div className="min-w-0 flex-1">
              <p className="text-soft">{found.wall.name ?? wallId}</p>
              <Dialog.Title className="font-display font-bold">{`Mark ${index + 1} of ${marks.length}, ${madeAlong(mark, found.wall)}`}</Dialog.Title>
            </div>
            <TopButton
              label={speaks ? "Stop speaking" : "Speak"}
              pressed={speaks}
              onClick={() => setSpeaks(!speaks)}
            >
              <Volume2 size={20} aria-hidden />
            </TopButton>
            <TopButton label="List of marks" onClick={onClose}>
              <List size={20} aria-hidden />
            </TopButton>
            <TopButton label="Close" onClick={onClose}>
              <X size={20} aria-hidden />
            </TopButton>
          </div>
          <CalledMark mark={mark} wall={found.wall} plan={plan} />
          <CalledWall wall={found.wall} plan={plan} mark={mark} isDone={isDone} />
          <Turn
            onBack={index === 0 ? undefined : back}
            onNext={next}
            following={isLast ? null : followingWords(mark, marks[index + 1]!, found.wall)}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** What is read next, and where, if that is another place: one walks there first. */
function followingWords(mark: PlanMark, next: PlanMark, wall: Wall): string {
  const place = madeAlong(next, wall);
  return `${next.reading}${place === madeAlong(mark, wall) ? "" : `, ${place}`}`;
}

interface TurnProps {
  readonly onBack: (() => void) | undefined;
  readonly onNext: () => void;
  /** The mark after this one; null at the last. */
  readonly following: string | null;
}

/** Back and on, each as large as a thumb in a glove. */
function Turn({ onBack, onNext, following }: TurnProps) {
  return (
    <div className="mt-auto grid h-[132px] grid-cols-[29%_1fr] border-t border-hairline text-xl">
      <button
        type="button"
        className="font-semibold text-soft disabled:opacity-40"
        onClick={onBack}
        disabled={!onBack}
      >
        Back
      </button>
      <button
        type="button"
        data-next=""
        className="bg-violet text-on-fill outline-offset-[-6px]"
        onClick={onNext}
        autoFocus
      >
        <span className="block text-2xl font-bold">
          {following === null ? "Done, all marked" : "Done, next"}
        </span>
        {following !== null && (
          <span className="text-base">
            <Measure>{following}</Measure>
          </span>
        )}
      </button>
    </div>
  );
}

function TopButton({
  label,
  pressed,
  ...rest
}: {
  label: string;
  pressed?: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      aria-pressed={pressed}
      title={label}
      className={`flex size-11 items-center justify-center rounded-md hover:bg-violet-wash ${pressed ? "bg-violet-wash text-violet" : ""}`}
      {...rest}
    />
  );
}

function CalledMark({ mark, wall, plan }: { mark: PlanMark; wall: Wall; plan: PlanWall }) {
  const job = useJob();
  const tape = tapeAtMarks(plan)(mark)[0];
  const nameOf = (id: string | null | undefined) => job.paints.find((paint) => paint.id === id)?.name ?? "";
  const hexOf = (id: string | null | undefined) => job.paints.find((paint) => paint.id === id)?.hex ?? "none";
  const size = mark.reading.length > 9 ? "text-[17vw] md:text-[8.5rem]" : "text-[23vw] md:text-[10rem]";
  return (
    <>
      <p className={`${size} px-5 leading-[1.05] font-bold tracking-tight`} aria-live="assertive">
        <Measure>{mark.reading}</Measure>
      </p>
      <p className="px-5 pb-3 text-xl">
        <b>{measuredFrom(mark, wall)}</b>
        {mark.axis === "x" && !wall.survey ? " end of the wall" : ""}
      </p>
      <TapeWindow at={mark.at + (mark.at < 0 ? -mark.error : mark.error)} units={job.units} />
      <div className="flex items-center gap-4 px-5 pt-4">
        {tape && (
          <svg viewBox="0 0 72 72" className="size-[72px] shrink-0" aria-hidden="true">
            {tape.centred ? (
              <CentredTape
                cuts={hexOf(tape.cuts)}
                andCuts={hexOf(tape.andCuts ?? tape.cuts)}
                isLevel={mark.axis === "y"}
              />
            ) : (
              <TapePicture lies={tape.lies} over={hexOf(tape.over)} cuts={hexOf(tape.cuts)} />
            )}
          </svg>
        )}
        <div>
          <p className="text-xl font-semibold">{tape ? `Tape ${tapeWords(tape)}` : "No tape here"}</p>
          <p className="text-soft">
            {tape ? wordsOfTape(tape, nameOf) : mark.use}. {strikeFrom(mark)}
          </p>
        </div>
      </div>
    </>
  );
}

/** The two colours, the line, and the tape's body on its side. */
function TapePicture({ lies, over, cuts }: { lies: string; over: string; cuts: string }) {
  const turn = { left: 0, right: 180, above: 90, below: -90, inside: 0, outside: 180 }[lies] ?? 0;
  return (
    <g transform={`rotate(${turn} 36 36)`}>
      <rect width="36" height="72" fill={over} />
      <rect x="36" width="36" height="72" fill={cuts} />
      <rect x="15" width="21" height="72" fill="#b9d8cc" stroke="#4c8570" />
      <line x1="36" x2="36" y2="72" className="stroke-violet" strokeWidth="2.5" />
    </g>
  );
}

function wordsOfTape(tape: PlanTape, nameOf: (id: string | undefined | null) => string): string {
  return tape.centred
    ? `on ${nameOf(tape.over)}, which stays as the line; beside it ${[tape.cuts, tape.andCuts].filter(Boolean).map(nameOf).join(" and ")}`
    : `on ${nameOf(tape.over)}; the other side becomes ${nameOf(tape.cuts)}`;
}

/** A tape whose whole width stays as a line, with the mark under its middle. */
function CentredTape({ cuts, andCuts, isLevel }: { cuts: string; andCuts: string; isLevel: boolean }) {
  return (
    <g transform={isLevel ? "rotate(90 36 36)" : undefined}>
      <rect width="36" height="72" fill={cuts} />
      <rect x="36" width="36" height="72" fill={andCuts} />
      <rect x="25" width="22" height="72" fill="#b9d8cc" stroke="#4c8570" />
      <line x1="36" x2="36" y2="72" className="stroke-violet" strokeWidth="2.5" />
    </g>
  );
}
