"use client";

import { useJobState } from "@/ui/job/JobProvider";
import type { ShownFinding } from "@/ui/job/findingsAt";
import { changeDocument } from "@/ui/job/jobDocument";
import { Button } from "./Button";
import { Measure } from "./Measure";

const tones = {
  note: { dot: "bg-soft", word: "Good to know" },
  check: { dot: "bg-ochre", word: "To decide" },
  stop: { dot: "bg-brick", word: "Mend first" },
} as const;

interface Props {
  readonly findings: readonly ShownFinding[];
}

/** Findings as sentences, each with its cure as a button; pointing at one shows its flag on the wall. */
export function FindingList({ findings }: Props) {
  const pointedAt = useJobState((state) => state.pointedAt);
  const pointAt = useJobState((state) => state.pointAt);
  const change = useJobState((state) => state.change);
  if (findings.length === 0) return null;
  return (
    <ul className="flex flex-col gap-3" aria-label="Findings">
      {findings.map(({ finding, key, number }) => {
        const { dot, word } = tones[finding.severity];
        return (
          <li
            key={key}
            className={`flex gap-3 rounded-md p-1.5 -mx-1.5 ${pointedAt === key ? "bg-ochre-wash" : ""}`}
            onPointerEnter={() => pointAt(key)}
            onPointerLeave={() => pointAt(null)}
          >
            <span
              className={`mt-0.5 flex size-[22px] shrink-0 items-center justify-center rounded-full text-xs font-bold text-on-fill ${dot}`}
              title={word}
            >
              <span className="sr-only">{word}: </span>
              {number}
            </span>
            <div>
              <p>
                <Measure>{finding.say}</Measure>
              </p>
              <p className="text-soft">
                <Measure>{finding.remedy}</Measure>
              </p>
              {finding.change && (
                <Button
                  look="cure"
                  className="mt-2"
                  onClick={() => change((document) => changeDocument(document, finding.change!))}
                  onFocus={() => pointAt(key)}
                  onBlur={() => pointAt(null)}
                >
                  {finding.change.label}
                </Button>
              )}
            </div>
          </li>
        );
      })}
    </ul>
  );
}
