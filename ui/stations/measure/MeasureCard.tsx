"use client";

import { Crosshair } from "lucide-react";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { PlanWall } from "@/core/plan/planTypes";
import type { UnitSystem } from "@/core/measure/units";
import type { Wall } from "@/core/wall/schema";
import { roomOfWall } from "@/devices/laser/simulatedRoom";
import { levelLineMm } from "@/core/trade/constants";
import { copyWall, removeWall } from "@/ui/job/editRuns";
import { surveyOfQuickWall } from "@/ui/job/surveyOfQuickWall";
import { useDocument, useJob, useJobState, useWall } from "@/ui/job/JobProvider";
import { changeById, type WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { CardHead } from "@/ui/parts/CardHead";
import { FindingList } from "@/ui/parts/FindingList";
import { LengthField } from "@/ui/parts/LengthField";
import { Section } from "@/ui/parts/Section";
import { findingsAt } from "@/ui/job/findingsAt";
import { LaserFields } from "@/ui/parts/LaserFields";
import { LaserPanel } from "./LaserPanel";
import { stationPath } from "@/ui/job/useAddress";
import { Conditions } from "./Conditions";
import { EndReadings } from "./EndReadings";
import { JobSettings } from "./JobSettings";
import { RunSection } from "./RunSection";
import { SurveyReadings } from "./SurveyReadings";
import { ThingsOnWall } from "./ThingsOnWall";
import { TheWall } from "./TheWall";
import { WallJudgement } from "./WallJudgement";

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
  const [usesLaser, setUsesLaser] = useState(false);
  const { units } = job;
  const edit = (update: (wall: WallDocument) => WallDocument): string | null =>
    change((before) => ({ ...before, walls: changeById(before.walls, wall.id, update) }))[0]?.message ?? null;
  const findings = findingsAt(plan, "wall");
  return (
    <>
      <CardHead
        title="Measure"
        note={
          written.survey
            ? "Read off one level line: along from the left plumb line, down to the floor, up to the ceiling."
            : written.object
              ? "A flat object: x is read from its left edge, y up from its lower one."
              : "A quick wall: sides square, floor level. x is read from the left, y up from the floor."
        }
        action={
          <Button look="quiet" aria-pressed={usesLaser} onClick={() => setUsesLaser(!usesLaser)}>
            <Crosshair size={17} aria-hidden /> Laser
          </Button>
        }
      />
      {usesLaser && <LaserPanel room={room} seed={wall.id} units={units} />}
      {findings.length > 0 && (
        <Section name="measure/findings" title="Noticed" sum={String(findings.length)}>
          <FindingList findings={findings} />
        </Section>
      )}
      {written.survey ? (
        <Section
          name="measure/readings"
          title="Readings"
          sum={`${written.survey.stations.length} stations`}
          isFolded={findings.length > 0}
        >
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
        </Section>
      ) : (
        <Section name="measure/sides" title="Sides">
          <QuickSides written={written} units={units} onEdit={edit} />
        </Section>
      )}
      {plan?.survey && !written.object && (
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
      {!wall.object && <RunSection wall={wall} />}
      <JobSettings />
      <WallActions wallId={wall.id} noun={wall.object ? "object" : "wall"} />
    </>
  );
}

interface SidesProps {
  readonly written: WallDocument;
  readonly units: UnitSystem;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

function QuickSides({ written, units, onEdit }: SidesProps) {
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
      {!written.object && (
        <div className="col-span-2 pt-1">
          <Button className="text-sm" onClick={survey}>
            Survey it from a level line
          </Button>
          {problem && <p className="pt-1 text-sm text-brick">{problem}</p>}
        </div>
      )}
    </div>
  );
}

function WallActions({ wallId, noun }: { wallId: string; noun: string }) {
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
        Copy this {noun}
      </Button>
      <Button look="quiet" className="text-brick" onClick={remove}>
        Remove this {noun}
      </Button>
      <p className="text-sm text-soft">Undo brings it back.</p>
    </div>
  );
}
