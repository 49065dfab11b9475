"use client";

import { useRouter } from "next/navigation";
import { useDocument, useJob, useJobState, useWall } from "@/ui/job/JobProvider";
import { changeById, type WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FindingList } from "@/ui/parts/FindingList";
import { LengthField } from "@/ui/parts/LengthField";
import { TextField } from "@/ui/parts/TextField";
import { findingKey } from "@/ui/wall-view/layers/FindingFlags";
import { JobSettings } from "./JobSettings";
import { ThingsOnWall } from "./ThingsOnWall";

const textures = {
  smooth: "smooth",
  light: "light stipple",
  heavy: "heavy stipple",
  brick: "bare brick",
  boards: "boards",
} as const;
const edges = { internal: "inside corner", external: "outside corner", stop: "wall stops" } as const;

/** The wall as it was measured: its sides, trim, openings and what is fixed to it. */
export function MeasureCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const job = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const jobId = useJobState((state) => state.jobId);
  const router = useRouter();
  const written = document.walls.find((wall) => wall.id === wallId);
  if (!found || !written) return null;
  const { wall, plan } = found;
  const edit = (update: (wall: WallDocument) => WallDocument): string | null =>
    change((before) => ({ ...before, walls: changeById(before.walls, wallId, update) }))[0]?.message ?? null;
  const length = (key: "width" | "height" | "skirting" | "cornice", label: string) => (
    <LengthField
      label={label}
      written={written[key] ?? 0}
      units={job.units}
      onChange={(value) => edit((before) => ({ ...before, [key]: value }))}
    />
  );
  const options = <Key extends string>(words: Record<Key, string>, current: Key, key: keyof WallDocument) =>
    (Object.entries(words) as [Key, string][]).map(([value, label]) => ({
      label,
      selected: value === current,
      choose: () => edit((before) => ({ ...before, [key]: value })),
    }));
  const remove = () => {
    const next = job.walls.find((other) => other.id !== wallId);
    change((before) => ({
      ...before,
      walls: before.walls.filter((other) => other.id !== wallId),
      runs: before.runs
        ?.map((run) => ({ ...run, walls: run.walls.filter((id) => id !== wallId) }))
        .filter((run) => run.walls.length > 0),
      finishes: before.finishes.filter((finish) => finish.on !== wallId),
    }));
    router.push(
      next
        ? `/jobs/${encodeURIComponent(jobId)}/${encodeURIComponent(next.id)}/measure`
        : `/jobs/${encodeURIComponent(jobId)}/add-wall`,
    );
  };
  return (
    <>
      <h2 className="text-2xl font-bold">Measure</h2>
      <p className="pb-3 text-soft">
        A quick wall: sides square, floor level. x is read from the left, y up from the floor.
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        <div className="col-span-2">
          <TextField
            label="Name"
            value={wall.name ?? ""}
            onChange={(name) => edit((before) => ({ ...before, name }))}
          />
        </div>
        {length("width", "Width")}
        {length("height", "Height")}
        {length("skirting", "Skirting")}
        {length("cornice", "Cornice")}
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
          options={[
            ...job.paints.map((paint) => ({
              label: paint.name,
              selected: paint.id === wall.base,
              choose: () => edit((before) => ({ ...before, base: paint.id })),
            })),
          ]}
          onChoose={(option) => option.choose()}
        />
        <div className="col-span-2 pt-2">
          <Choice
            label="The base"
            options={options(
              { on: "is on the wall", paint: "is to be painted" } as const,
              wall.baseState,
              "baseState",
            )}
            onChoose={(option) => option.choose()}
          />
        </div>
      </div>
      {plan && (
        <div className="pt-4">
          <FindingList
            findings={plan.findings.filter(
              (finding) => finding.severity === "stop" || /opening|fixture|trim|nothing/.test(finding.code),
            )}
            keyOf={(index) => findingKey(wallId, index)}
          />
        </div>
      )}
      <ThingsOnWall wall={written} units={job.units} onEdit={edit} />
      <JobSettings />
      <div className="border-t border-hairline pt-3">
        <Button look="quiet" className="-ml-3 text-brick" onClick={remove}>
          Remove this wall
        </Button>
        <p className="text-sm text-soft">Undo brings it back.</p>
      </div>
    </>
  );
}
