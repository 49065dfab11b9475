import type { Job } from "@/core/job/schema";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { Measure } from "@/ui/parts/Measure";
import { OrdinateTable } from "@/ui/parts/OrdinateTable";
import { markGroups, type MarkGroup } from "@/ui/stations/mark/markGroups";
import { upOrDown } from "@/ui/marks/markWords";
import { PaperSection } from "./PaperSection";

interface Props {
  readonly job: Job;
  readonly wall: Wall;
  readonly planned: PlanWall;
}

/** Every mark to be ticked with a pencil, and what proves them. */
export function PrintedMarks({ job, wall, planned }: Props) {
  const groups = markGroups(planned, wall, (id) => job.walls.find((other) => other.id === id)?.name ?? id);
  return (
    <PaperSection title={`Marks (${planned.marks.length})`}>
      {planned.marks.length === 0 && <p>Nothing to mark.</p>}
      {groups.map((group) => (
        <MarksInPlace key={group.marks[0]!.mark.id} group={group} wall={wall} />
      ))}
      {planned.radii.length > 0 && (
        <p className="pt-1.5">
          <Measure>{`Strings from the pin, the longest first: ${planned.radii.map(({ reading, shorter }) => (shorter === undefined ? reading : `${reading} (${shorter} shorter)`)).join(", ")}.`}</Measure>
        </p>
      )}
      {planned.later?.map(({ id, say, fixings }) => (
        <p key={id} className="pt-1.5">
          <Measure>
            {`${say} Fixing places, along and up: ${fixings.map(({ along, up }) => `${along}, ${up}`).join("; ")}.`}
          </Measure>
        </p>
      ))}
      <OrdinateTable
        ordinates={planned.ordinates}
        units={job.units}
        from={wall.survey ? "the level line" : "the floor"}
        line="border-t border-neutral-400"
      />
      {planned.diagonals.length > 0 && (
        <p className="pt-1.5">
          <Measure>{`Diagonals, corner to corner: ${planned.diagonals.map(({ use, reading }) => `${use} ${reading}`).join("; ")}.`}</Measure>
        </p>
      )}
      {planned.checks.length > 0 && (
        <p className="pt-1.5">
          <Measure>{`Prove it: the same readings on the far edge${wallsEnd(planned)}.`}</Measure>
        </p>
      )}
    </PaperSection>
  );
}

/** Marks that are made in one place: the readings large, each with a box for the pencil. */
function MarksInPlace({ group: { where, words, marks }, wall }: { group: MarkGroup; wall: Wall }) {
  const columns =
    words === "" ? "min-[480px]:columns-2 sm:columns-3" : "columns-2 min-[480px]:columns-4 sm:columns-5";
  return (
    <>
      <h3 className="break-after-avoid pt-1.5">
        <b className="inline-block first-letter:uppercase">{where}</b>
        <Measure>{words === "" ? "" : `: ${words}`}</Measure>
      </h3>
      <ol className={`gap-6 ${columns}`}>
        {marks.map(({ mark, number, words: own }) => (
          <li
            key={mark.id}
            className="flex break-inside-avoid items-baseline gap-2 border-b border-neutral-400 py-[3px]"
          >
            <span className="inline-block size-3 shrink-0 self-center border border-black" />
            <span className="w-6 text-right">{number}</span>
            <b className="text-[13pt] whitespace-nowrap">
              {upOrDown(mark, wall) && <span className="pr-1 text-[8pt]">{upOrDown(mark, wall)}</span>}
              <Measure>{mark.reading}</Measure>
            </b>
            <span className="text-[9pt] leading-tight">
              <Measure>{own}</Measure>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** Where the tape that lies along the wall reads its end. */
function wallsEnd({ checks }: PlanWall): string {
  const end = checks.find(({ on, axis }) => on === "right" && axis === "x");
  return end ? `; it ends at ${end.reading}` : "";
}
