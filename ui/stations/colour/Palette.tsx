"use client";

import { useState } from "react";
import type { PaletteFormat } from "@/formats/palette";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { saveFile } from "@/ui/parts/saveFile";

const kinds: readonly { readonly format: PaletteFormat; readonly label: string; readonly type: string }[] = [
  { format: "gpl", label: "GIMP palette", type: "text/plain" },
  { format: "csv", label: "CSV", type: "text/csv" },
  { format: "json", label: "JSON", type: "application/json" },
];

/** The job's colours as a file that other programs read, and colours of such a file among its paints. */
export function Palette() {
  const { name, paints } = useJob();
  const change = useJobState((state) => state.change);
  const [said, setSaid] = useState<{ readonly words: string; readonly isWrong: boolean } | null>(null);
  const keep = async ({ format, type }: (typeof kinds)[number]) => {
    const { writePalette } = await import("@/formats/palette");
    saveFile(`${name}.${format}`, type, writePalette(format, name, paints));
  };
  const bringIn = async (file: File) => {
    const { readPalette } = await import("@/formats/palette");
    const read = readPalette(await file.text());
    if (!read.ok) return setSaid({ words: `${file.name}: ${read.why}`, isWrong: true });
    const refused = change((before) => ({
      ...before,
      paints: read.colours.reduce(
        (all, colour) => [...all, { ...colour, id: freshId(colour.name, all) }],
        before.paints,
      ),
    }))[0]?.message;
    setSaid(
      refused === undefined
        ? { words: `${read.colours.length} colours came in as paints.`, isWrong: false }
        : { words: refused, isWrong: true },
    );
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">Palettes</summary>
      <div className="flex flex-wrap gap-2 pb-2">
        {kinds.map((kind) => (
          <Button key={kind.format} onClick={() => void keep(kind)}>
            Keep as {kind.label}
          </Button>
        ))}
        <label className="inline-flex min-h-11 cursor-pointer items-center rounded-md border border-hairline bg-paper px-3.5 text-[0.9375rem] focus-within:outline-2 focus-within:outline-violet">
          Bring a palette in
          <input
            type="file"
            accept=".gpl,.csv,.json,text/csv,application/json,text/plain"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void bringIn(file);
              event.target.value = "";
            }}
          />
        </label>
      </div>
      {said && (
        <p
          role={said.isWrong ? "alert" : "status"}
          className={`pb-2 text-[0.9375rem] ${said.isWrong ? "text-brick" : "text-leaf"}`}
        >
          {said.words}
        </p>
      )}
    </details>
  );
}
