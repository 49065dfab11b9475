"use client";

import { useState, type ReactNode } from "react";
import { Button } from "./Button";

interface Props {
  /** Answers what is missing, or null once it is told. */
  readonly onTell: () => string | null;
  /** Two fields. */
  readonly children: ReactNode;
}

/** Two fields side by side and the button that tells them: it is never dead, but says what is missing. */
export function TellRow({ onTell, children }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
      {children}
      <Button onClick={() => setProblem(onTell())}>Tell</Button>
      <p role="alert" className="col-span-3 text-sm text-brick empty:hidden">
        {problem}
      </p>
    </div>
  );
}
