"use client";

import { mmPerInch } from "@/core/measure/units";
import { useDocument, useJob, useJobState } from "@/ui/job/JobProvider";
import type { JobDocument } from "@/ui/job/jobDocument";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { Section } from "@/ui/parts/Section";
import { TextField } from "@/ui/parts/TextField";

const divisions = {
  imperial: ["1/8 in", "1/16 in", "1/32 in"],
  metric: ["0.5 mm", "1 mm", "2 mm", "5 mm"],
} as const;

/** What holds for the whole job: its name, the tape measure in hand, where people stand, and the school of taping. */
export function JobSettings() {
  const job = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const edit = (update: Partial<JobDocument>): string | null =>
    change((before) => ({ ...before, ...update }))[0]?.message ?? null;
  const inMm = (division: string) =>
    division.endsWith("mm")
      ? Number(division.slice(0, -3))
      : mmPerInch / Number(/\/(\d+)/.exec(division)![1]);
  const offered = divisions[job.units].map((division) => ({
    label: division,
    selected: Math.abs(inMm(division) - job.tapeDivision) < 1e-6,
  }));
  const isListed = offered.some((option) => option.selected);
  const written = { label: `as written: ${document.tapeDivision}`, selected: true };
  return (
    <Section name="measure/job" title="The job" isFolded>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 pb-3">
        <div className="col-span-2">
          <TextField label="Name" value={job.name} onChange={(name) => edit({ name })} />
        </div>
        <Choice
          label="Tape reads to"
          options={isListed ? offered : [...offered, written]}
          onChoose={(option) => (option === written ? null : edit({ tapeDivision: option.label }))}
        />
        <LengthField
          label="People stand"
          written={document.viewingDistance ?? job.viewingDistance}
          units={job.units}
          onChange={(viewingDistance) => edit({ viewingDistance })}
        />
        <Choice
          label="Paint in"
          options={[
            { label: "litres", selected: job.volumes === "litres", volumes: "litres" as const },
            { label: "gallons", selected: job.volumes === "us", volumes: "us" as const },
          ]}
          onChoose={({ volumes }) => edit({ volumes })}
        />
        <TextField
          label="Currency"
          value={job.currency}
          onChange={(text) => edit({ currency: text.toUpperCase() })}
        />
        <CeilingFields edit={edit} />
        <div className="col-span-2">
          <Choice
            label="Coats"
            options={[
              { label: "finish each round", selected: job.school === "finish", school: "finish" as const },
              {
                label: "one coat everywhere first",
                selected: job.school === "coat-by-coat",
                school: "coat-by-coat" as const,
              },
            ]}
            onChoose={({ school }) => edit({ school })}
          />
        </div>
      </div>
    </Section>
  );
}

/** What the ceiling is like, which decides how masks along it are sealed. */
function CeilingFields({ edit }: { edit: (update: Partial<JobDocument>) => string | null }) {
  const job = useJob();
  const document = useDocument();
  return (
    <>
      <Choice
        label="Ceiling"
        options={[
          { label: "not told", selected: !job.ceiling, texture: null },
          ...(["smooth", "light", "heavy"] as const).map((texture) => ({
            label: { smooth: "smooth", light: "light stipple", heavy: "heavy stipple" }[texture],
            selected: job.ceiling?.texture === texture,
            texture,
          })),
        ]}
        onChoose={({ texture }) =>
          edit({ ceiling: texture === null ? undefined : { ...document.ceiling, texture } })
        }
      />
      <Choice
        label="Its paint"
        options={[
          { label: "not at hand", selected: job.ceiling?.colour === undefined, id: undefined },
          ...job.paints.map(({ id, name, hex }) => ({
            label: name,
            swatch: hex,
            selected: job.ceiling?.colour === id,
            id,
          })),
        ]}
        onChoose={({ id }) => edit({ ceiling: { ...document.ceiling, colour: id } })}
      />
    </>
  );
}
