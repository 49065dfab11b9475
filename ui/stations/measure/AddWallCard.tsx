"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { LengthField } from "@/ui/parts/LengthField";
import { TextField } from "@/ui/parts/TextField";
import { stationPath } from "@/ui/shell/stations";

/** The three things that make a wall: a name, a width and a height. */
export function AddWallCard() {
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const change = useJobState((state) => state.change);
  const router = useRouter();
  const [name, setName] = useState("");
  const [sides, setSides] = useState<{ width?: number | string; height?: number | string }>({});
  const [problem, setProblem] = useState<string | null>(null);
  const base = job.paints[0];
  const add = () => {
    const { width, height } = sides;
    if (width === undefined || height === undefined)
      return setProblem("Write the width and the height first.");
    const id = freshId(name || "wall", [...job.walls, ...job.runs]);
    const problems = change((before) => ({
      ...before,
      paints: before.paints.length > 0 ? before.paints : [{ id: "ground", name: "Ground", hex: "#EFE9DC" }],
      walls: [...before.walls, { id, name: name || "Wall", width, height, base: base?.id ?? "ground" }],
    }));
    if (problems.length > 0) return setProblem(problems.map(({ message }) => message).join(" "));
    router.push(stationPath(jobId, id, "measure"));
  };
  const side = (key: "width" | "height") => (value: number | string) => {
    setSides((before) => ({ ...before, [key]: value }));
    return null;
  };
  return (
    <div className="mx-auto w-full max-w-md py-6">
      <h1 className="text-2xl font-bold">{job.walls.length === 0 ? "The first wall" : "Another wall"}</h1>
      <p className="pb-4 text-soft">
        Measure its width along the floor and its height at the left end. Skirting, openings and plates come
        next.
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
        <LengthField label="Width" written={sides.width} units={job.units} onChange={side("width")} />
        <LengthField label="Height" written={sides.height} units={job.units} onChange={side("height")} />
        <Button look="primary" onClick={add}>
          Add this wall
        </Button>
        {/* Below the button: a button that moves as a field is left would lose the click. */}
        {problem && (
          <p role="alert" className="text-brick">
            {problem}
          </p>
        )}
      </div>
    </div>
  );
}
