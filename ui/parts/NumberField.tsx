"use client";

import { useId, useState } from "react";

interface Props {
  readonly label: string;
  readonly value: number | null;
  readonly unit?: string;
  readonly whole?: boolean;
  readonly onChange: (value: number) => string | null;
}

/** A plain number; a wrong one is explained underneath and stays as typed. */
export function NumberField({ label, value, unit = "", whole = false, onChange }: Props) {
  const id = useId();
  const shown = value === null ? "" : String(Math.round(value * 1000) / 1000);
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const commit = () => {
    if (typed === null || typed.trim() === shown) return setTyped(null);
    const number = Number(typed.trim().replace("−", "-"));
    if (typed.trim() === "" || !Number.isFinite(number))
      return setProblem(`“${typed.trim()}” is not a number.`);
    if (whole && !Number.isInteger(number)) return setProblem("Write a whole number.");
    const refused = onChange(number);
    setProblem(refused);
    if (refused === null) setTyped(null);
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="small-caps-label block pb-1">
        {label}
      </label>
      <div
        className={`flex min-h-11 items-center rounded-md border bg-paper px-3 focus-within:ring-2 focus-within:ring-violet/40 ${problem ? "border-brick" : "border-hairline focus-within:border-violet"}`}
      >
        <input
          id={id}
          className="w-full min-w-0 bg-transparent py-2 font-semibold outline-none"
          inputMode="decimal"
          autoComplete="off"
          value={typed ?? shown}
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
        {unit && <span className="pl-2 text-sm text-soft">{unit}</span>}
      </div>
      <p id={`${id}-note`} className="pt-1 text-sm text-brick empty:hidden" aria-live="polite">
        {problem ?? ""}
      </p>
    </div>
  );
}
