"use client";

import { useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type PaintDocument } from "@/ui/job/jobDocument";
import { ColourField } from "./ColourField";
import { TextField } from "./TextField";

/** What paints are called and how they look, to be changed where they are used. */
export function PaintNames({ ids }: { readonly ids: readonly string[] }) {
  const { paints } = useJob();
  const change = useJobState((state) => state.change);
  const edit = (id: string, update: Partial<PaintDocument>): string | null =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, id, (old) => ({ ...old, ...update })),
    }))[0]?.message ?? null;
  return (
    <ul className="flex flex-col gap-2">
      {paints
        .filter(({ id }) => ids.includes(id))
        .map(({ id, name, hex }) => (
          <li key={id} className="flex items-start gap-2">
            <ColourField
              isChip
              label={`Colour of ${name}`}
              value={hex}
              onChange={(to) => edit(id, { hex: to })}
            />
            <div className="min-w-0 flex-1">
              <TextField
                label={`Name of ${name}`}
                isCell
                value={name}
                onChange={(next) => edit(id, { name: next })}
              />
            </div>
          </li>
        ))}
    </ul>
  );
}
