"use client";

import { useMemo } from "react";
import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { useMarkProgress } from "@/ui/job/useMarkProgress";
import { DataTable } from "@/ui/parts/DataTable";
import type { Column } from "@/ui/parts/tableProps";
import { Measure } from "@/ui/parts/Measure";
import { madeAlong, measuredFrom, upOrDown } from "./markWords";
import { tapeAtMarks } from "./tapeAtMark";

interface Props {
  readonly wallId: string;
  readonly wall: Wall;
  readonly plan: PlanWall;
}

/** Every mark to tick off, in the order in which they are made. */
export function MarkTable({ wallId, wall, plan }: Props) {
  const { walls } = useJob();
  const pointedAt = useJobState((state) => state.pointedAt);
  const pointAt = useJobState((state) => state.pointAt);
  const { isDone, setDone } = useMarkProgress(wallId);
  const tapeAt = useMemo(() => tapeAtMarks(plan), [plan]);
  const nameOfWall = (id: string) => walls.find((other) => other.id === id)?.name ?? id;
  const whereOf = (mark: PlanMark | undefined): string =>
    !mark || mark.on === "level" ? "" : `, ${madeAlong(mark, wall)} ${measuredFrom(mark, wall)}`;
  const words = (mark: PlanMark, where: string): string => {
    const tape = tapeAt(mark)[0];
    const carried = mark.carriedFrom
      ? `; carries around the corner from ${nameOfWall(mark.carriedFrom.wall)}`
      : "";
    return `${tape ? `tape ${tape.centred ? "centred" : tape.lies}` : mark.use}${where}${carried}`;
  };
  /** Where a run of marks is made is said at the first of them. */
  const whereAnew = (mark: PlanMark, index: number): string => {
    const where = whereOf(mark);
    return index > 0 && where === whereOf(plan.marks[index - 1]) ? "" : where;
  };
  const columns: Column<PlanMark>[] = [
    {
      key: "number",
      label: "No.",
      value: (_, index) => index + 1,
      show: (mark, index) => (
        <label className="flex min-h-9 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            aria-label={`Mark ${index + 1}, ${mark.reading}`}
            className="size-5 accent-[var(--color-leaf)]"
            checked={isDone(mark)}
            onChange={(event) => setDone(mark, event.target.checked)}
          />
          <span className="text-soft">{index + 1}</span>
        </label>
      ),
    },
    {
      key: "reading",
      label: "Reading",
      value: ({ reading }) => reading,
      show: (mark) => (
        <span className={`text-lg font-semibold whitespace-nowrap ${isDone(mark) ? "text-leaf" : ""}`}>
          <span aria-hidden className="pr-1 text-sm text-violet">
            {upOrDown(mark, wall)}
          </span>
          <Measure>{mark.reading}</Measure>
        </span>
      ),
    },
    {
      key: "words",
      label: "Tape and place",
      value: (mark) => words(mark, whereOf(mark)),
      show: (mark, index) => (
        <span className="leading-tight text-soft">{words(mark, whereAnew(mark, index))}</span>
      ),
    },
  ];
  return (
    <DataTable
      name="Marks"
      columns={columns}
      rows={plan.marks}
      keyOf={({ id }) => id}
      onPoint={(mark) => pointAt(mark?.id ?? null)}
      isPointedAt={({ id }) => pointedAt === id}
    />
  );
}
