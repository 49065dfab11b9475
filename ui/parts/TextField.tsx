"use client";

import { useId, useState } from "react";

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => string | null;
}

/** A line of plain text, taken when the field is left. */
export function TextField({ label, value, onChange }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const commit = () => {
    if (typed === null || typed === value) return setTyped(null);
    const refused = onChange(typed.trim());
    setProblem(refused);
    if (refused === null) setTyped(null);
  };
  return (
    <div className="min-w-0 pb-1">
      <label htmlFor={id} className="small-caps-label block pb-1">
        {label}
      </label>
      <input
        id={id}
        className={`min-h-11 w-full rounded-md border bg-paper px-3 font-semibold ${problem ? "border-brick" : "border-hairline"}`}
        autoComplete="off"
        value={typed ?? value}
        aria-invalid={problem !== null}
        aria-describedby={`${id}-note`}
        onChange={(event) => {
          setTyped(event.target.value);
          setProblem(null);
        }}
        onBlur={commit}
        onKeyDown={(event) => event.key === "Enter" && commit()}
      />
      {problem && (
        <p id={`${id}-note`} className="pt-1 text-sm text-brick">
          {problem}
        </p>
      )}
    </div>
  );
}
