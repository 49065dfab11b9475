"use client";

import { Crosshair } from "lucide-react";
import { useRouter } from "next/navigation";
import { useMemo, useState, type ComponentProps } from "react";
import type { UnitSystem } from "@/core/measure/units";
import { imaginedRoom } from "@/devices/laser/simulatedRoom";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId, type SurveyDocument, type WallDocument } from "@/ui/job/jobDocument";
import { joinToRun } from "@/ui/job/editRuns";
import { mmOf } from "@/ui/job/writtenLength";
import { LaserFields } from "@/ui/parts/LaserFields";
import { LaserPanel } from "./LaserPanel";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { TextField } from "@/ui/parts/TextField";
import { stationPath } from "@/ui/job/useAddress";
import { DraftWall } from "./DraftWall";
import { EndReadings } from "./EndReadings";
import { SurveyReadings } from "./SurveyReadings";

type How = "survey" | "quick";

/** When each way of measuring serves. */
const whenEach: Record<How, string> = {
  survey:
    "Serves wherever a line runs long, meets the ceiling or goes around a corner: it finds out how far floor and ceiling are out.",
  quick:
    "Serves for a first look, a price, or a wall that you trust: it takes the corners as square. It can be surveyed later, and nothing is lost.",
};

/** A new wall: surveyed from a level line, or the quick way by width and height. The outline grows as readings arrive. */
export function AddWallCard() {
  const job = useJob();
  const [how, setHow] = useState<How>("survey");
  const [name, setName] = useState("");
  const [survey, setSurvey] = useState<SurveyDocument>({ stations: [] });
  const [sides, setSides] = useState<{ width?: number | string; height?: number | string }>({});
  const { units, walls } = job;
  const seed = `${job.name} ${walls.length}`;
  const room = useMemo(() => imaginedRoom(seed), [seed]);
  const side = (key: "width" | "height") => (value: number | string) => {
    setSides((before) => ({ ...before, [key]: value }));
    return null;
  };
  const drawn =
    how === "survey"
      ? survey
      : { stations: [0, mmOf(sides.width)].map((x) => ({ x, down: 0, up: sides.height ?? 0 })) };
  return (
    <div className="flex min-h-full flex-col gap-x-8 md:flex-row">
      <div className="h-44 shrink-0 md:flex-1 md:sticky md:top-0 md:h-[calc(100dvh-190px)]">
        <DraftWall survey={drawn} units={units} isSurveyed={how === "survey"} />
      </div>
      <div className="w-full md:w-[400px]">
        <h1 className="text-2xl font-bold">{walls.length === 0 ? "The first wall" : "Another wall"}</h1>
        <p className="pb-3 text-soft">
          {how === "survey"
            ? "Strike a level line. From its left end read along it, and at each station down to the floor and up to the ceiling."
            : "Its width along the floor and its height at the left end. Skirting, openings and plates come next."}
        </p>
        <div className="flex flex-col gap-2">
          <TextField
            label="What you call it"
            value={name}
            onChange={(value) => {
              setName(value);
              return null;
            }}
          />
          <Choice
            label="How it is measured"
            options={[
              { label: "from a level line", selected: how === "survey", how: "survey" as const },
              { label: "as a plain rectangle", selected: how === "quick", how: "quick" as const },
            ]}
            onChoose={(option) => setHow(option.how)}
          />
          <p className="pb-1 text-[0.9375rem] text-soft">{whenEach[how]}</p>
          <LaserFields>
            {how === "survey" ? (
              <>
                <SurveyFields survey={survey} units={units} onChange={setSurvey} />
                <LaserOnDemand room={room} seed={seed} units={units} />
              </>
            ) : (
              <>
                <LengthField label="Width" written={sides.width} units={units} onChange={side("width")} />
                <LengthField label="Height" written={sides.height} units={units} onChange={side("height")} />
              </>
            )}
          </LaserFields>
        </div>
        <AddButtons name={name} parts={how === "survey" ? { survey } : sides} />
      </div>
    </div>
  );
}

interface SurveyProps {
  readonly survey: SurveyDocument;
  readonly units: UnitSystem;
  readonly onChange: (survey: SurveyDocument) => void;
}

/** Readings along the level line, and of both ends once there are some. */
function SurveyFields({ survey, units, onChange }: SurveyProps) {
  const take = (next: SurveyDocument) => {
    onChange(next);
    return null;
  };
  return (
    <>
      <SurveyReadings survey={survey} units={units} onChange={take} />
      {survey.stations.length > 0 &&
        (["left", "right"] as const).map((end) => (
          <EndReadings key={end} end={end} survey={survey} units={units} onChange={take} />
        ))}
    </>
  );
}

/** The laser takes no room until it is asked for. */
function LaserOnDemand(props: ComponentProps<typeof LaserPanel>) {
  const [isUsed, setUsed] = useState(false);
  if (isUsed) return <LaserPanel {...props} />;
  return (
    <Button look="quiet" className="-ml-3 self-start" onClick={() => setUsed(true)}>
      <Crosshair size={17} aria-hidden /> Read with a laser
    </Button>
  );
}

interface AddProps {
  readonly name: string;
  readonly parts: Pick<WallDocument, "width" | "height" | "survey">;
}

/** Keeps the wall: by itself, or as the one around the corner from a wall that is there. */
function AddButtons({ name, parts }: AddProps) {
  const job = useJob();
  const document = useDocument();
  const jobId = useJobState((state) => state.jobId);
  const change = useJobState((state) => state.change);
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const before = job.walls.findLast((wall) => (wall.survey !== undefined) === (parts.survey !== undefined));
  const add = (after: string | null) => {
    const missing = missingFrom(parts);
    if (missing) return setProblem(missing);
    const id = freshId(name || "wall", [...job.walls, ...job.runs]);
    const wall = { id, name: name || "Wall", base: job.paints[0]?.id ?? "ground", ...parts };
    const next = {
      ...document,
      paints:
        document.paints.length > 0 ? document.paints : [{ id: "ground", name: "Ground", hex: "#EFE9DC" }],
      walls: [...document.walls, wall],
    };
    const problems = change(() => (after === null ? next : joinToRun(next, after, id)));
    if (problems.length > 0) return setProblem(problems.map(({ message }) => message).join(" "));
    router.push(stationPath(jobId, id, "measure"));
  };
  // They stay at the foot of the screen: a button that moves as a field is left would lose the click.
  return (
    <div className="sticky -bottom-4 -mx-5 mt-3 flex flex-col gap-2 border-t border-hairline bg-card px-5 py-3">
      {problem && (
        <p role="alert" className="text-brick">
          {problem}
        </p>
      )}
      <Button look="primary" onClick={() => add(null)}>
        Add this wall
      </Button>
      {before && (
        <Button
          onClick={() => add(before.id)}
        >{`Add it around the corner from ${before.name ?? before.id}`}</Button>
      )}
    </div>
  );
}

function missingFrom({ survey, width, height }: AddProps["parts"]): string | null {
  if (!survey) {
    return width === undefined || height === undefined ? "Write the width and the height first." : null;
  }
  return survey.stations.length < 2 ? "Read two stations at least: one at each end of the level line." : null;
}
