"use client";

import { Plus, X } from "lucide-react";
import type { PlanWall } from "@/core/plan/planTypes";
import type { WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";
import { Choice } from "@/ui/parts/Choice";
import { TextField } from "@/ui/parts/TextField";

type ConditionDocument = NonNullable<WallDocument["conditions"]>[number];

const kinds = {
  crack: "crack",
  patch: "patch",
  gloss: "gloss",
  grease: "grease",
  "bare-plaster": "bare plaster",
  "old-paint": "old paint, may hold lead",
  varnish: "varnish",
  wax: "wax",
} as const satisfies Record<ConditionDocument["kind"], string>;

interface Props {
  readonly wall: WallDocument;
  readonly preparation: PlanWall["preparation"];
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

/** What is the matter with the wall, and what that asks for before the first coat. */
export function Conditions({ wall, preparation, onEdit }: Props) {
  const conditions = wall.conditions ?? [];
  const set = (next: ConditionDocument[]) => onEdit((before) => ({ ...before, conditions: next }));
  const change = (index: number, part: Partial<ConditionDocument>) =>
    set(conditions.map((other, place) => (place === index ? { ...other, ...part } : other)));
  return (
    <Section
      name="measure/condition"
      title="Condition"
      sum={conditions.length === 0 ? "sound" : String(conditions.length)}
      isFolded={conditions.length === 0}
      action={
        <Button look="quiet" onClick={() => set([...conditions, { kind: "crack" }])}>
          <Plus size={16} aria-hidden /> Note
        </Button>
      }
    >
      {conditions.length === 0 && <p className="text-[0.9375rem] text-soft">Sound, as far as is noted.</p>}
      {conditions.map((condition, index) => (
        <div key={index} className="border-b border-hairline pt-1 pb-3 last:border-0">
          <div className="grid grid-cols-[1fr_1fr_2rem] gap-x-3">
            <Choice
              label="What"
              options={Object.entries(kinds).map(([kind, label]) => ({
                label,
                kind: kind as ConditionDocument["kind"],
                selected: kind === condition.kind,
              }))}
              onChoose={({ kind }) => change(index, { kind })}
            />
            <TextField
              label="Where, and more"
              value={condition.note ?? ""}
              onChange={(note) => change(index, { note: note === "" ? undefined : note })}
            />
            <button
              type="button"
              aria-label={`Remove note ${index + 1}`}
              className="mt-6 flex h-11 items-center justify-center rounded-md text-soft hover:bg-violet-wash hover:text-ink"
              onClick={() => set(conditions.filter((_, place) => place !== index))}
            >
              <X size={15} aria-hidden />
            </button>
          </div>
          {preparation[index] && (
            <p className="text-[0.9375rem]">
              {preparation[index].step}{" "}
              {preparation[index].caution && (
                <span className="font-semibold text-brick">{preparation[index].caution}</span>
              )}
            </p>
          )}
        </div>
      ))}
    </Section>
  );
}
