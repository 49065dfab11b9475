import { useEffect, useState } from "react";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useDocument } from "@/ui/job/JobProvider";
import { parseKept, textOf, type FinishDocument, type JobDocument } from "@/ui/job/jobDocument";
import { askForTrial } from "@/workers/trialsClient";

/** A sheet of A2, upright as it is held beside the wall, mm. */
export const boardMm = { width: 420, height: 594 } as const;
const boardId = "sample-board";

/** A board with nothing but a finish's recipe on it, on what that lies on; null while it is not worked out. */
export function useSampleBoard(wall: Wall, finishId: string): { wall: Wall; plan: PlanWall } | null {
  const document = useDocument();
  const finish = document.finishes.find(({ id }) => id === finishId);
  const key = finish ? textOf(boardDocument(document, wall, finish)) : "";
  const [board, setBoard] = useState<{ wall: Wall; plan: PlanWall } | null>(null);
  useEffect(() => {
    if (!key) return;
    let isOver = false;
    const own = JSON.parse(key) as JobDocument;
    const parsed = parseKept(own);
    const made = parsed.ok ? parsed.job.walls[0] : undefined;
    const asked = askForTrial(key, boardId, own.finishes[0]!).catch(() => null);
    void asked.then((trial) => {
      if (!isOver && made && trial) setBoard({ wall: made, plan: trial.wall });
    });
    return () => {
      isOver = true;
    };
  }, [key]);
  return board;
}

function boardDocument(document: JobDocument, wall: Wall, finish: FinishDocument): JobDocument {
  const over = (finish as { readonly over?: unknown }).over;
  const base = typeof over === "string" && over !== "all" ? over : wall.base;
  return {
    format: document.format,
    name: "Sample board",
    paints: document.paints,
    walls: [{ id: boardId, ...boardMm, base, texture: wall.texture }],
    finishes: [{ ...finish, on: boardId, over: "all" } as FinishDocument],
  };
}
