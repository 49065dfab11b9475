"use client";

import { useMemo } from "react";
import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { useMarkProgress } from "@/ui/job/useMarkProgress";
import { Measure } from "@/ui/parts/Measure";
import { TakeAlong } from "@/ui/parts/TakeAlong";
import { WindowedList } from "@/ui/parts/WindowedList";
import { markGroups, markWords, type MarkGroup, type NumberedMark } from "./markGroups";
import { madeAlong, measuredFrom, upOrDown } from "@/ui/marks/markWords";

interface Props {
  readonly wallId: string;
  readonly wall: Wall;
  readonly plan: PlanWall;
}

/** A line of the list: where the next marks are made, or some of them. */
type Line = { readonly head: MarkGroup } | { readonly marks: readonly NumberedMark[] };

/** Readings with nothing said of each stand so many in a line. */
const readingsInLine = 2;

/** Every mark to tick off, in the order of walking; what is the same of several is said once above them. */
export function MarkList({ wallId, wall, plan }: Props) {
  const { walls } = useJob();
  const progress = useMarkProgress(wallId);
  const groups = useMemo(
    () => markGroups(plan, wall, (id) => walls.find((other) => other.id === id)?.name ?? id),
    [plan, wall, walls],
  );
  const lines = useMemo(() => groups.flatMap(linesOf), [groups]);
  return (
    <>
      <WindowedList
        name="Marks"
        items={lines}
        keyOf={(line) => ("head" in line ? `${line.head.marks[0]!.mark.id} on` : line.marks[0]!.mark.id)}
        height={48}
        show={(line) =>
          "head" in line ? (
            <GroupHead group={line.head} />
          ) : (
            <div className={line.marks[0]!.words === "" ? "grid grid-cols-2" : undefined}>
              {line.marks.map((numbered) => (
                <OneMark key={numbered.mark.id} {...{ wall, numbered, progress }} />
              ))}
            </div>
          )
        }
      />
      <div className="flex justify-end">
        <TakeAlong
          name="Marks"
          columns={["No.", "Reading", "Tape and place"]}
          rows={() => rowsOf(plan, wall, walls)}
        />
      </div>
    </>
  );
}

function linesOf(group: MarkGroup): Line[] {
  const { words, marks } = group;
  const inLine = words === "" ? 1 : readingsInLine;
  const lines: Line[] = [{ head: group }];
  for (let from = 0; from < marks.length; from += inLine)
    lines.push({ marks: marks.slice(from, from + inLine) });
  return lines;
}

function GroupHead({ group: { where, words } }: { group: MarkGroup }) {
  return (
    <h4 className="border-t border-hairline pt-2 pb-0.5 leading-tight">
      <span className="font-semibold first-letter:uppercase inline-block">{where}</span>
      {words !== "" && (
        <span className="block text-soft">
          <Measure>{words}</Measure>
        </span>
      )}
    </h4>
  );
}

interface MarkProps {
  readonly wall: Wall;
  readonly numbered: NumberedMark;
  readonly progress: ReturnType<typeof useMarkProgress>;
}

function OneMark({ wall, numbered: { mark, number, words }, progress: { isDone, setDone } }: MarkProps) {
  const isPointedAt = useJobState((state) => state.pointedAt === mark.id);
  const pointAt = useJobState((state) => state.pointAt);
  const done = isDone(mark);
  return (
    <label
      className={`flex min-h-11 cursor-pointer items-center gap-2 px-1 ${isPointedAt ? "bg-violet-wash" : ""}`}
      onPointerEnter={() => pointAt(mark.id)}
      onPointerLeave={() => pointAt(null)}
    >
      <input
        type="checkbox"
        aria-label={`Mark ${number}, ${mark.reading}`}
        className="size-5 shrink-0 accent-[var(--color-leaf)]"
        checked={done}
        onChange={(event) => setDone(mark, event.target.checked)}
      />
      <span className="w-5 shrink-0 text-right text-sm text-soft tabular-nums">{number}</span>
      <span className={`text-xl font-semibold whitespace-nowrap tabular-nums ${done ? "text-leaf" : ""}`}>
        <span aria-hidden className="pr-1 text-sm text-violet">
          {upOrDown(mark, wall)}
        </span>
        <Measure>{mark.reading}</Measure>
      </span>
      {words !== "" && (
        <span className="leading-tight text-soft">
          <Measure>{words}</Measure>
        </span>
      )}
    </label>
  );
}

/** Taken along each mark says all that is to be known of it. */
function rowsOf(plan: PlanWall, wall: Wall, walls: readonly Wall[]) {
  const wordsOf = markWords(plan, (id) => walls.find((other) => other.id === id)?.name ?? id);
  const whereOf = (mark: PlanMark) =>
    mark.on === "level" ? "" : `, ${madeAlong(mark, wall)} ${measuredFrom(mark, wall)}`;
  return plan.marks.map((mark, index) => [index + 1, mark.reading, `${wordsOf(mark)}${whereOf(mark)}`]);
}
