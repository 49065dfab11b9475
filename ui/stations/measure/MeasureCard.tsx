"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { PlanWall } from "@/core/job/planTypes";
import type { UnitSystem } from "@/core/measure/units";
import type { Wall } from "@/core/wall/schema";
import { roomOfWall } from "@/devices/laser/simulatedRoom";
import { levelLineMm } from "@/core/trade/constants";
import { copyWall, removeWall } from "@/ui/job/editRuns";
import { surveyOfQuickWall } from "@/ui/job/surveyOfQuickWall";
import { useDocument, useJob, useJobState, useWall } from "@/ui/job/JobProvider";
import { changeById, type WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FindingList } from "@/ui/parts/FindingList";
import { LengthField } from "@/ui/parts/LengthField";
import { TextField } from "@/ui/parts/TextField";
import { findingsAt } from "@/ui/job/findingsAt";
import { LaserFields } from "@/ui/parts/LaserFields";
import { LaserPanel } from "./LaserPanel";
import { stationPath } from "@/ui/job/useAddress";
import { Conditions } from "./Conditions";
import { DiagonalReadings } from "./DiagonalReadings";
import { EndReadings } from "./EndReadings";
import { JobSettings } from "./JobSettings";
import { RunSection } from "./RunSection";
import { SurveyReadings } from "./SurveyReadings";
import { ThingsOnWall } from "./ThingsOnWall";
import { WallJudgement } from "./WallJudgement";

const textures = {
  smooth: "smooth",
  light: "light stipple",
  heavy: "heavy stipple",
  brick: "bare brick",
  boards: "boards",
} as const;
const edges = { internal: "inside corner", external: "outside corner", stop: "wall stops" } as const;

/** The wall as it was measured: readings, trim, openings, what is fixed to it, and what that does to a pattern. */
export function MeasureCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const document = useDocument();
  const written = document.walls.find((wall) => wall.id === wallId);
  if (!found || !written) return null;
  return (
    <LaserFields>
      <WallReadings key={wallId} wall={found.wall} plan={found.plan} written={written} />
    </LaserFields>
  );
}

interface ReadingsProps {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly written: WallDocument;
}

function WallReadings({ wall, plan, written }: ReadingsProps) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const isExaggerated = useJobState((state) => state.isExaggerated);
  const setExaggerated = useJobState((state) => state.setExaggerated);
  const room = useMemo(() => roomOfWall(wall), [wall]);
  const { units } = job;
  const edit = (update: (wall: WallDocument) => WallDocument): string | null =>
    change((before) => ({ ...before, walls: changeById(before.walls, wall.id, update) }))[0]?.message ?? null;
  const findings = findingsAt(plan, "wall");
  return (
    <>
      <h2 className="text-2xl font-bold">Measure</h2>
      <p className="pb-3 text-soft">
        {written.survey
          ? "Read off one level line: along from the left plumb line, down to the floor, up to the ceiling."
          : "A quick wall: sides square, floor level. x is read from the left, y up from the floor."}
      </p>
      {written.survey ? (
        <>
          <SurveyReadings
            survey={written.survey}
            units={units}
            onChange={(survey) => edit((before) => ({ ...before, survey }))}
          />
          {(["left", "right"] as const).map((end) => (
            <EndReadings
              key={end}
              end={end}
              survey={written.survey!}
              units={units}
              onChange={(survey) => edit((before) => ({ ...before, survey }))}
            />
          ))}
        </>
      ) : (
        <QuickSides written={written} units={units} onEdit={edit} />
      )}
      <LaserPanel room={room} seed={wall.id} units={units} />
      {findings.length > 0 && (
        <div className="border-t border-hairline py-3">
          <FindingList findings={findings} />
        </div>
      )}
      {plan?.survey && (
        <WallJudgement
          plan={{ ...plan, survey: plan.survey }}
          written={written}
          units={units}
          isExaggerated={isExaggerated}
          onExaggerate={setExaggerated}
          onEdit={edit}
        />
      )}
      <ThingsOnWall wall={wall} written={written} units={units} onEdit={edit} />
      <TheWall wall={wall} written={written} onEdit={edit} />
      <Conditions wall={written} preparation={plan?.preparation ?? []} onEdit={edit} />
      <RunSection wall={wall} />
      <JobSettings />
      <WallActions wallId={wall.id} />
    </>
  );
}

interface SectionProps {
  readonly written: WallDocument;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

function QuickSides({ written, units, onEdit }: SectionProps & { units: UnitSystem }) {
  const change = useJobState((state) => state.change);
  const wallId = written.id;
  const [problem, setProblem] = useState<string | null>(null);
  const survey = () => {
    const problems = change((before) => ({
      ...before,
      walls: changeById(before.walls, wallId, (wall) => surveyOfQuickWall(wall, levelLineMm)),
    }));
    setProblem(problems[0]?.message ?? null);
  };
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-1">
      {(["width", "height"] as const).map((key) => (
        <LengthField
          key={key}
          label={key === "width" ? "Width" : "Height"}
          written={written[key]}
          units={units}
          aim={key === "width" ? { toward: "far end" } : undefined}
          onChange={(value) => onEdit((before) => ({ ...before, [key]: value }))}
        />
      ))}
      <div className="col-span-2 pt-1">
        <Button className="text-sm" onClick={survey}>
          Survey it from a level line
        </Button>
        {problem && <p className="pt-1 text-sm text-brick">{problem}</p>}
      </div>
    </div>
  );
}

function TheWall({ wall, written, onEdit }: SectionProps & { wall: Wall }) {
  const { units, paints } = useJob();
  const options = <Key extends string>(words: Record<Key, string>, current: Key, key: keyof WallDocument) =>
    (Object.entries(words) as [Key, string][]).map(([value, label]) => ({
      label,
      selected: value === current,
      choose: () => onEdit((before) => ({ ...before, [key]: value })),
    }));
  const length = (key: "skirting" | "cornice", label: string) => (
    <LengthField
      label={label}
      written={written[key] ?? 0}
      units={units}
      aim={{ toward: "thing", about: wall[key] }}
      onChange={(value) => onEdit((before) => ({ ...before, [key]: value }))}
    />
  );
  const primers = paints.filter(({ material }) => material === "primer" || material === "mineral-primer");
  return (
    <section className="border-t border-hairline py-3" aria-label="The wall">
      <h3 className="pb-1 text-lg font-bold">The wall</h3>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        <div className="col-span-2">
          <TextField
            label="Name"
            value={wall.name ?? ""}
            onChange={(name) => onEdit((before) => ({ ...before, name }))}
          />
        </div>
        {length("skirting", "Skirting")}
        {length("cornice", "Cornice")}
        <DiagonalReadings written={written} units={units} onEdit={onEdit} />
        <Choice
          label="Left end"
          options={options(edges, wall.leftEdge, "leftEdge")}
          onChoose={(option) => option.choose()}
        />
        <Choice
          label="Right end"
          options={options(edges, wall.rightEdge, "rightEdge")}
          onChoose={(option) => option.choose()}
        />
        <Choice
          label="Texture"
          options={options(textures, wall.texture, "texture")}
          onChoose={(option) => option.choose()}
        />
        <Choice
          label="Base colour"
          options={paints.map((paint) => ({
            label: paint.name,
            selected: paint.id === wall.base,
            choose: () => onEdit((before) => ({ ...before, base: paint.id })),
          }))}
          onChoose={(option) => option.choose()}
        />
        <div className="col-span-2 pt-2">
          <Choice
            label="The base"
            options={(["on", "paint"] as const).map((state) => ({
              state,
              label: { on: "is on the wall", paint: "is to be painted" }[state],
              selected: wall.baseState === state,
            }))}
            // A base that is on needs no primer.
            onChoose={({ state }) =>
              onEdit(({ primer, ...before }) => ({
                ...before,
                baseState: state,
                ...(state === "paint" && primer !== undefined && { primer }),
              }))
            }
          />
        </div>
        {wall.baseState === "paint" && (
          <div className="col-span-2 pt-2">
            <Choice
              label="Primer under it"
              options={[
                {
                  label: primers.length > 0 ? "none" : "none (add one at Buy)",
                  selected: wall.primer === undefined,
                  primer: undefined,
                },
                ...primers.map(({ id, name }) => ({ label: name, selected: wall.primer === id, primer: id })),
              ]}
              onChoose={({ primer }) => onEdit((before) => ({ ...before, primer }))}
            />
          </div>
        )}
      </div>
    </section>
  );
}

function WallActions({ wallId }: { wallId: string }) {
  const job = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const jobId = useJobState((state) => state.jobId);
  const router = useRouter();
  const remove = () => {
    const next = job.walls.find((other) => other.id !== wallId);
    change((before) => removeWall(before, wallId));
    router.push(
      next ? stationPath(jobId, next.id, "measure") : `/jobs/${encodeURIComponent(jobId)}/add-wall`,
    );
  };
  const copy = () => {
    const copied = copyWall(document, wallId);
    change(() => copied.document);
    router.push(stationPath(jobId, copied.id, "measure"));
  };
  return (
    <div className="border-t border-hairline pt-3">
      <Button look="quiet" className="-ml-3" onClick={copy}>
        Copy this wall
      </Button>
      <Button look="quiet" className="text-brick" onClick={remove}>
        Remove this wall
      </Button>
      <p className="text-sm text-soft">Undo brings it back.</p>
    </div>
  );
}
