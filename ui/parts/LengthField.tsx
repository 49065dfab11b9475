"use client";

import { useId, useState } from "react";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import { parseLength } from "@/core/measure/parseLength";
import { parseLengthEntry } from "@/core/measure/parseLengthEntry";
import type { Parsed, UnitSystem } from "@/core/measure/units";
import { Measure } from "./Measure";

interface Props {
  readonly label: string;
  /** What the document holds: mm, or a text as the painter wrote it. */
  readonly written: number | string | undefined;
  readonly units: UnitSystem;
  /** Takes the new value in document form; answers what is wrong with it, or null. */
  readonly onChange: (value: number | string) => string | null;
  readonly hint?: string;
  readonly autoFocus?: boolean;
}

/**
 * A length as a painter would write it, with what the program understood beside it. A wrong entry is
 * explained underneath and stays as typed.
 */
export function LengthField({ label, written, units, onChange, hint, autoFocus }: Props) {
  const id = useId();
  const shown = showWritten(written, units);
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const text = typed ?? shown;
  // What is written is taken at its own worth; only what is being typed is read off the screen.
  const understood = typed === null ? valueOf(written) : parseLengthEntry(typed, units);

  const commit = () => {
    if (typed === null || (typed === shown && problem === null)) return setTyped(null);
    if (!understood.ok) return setProblem(explain(typed, units));
    // What carries its own unit is kept as written; bare numbers and sums become what they mean.
    const refused = onChange(
      parseLength(typed).ok ? typed.trim() : entryInDocument(typed, understood.value, units),
    );
    setProblem(refused);
    if (refused === null) setTyped(null);
  };

  return (
    <div className="min-w-0">
      <div className="flex items-baseline justify-between gap-2 pb-1">
        <label htmlFor={id} className="small-caps-label">
          {label}
        </label>
        {text !== "" && understood.ok && (
          <span className="text-[0.8125rem] whitespace-nowrap text-soft">
            <Measure>{`= ${inOther(understood.value, units)}`}</Measure>
          </span>
        )}
      </div>
      <div
        className={`flex min-h-11 items-center rounded-md border bg-paper px-3 focus-within:ring-2 focus-within:ring-violet/40 ${problem ? "border-brick" : "border-hairline focus-within:border-violet"}`}
      >
        <input
          id={id}
          className="w-full min-w-0 bg-transparent py-2 font-semibold outline-none"
          value={text}
          inputMode="text"
          autoComplete="off"
          autoFocus={autoFocus}
          aria-invalid={problem !== null}
          aria-describedby={`${id}-note`}
          onChange={(event) => {
            setTyped(event.target.value);
            setProblem(null);
          }}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === "Enter") commit();
            if (event.key === "Escape") {
              setTyped(null);
              setProblem(null);
            }
          }}
        />
      </div>
      <p
        id={`${id}-note`}
        className={`pt-1 text-sm empty:hidden ${problem ? "text-brick" : "text-soft"}`}
        aria-live="polite"
      >
        {problem ?? hint ?? ""}
      </p>
    </div>
  );
}

function valueOf(written: number | string | undefined): Parsed {
  if (typeof written === "number") return { ok: true, value: written };
  return written === undefined ? { ok: false } : parseLength(written);
}

function showWritten(written: number | string | undefined, units: UnitSystem): string {
  if (written === undefined) return "";
  return typeof written === "string" ? written : formatLength(written, units);
}

/** Inches are kept as such, so that 112 3/8 stays 112 3/8; everything else becomes mm. */
function entryInDocument(typed: string, mm: number, units: UnitSystem): number | string {
  const isBareInches = /^[\d\s./-]+$/.test(typed) && (units === "imperial" || typed.includes("/"));
  if (isBareInches) return `${typed.trim()} in`;
  return Math.round(mm * 1e4) / 1e4;
}

/** The other system, so that a slip between inches and millimetres is seen at once. */
function inOther(mm: number, units: UnitSystem): string {
  return units === "imperial" ? `${Math.round(mm * 10) / 10} mm` : formatSpan(mm, "imperial");
}

function explain(typed: string, units: UnitSystem): string {
  if (typed.trim() === "") return "Write a length here.";
  const example = units === "imperial" ? `112 3/8 or 9' 4 3/8"` : "2850 or 2.85 m";
  const comma = typed.includes(",") ? " Write decimals with a point." : "";
  return `“${typed.trim()}” is not a length. Write it like ${example}.${comma}`;
}
