"use client";

import { Copy, Download } from "lucide-react";
import { useState } from "react";
import { IconButton } from "./IconButton";
import { saveFile } from "./saveFile";

export type Cell = string | number | null;

interface Props {
  /** What the file is called. */
  readonly name: string;
  readonly columns: readonly string[];
  readonly rows: () => readonly (readonly Cell[])[];
}

const shownForMs = 1600;

/** A table to be copied into a letter or a spreadsheet, or kept as CSV. */
export function TakeAlong({ name, columns, rows }: Props) {
  const [word, setWord] = useState("");
  const copy = async () => {
    const lines = [columns, ...rows()].map((cells) => cells.map((cell) => cell ?? "").join("\t"));
    const said = await navigator.clipboard.writeText(lines.join("\n")).then(
      () => "Copied",
      () => "The browser does not let it be copied",
    );
    setWord(said);
    setTimeout(() => setWord(""), shownForMs);
  };
  const keep = async () => {
    const { csvOf } = await import("@/formats/csv");
    saveFile(`${name}.csv`, "text/csv", csvOf(columns, rows()));
  };
  return (
    <span className="flex items-center">
      <span className="text-sm text-leaf" role={word === "" ? undefined : "status"}>
        {word}
      </span>
      <IconButton label={`Copy the table of ${name}`} onClick={() => void copy()}>
        <Copy size={16} aria-hidden />
      </IconButton>
      <IconButton label={`Keep the table of ${name} as CSV`} onClick={() => void keep()}>
        <Download size={16} aria-hidden />
      </IconButton>
    </span>
  );
}
