"use client";

import { ArrowDown, ArrowUp, Unlink } from "lucide-react";
import { cornersInTurn } from "@/core/job/cornersInTurn";
import { joinOfRoom } from "@/core/wall/joinOfRoom";
import type { Run, Wall } from "@/core/wall/schema";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import type { JobDocument } from "@/ui/job/jobDocument";
import { closeRun, hideJoin, joinToRun, leaveRun, moveInRun } from "@/ui/job/editRuns";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { Section } from "@/ui/parts/Section";
import { SelectList } from "@/ui/parts/SelectList";

/** The walls that this one goes on to around its corners: joined, put in order, or taken out. */
export function RunSection({ wall }: { wall: Wall }) {
  const job = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const run = job.runs.find((candidate) => candidate.walls.includes(wall.id));
  const nameOf = (id: string) => job.walls.find((other) => other.id === id)?.name ?? id;
  const edit = (update: (document: JobDocument) => JobDocument) => void change(update);
  const inRuns = new Set(job.runs.flatMap(({ walls }) => walls));
  const couldJoin = job.walls.filter(
    (other) =>
      other.id !== wall.id &&
      !other.object &&
      (run ? !inRuns.has(other.id) : true) &&
      (other.survey === undefined) === (wall.survey === undefined),
  );
  return (
    <Section
      name="measure/run"
      title="Around the corner"
      sum={run ? `${run.walls.length} walls` : "stands alone"}
      isFolded={!run}
    >
      {run ? (
        <ol className="pt-1">
          {run.walls.map((id, index) => (
            <li key={id} className="flex items-center gap-1">
              <CornerFold isFirst={index === 0} isLast={index === run.walls.length - 1} />
              <span className={`flex-1 ${id === wall.id ? "font-semibold" : ""}`}>{nameOf(id)}</span>
              <IconButton
                label={`Move ${nameOf(id)} left`}
                disabled={index === 0}
                onClick={() => edit(() => moveInRun(document, run.id, id, -1))}
              >
                <ArrowUp size={16} aria-hidden />
              </IconButton>
              <IconButton
                label={`Move ${nameOf(id)} right`}
                disabled={index === run.walls.length - 1}
                onClick={() => edit(() => moveInRun(document, run.id, id, 1))}
              >
                <ArrowDown size={16} aria-hidden />
              </IconButton>
              <IconButton
                label={`Take ${nameOf(id)} out of the run`}
                onClick={() => edit(() => leaveRun(document, run.id, id))}
              >
                <Unlink size={16} aria-hidden />
              </IconButton>
            </li>
          ))}
        </ol>
      ) : (
        <p className="text-[0.9375rem] text-soft">
          This wall stands alone. Joined to its neighbour, a pattern goes on around the corner.
        </p>
      )}
      {run && run.walls.length > 2 && (
        <Choice
          label="The last corner"
          options={[true, false].map((closes) => ({
            closes,
            label: closes ? "meets the first: all around the room" : "is an end",
            selected: (run.closes ?? false) === closes,
          }))}
          onChoose={({ closes }) => edit(() => closeRun(document, run.id, closes))}
        />
      )}
      {run?.closes && (
        <JoinOfRoom
          run={run}
          walls={job.walls}
          onChoose={(corner) => edit(() => hideJoin(document, run.id, corner))}
        />
      )}
      <div className="flex flex-wrap gap-2 pt-2">
        {couldJoin.map((other) => (
          <Button
            key={other.id}
            className="text-sm"
            onClick={() => edit(() => joinToRun(document, wall.id, other.id))}
          >
            {`Goes on to ${nameOf(other.id)}`}
          </Button>
        ))}
      </div>
      {wall.survey && couldJoin.length > 0 && (
        <p className="pt-1 text-sm text-soft">
          Only walls read from one and the same level line belong together.
        </p>
      )}
    </Section>
  );
}

/** In which corner of a room a pattern's end meets its beginning. */
function JoinOfRoom({
  run,
  walls,
  onChoose,
}: {
  run: Run;
  walls: readonly Wall[];
  onChoose: (corner: readonly [string, string] | null) => void;
}) {
  const nameOf = (id: string) => walls.find((wall) => wall.id === id)?.name ?? id;
  const between = ([one, other]: readonly [string, string]) => `between ${nameOf(one)} and ${nameOf(other)}`;
  const least = joinOfRoom({ ...run, hides: undefined }, walls);
  const corners = cornersInTurn(run);
  return (
    <label className="block pt-2">
      <span className="block text-sm text-soft">A pattern&rsquo;s end meets its beginning</span>
      <SelectList
        label="A pattern’s end meets its beginning"
        items={[
          { label: least ? `where it is least seen, ${between(least)}` : "where it is least seen" },
          ...corners.map((corner) => ({ label: between(corner) })),
        ]}
        chosen={1 + corners.findIndex((corner) => corner.join(" ") === run.hides?.join(" "))}
        onChoose={(index) => onChoose(corners[index - 1] ?? null)}
      />
    </label>
  );
}

/** A wall of the run from above: the line turns where a corner joins it to the next. */
function CornerFold({ isFirst, isLast }: { isFirst: boolean; isLast: boolean }) {
  return (
    <svg width="26" height="44" viewBox="0 0 26 44" aria-hidden="true" className="shrink-0">
      <path
        d={`M6 ${isFirst ? 12 : 0}V12H20V32H6V${isLast ? 32 : 44}`}
        fill="none"
        className="stroke-ink"
        strokeWidth={2}
      />
      {!isLast && <circle cx={6} cy={38} r={2.6} className="fill-violet" />}
    </svg>
  );
}
