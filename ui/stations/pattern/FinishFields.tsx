"use client";

import { Plus, X } from "lucide-react";
import { useId, useState } from "react";
import { setIn } from "@/core/finishes/applyChange";
import type { CardField, CardOption } from "@/core/finishes/defineFinish";
import type { Problem } from "@/core/job/problem";
import type { UnitSystem } from "@/core/measure/units";
import type { Paint } from "@/core/paint/schema";
import type { FinishDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { NumberField } from "@/ui/parts/NumberField";
import { IconButton } from "@/ui/parts/IconButton";
import { SelectList } from "@/ui/parts/SelectList";

export interface FieldsProps {
  readonly fields: readonly CardField[];
  readonly written: FinishDocument;
  readonly paints: readonly Paint[];
  readonly units: UnitSystem;
  readonly onEdit: (edit: (finish: FinishDocument) => FinishDocument) => Problem[];
}

/** The fields that a finish's definition asks for; nothing here knows which finish it is. */
export function FinishFields({ fields, ...rest }: FieldsProps) {
  return (
    <div className="grid grid-cols-2 items-start gap-x-3 gap-y-2">
      {fields.map((field, index) => (
        <Field key={index} field={field} {...rest} />
      ))}
    </div>
  );
}

/** One of them, by its type. */
function Field({
  field,
  written,
  paints,
  units,
  onEdit,
}: Omit<FieldsProps, "fields"> & { field: CardField }) {
  const set = (path: readonly (string | number)[], value: unknown): string | null =>
    firstMessage(onEdit((finish) => setIn(finish, path, value)));
  const { label } = field;
  switch (field.type) {
    case "choice":
      return (
        <div className={fitsHalf(field.options) ? "" : "col-span-2"}>
          <Choice
            label={label}
            options={field.options}
            onChoose={(option) => onEdit((finish) => ({ ...finish, ...option.set }))}
          />
        </div>
      );
    case "length":
      return (
        <LengthField
          label={label}
          written={writtenAt(written, field.path) ?? field.value ?? undefined}
          units={units}
          onChange={(value) => set(field.path, value)}
        />
      );
    case "count":
    case "angle":
      return (
        <NumberField
          label={label}
          value={field.value}
          unit={field.type === "angle" ? "degrees" : ""}
          whole={field.type === "count"}
          onChange={(value) => set(field.path, value)}
        />
      );
    case "colours":
      return (
        <ColourTurn
          label={label}
          value={field.value}
          paints={paints}
          onChange={(value) => set(field.path, value)}
        />
      );
    case "paint":
      return (
        <PaintChoice
          field={field}
          paints={paints}
          onChange={(value) => set(field.path, value ?? undefined)}
        />
      );
    case "action":
      return (
        <Button
          look="quiet"
          className="justify-self-start self-end px-0 text-sm text-violet"
          onClick={() => onEdit((finish) => ({ ...finish, ...field.set }))}
        >
          {label}
        </Button>
      );
    case "heading":
      return <h3 className="col-span-2 border-t border-hairline pt-2 text-base font-bold">{label}</h3>;
    default:
      return field satisfies never;
  }
}

/** Letters that half the width has room for: of each of two side by side, and of what a list shows as chosen. */
const longestOfTwo = 8;
const longestInList = 14;
const fitsHalf = (options: readonly CardOption[]): boolean => {
  const most = options.length > 2 ? longestInList : longestOfTwo;
  return options.every(({ label }) => label.length <= most);
};

const firstMessage = (problems: readonly Problem[]): string | null => problems[0]?.message ?? null;

function writtenAt(finish: FinishDocument, path: readonly (string | number)[]): number | string | undefined {
  const value = path.reduce<unknown>(
    (at, key) => (at as Record<string | number, unknown> | undefined)?.[key],
    finish,
  );
  return typeof value === "number" || typeof value === "string" ? value : undefined;
}

interface PaintProps {
  readonly field: Extract<CardField, { type: "paint" }>;
  readonly paints: readonly Paint[];
  readonly onChange: (value: string | null) => void;
}

/** One paint; where the finish may leave the place alone, that is a choice too. */
function PaintChoice({ field, paints, onChange }: PaintProps) {
  const options = [
    ...(field.mayBeNone ? [{ label: field.none ?? "as it is", id: null, swatch: null }] : []),
    ...paints.map(({ id, name, hex }) => ({ label: name, id, swatch: hex })),
  ];
  const listId = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={listId} className="small-caps-label block pb-1">
        {field.label}
      </label>
      <SelectList
        id={listId}
        items={options}
        chosen={options.findIndex(({ id }) => id === field.value)}
        onChoose={(index) => onChange(options[index]!.id)}
      />
    </div>
  );
}

interface TurnProps {
  readonly label: string;
  readonly value: readonly string[];
  readonly paints: readonly Paint[];
  readonly onChange: (value: string[]) => string | null;
}

/** The paints in the order in which they come round. */
function ColourTurn({ label, value, paints, onChange }: TurnProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const offer = (next: string[]) => setProblem(onChange(next));
  return (
    <fieldset className="col-span-2">
      <legend className="small-caps-label pb-1">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {value.map((id, index) => (
          <div key={index} className="flex items-center rounded-md border border-hairline bg-paper">
            <SelectList
              label={`Colour ${index + 1}`}
              isBare
              items={paints.map(({ name, hex }) => ({ label: name, swatch: hex }))}
              chosen={paints.findIndex((paint) => paint.id === id)}
              onChoose={(chosen) =>
                offer(value.map((old, place) => (place === index ? paints[chosen]!.id : old)))
              }
            />
            {value.length > 1 && (
              <button
                type="button"
                aria-label={`Take out colour ${index + 1}`}
                className="flex h-11 w-6 items-center justify-center rounded-md text-soft hover:text-ink"
                onClick={() => offer(value.filter((_, place) => place !== index))}
              >
                <X size={15} aria-hidden />
              </button>
            )}
          </div>
        ))}
        <IconButton
          label="Add a colour"
          className="w-9"
          onClick={() =>
            offer([...value, paints.find((paint) => !value.includes(paint.id))?.id ?? paints[0]!.id])
          }
        >
          <Plus size={18} aria-hidden />
        </IconButton>
      </div>
      {problem && <p className="pt-1 text-sm text-brick">{problem}</p>}
    </fieldset>
  );
}
