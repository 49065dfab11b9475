"use client";

import { Upload } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState, type DragEvent } from "react";
import type { Problem } from "@/core/job/parseJob";
import type { UnitSystem } from "@/core/measure/units";
import { textOf, type JobDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";

/** Starts a job, or takes one in from its file. A bad file is explained place by place and changes nothing. */
export function NewJob() {
  const router = useRouter();
  const [name, setName] = useState("");
  const [units, setUnits] = useState<UnitSystem>("imperial");
  const [refused, setRefused] = useState<{ what: string; problems: Problem[] } | null>(null);
  const [isOver, setOver] = useState(false);

  const send = async (text: string, what: string) => {
    try {
      const response = await fetch("/api/jobs", {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: text,
      });
      const body = (await response.json()) as { id?: string; problems?: Problem[] };
      if (body.id !== undefined) return router.push(`/jobs/${encodeURIComponent(body.id)}`);
      setRefused({ what, problems: body.problems ?? [] });
    } catch {
      setRefused({
        what,
        problems: [{ path: "", message: "the program does not answer; is it still running?" }],
      });
    }
  };
  const start = () => {
    if (name.trim() === "")
      return setRefused({
        what: "The job",
        problems: [{ path: "name", message: "write what the job is called" }],
      });
    void send(textOf(firstDocument(name.trim(), units)), "The job");
  };
  const takeFile = async (file: File | undefined) => {
    if (file) await send(await file.text(), file.name);
  };
  const onDrop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void takeFile(event.dataTransfer.files[0]);
  };
  return (
    <section
      aria-label="New job"
      className={`rounded-md ${isOver ? "outline-2 outline-dashed outline-violet outline-offset-8" : ""}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={onDrop}
    >
      <h2 className="border-b border-ink pb-2 text-xl font-bold">A new job</h2>
      <form
        className="flex flex-col gap-3 py-4"
        onSubmit={(event) => {
          event.preventDefault();
          start();
        }}
      >
        <label>
          <span className="small-caps-label block pb-1">What it is called</span>
          <input
            className="min-h-11 w-full rounded-md border border-hairline bg-paper px-3 font-semibold"
            value={name}
            maxLength={200}
            autoComplete="off"
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <Choice
          label="Tape measure"
          options={[
            { label: "feet and inches", selected: units === "imperial", units: "imperial" as const },
            { label: "millimetres", selected: units === "metric", units: "metric" as const },
          ]}
          onChoose={(option) => setUnits(option.units)}
        />
        <Button look="primary" type="submit">
          Start the job
        </Button>
      </form>
      <label className="flex min-h-11 cursor-pointer items-center justify-center gap-2 rounded-md border border-dashed border-soft px-3 py-3 text-[0.9375rem] focus-within:outline-2 focus-within:outline-violet hover:border-violet">
        <Upload size={17} aria-hidden />
        Bring in a job file, or drop it here
        <input
          type="file"
          accept=".json,application/json"
          className="sr-only"
          onChange={(event) => {
            void takeFile(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {refused && (
        <div role="alert" className="mt-4 border-l-4 border-brick bg-brick-wash p-3">
          <p className="font-semibold">{`${refused.what} was not taken in. Nothing was changed.`}</p>
          <ul className="pt-1 text-[0.9375rem]">
            {refused.problems.map(({ path, message }, index) => (
              <li key={index} className="break-words pt-1">
                {path && <b>{path}: </b>}
                {message}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** Two paints to begin with; names and colours are the painter's to change. */
function firstDocument(name: string, units: UnitSystem): JobDocument {
  return {
    format: "jacaranda-job/1",
    name,
    units,
    paints: [
      { id: "ground", name: "Ground", hex: "#EFE9DC" },
      { id: "colour-1", name: "Colour 1", hex: "#5B6F86" },
    ],
    walls: [],
    finishes: [],
  };
}
