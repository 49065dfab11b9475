"use client";

import { Minus, Plus } from "lucide-react";
import { piecesOf, workUpTo } from "@/core/plan/workOfStep";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { useJournal, useWall } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { IconButton } from "@/ui/parts/IconButton";
import { pieceName, piecesWord } from "./pieceWords";
import { usePointedAt } from "./pointedAt";
import { usePiecesDone } from "./usePiecesDone";

interface Props {
  readonly step: PlanStep;
  readonly by: string | null;
}

/** How far one is: pointed at on the wall, or piece by piece. */
export function SoFar({ step, by }: Props) {
  const journal = useJournal();
  const plan = useWall(step.wall ?? null)?.plan;
  const { piece: pointed, pointAt } = usePointedAt();
  const isDone = usePiecesDone(step);
  const pieces = piecesOf(step);
  const done = pieces.findLastIndex(isDone);
  if (pieces.length < 2) return null;
  const chosen = pointed?.step === step.id ? pieces.findIndex(({ id }) => id === pointed.id) : -1;
  const at = Math.min(pieces.length - 1, Math.max(0, chosen < 0 ? done + 1 : chosen));
  const piece = pieces[at]!;
  const go = (by: number) =>
    pointAt({ step: step.id, id: pieces[Math.min(pieces.length - 1, Math.max(0, at + by))]!.id });
  const tell = () => {
    journal.tell([
      { kind: "finished", payload: { work: workUpTo(step, piece) }, ...(by !== null && { by }) },
    ]);
    pointAt(null);
  };
  return (
    <div role="group" aria-label="So far" className="flex items-center gap-1">
      <IconButton label="One piece less" className="size-12" disabled={at === 0} onClick={() => go(-1)}>
        <Minus size={20} aria-hidden />
      </IconButton>
      <p className="min-w-0 flex-1 text-center text-[0.9375rem]" aria-live="polite">
        <b>
          <Measure>{`Up to ${pieceName(piece, plan, at + 1)}`}</Measure>
        </b>
        <span className="block text-soft">
          {`${at + 1} of ${pieces.length} ${piecesWord[piece.did.of] ?? "pieces"}`}
        </span>
      </p>
      <IconButton
        label="One piece more"
        className="size-12"
        disabled={at === pieces.length - 1}
        onClick={() => go(1)}
      >
        <Plus size={20} aria-hidden />
      </IconButton>
      <Button className="min-h-12" onClick={tell}>
        So far
      </Button>
    </div>
  );
}
