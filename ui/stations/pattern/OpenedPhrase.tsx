"use client";

import { Popover } from "radix-ui";
import { useState } from "react";
import type { CardField } from "@/core/finishes/defineFinish";
import { formatDuration, formatRun } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import { useWall } from "@/ui/job/JobProvider";
import type { FinishDocument } from "@/ui/job/jobDocument";
import { Measure } from "@/ui/parts/Measure";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import type { Trial } from "@/workers/trialOnWall";
import { FinishFields, type FieldsProps } from "./FinishFields";
import { phraseLook } from "./phraseLook";
import type { Phrase } from "./sentenceOf";
import { useTrials } from "./useTrials";

interface Props extends Omit<FieldsProps, "fields"> {
  readonly phrase: Phrase;
  readonly name: string;
  readonly wallId: string;
}

/** A word of the sentence, open at first: what it could be instead, each with what that would change. */
export function OpenedPhrase({ phrase: { field, label, value }, name, wallId, ...rest }: Props) {
  const [isOpen, setOpen] = useState(true);
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={name} className={phraseLook}>
        <Measure>{value}</Measure>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={8}
          aria-label={label}
          className="z-40 max-h-[min(32rem,80dvh)] w-[min(22rem,94vw)] overflow-y-auto rounded-md border border-ink bg-card p-3"
        >
          {field.type === "choice" ? (
            <Options field={field} wallId={wallId} onChosen={() => setOpen(false)} {...rest} />
          ) : (
            <FinishFields fields={[field]} {...rest} />
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface OptionsProps extends Omit<FieldsProps, "fields"> {
  readonly field: Extract<CardField, { type: "choice" }>;
  readonly wallId: string;
  readonly onChosen: () => void;
}

/** The ways that are offered, each as this wall would look by itself, and how it differs from the one that is chosen. */
function Options({ field, wallId, onChosen, written, paints, units, onEdit }: OptionsProps) {
  const found = useWall(wallId);
  const trials = useTrials(
    wallId,
    field.options.map(({ set }) => ({ ...written, ...set })),
  );
  const chosen = trials[field.options.findIndex(({ selected }) => selected)] ?? null;
  if (!found) return null;
  return (
    <>
      <p className="small-caps-label pb-1">{field.label}</p>
      <ul className="flex flex-col gap-1">
        {field.options.map(({ label, selected, set }, index) => {
          const trial = trials[index] ?? null;
          return (
            <li key={label}>
              <button
                type="button"
                aria-pressed={selected}
                className={`flex w-full items-start gap-3 rounded-md border p-2 text-left ${selected ? "border-violet bg-violet-wash" : "border-transparent hover:border-hairline hover:bg-paper"}`}
                onClick={() => {
                  onEdit((finish) => ({ ...finish, ...set }) as FinishDocument);
                  onChosen();
                }}
              >
                <MiniWall
                  wall={found.wall}
                  plan={trial?.wall ?? null}
                  paints={paints}
                  className="h-14 w-20 shrink-0"
                />
                <span className="min-w-0">
                  <span className="block font-semibold">{label}</span>
                  <span className="block text-[0.9375rem] text-soft">
                    <Measure>{selected ? wholeOf(trial, units) : differenceOf(trial, chosen, units)}</Measure>
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </>
  );
}

const daysText = (days: number) => `${days} ${days === 1 ? "day" : "days"}`;

/** What the chosen way takes by itself. */
function wholeOf(trial: Trial | null, units: UnitSystem): string {
  if (!trial) return "";
  return [
    ...(trial.prints > 0 ? [`${trial.prints} prints`] : []),
    ...(trial.tapeM > 0 ? [`${formatRun(trial.tapeM, units)} of tape`] : []),
    ...(trial.minutes === null ? [] : [`${formatDuration(trial.minutes)} of work`]),
    ...(trial.days === null ? [] : [daysText(trial.days)]),
  ].join(", ");
}

/** How another way differs from the chosen one. */
function differenceOf(trial: Trial | null, chosen: Trial | null, units: UnitSystem): string {
  if (!trial || !chosen) return "working it out";
  const by = (now: number | null, then: number | null, say: (by: number) => string, less = "less") => {
    if (now === null || then === null) return [];
    const told = say(Math.abs(now - then));
    return told === say(0) ? [] : [`${told} ${now > then ? "more" : less}`];
  };
  const differs = [
    ...by(trial.prints, chosen.prints, (prints) => `${prints} ${prints === 1 ? "print" : "prints"}`, "fewer"),
    ...by(trial.tapeM, chosen.tapeM, (metres) => `${formatRun(metres, units)} of tape`),
    ...by(trial.minutes, chosen.minutes, formatDuration),
    ...by(trial.days, chosen.days, daysText, "fewer"),
  ];
  return differs.length > 0 ? differs.join(", ") : "nothing else changes but the look";
}
