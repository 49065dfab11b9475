import { formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";
import type { CardField } from "@/core/finishes/defineFinish";
import type { Paint } from "@/core/paint/schema";

/** A field as it is said: what it is, and what is chosen. */
export interface Phrase {
  readonly field: CardField;
  readonly label: string;
  readonly value: string;
}

/** What is chosen, in sentences: one for each heading. What is left alone, and what is only done with a button, is not said. */
export function sentenceOf(
  fields: readonly CardField[],
  paints: readonly Pick<Paint, "id" | "name">[],
  units: UnitSystem,
): { readonly about: string | null; readonly phrases: readonly Phrase[] }[] {
  const sentences: { about: string | null; phrases: Phrase[] }[] = [{ about: null, phrases: [] }];
  for (const field of fields) {
    if (field.type === "heading") sentences.push({ about: field.label, phrases: [] });
    const value = valueOf(field, paints, units);
    if (value !== null) sentences.at(-1)!.phrases.push({ field, label: field.label, value });
  }
  return sentences.filter(({ phrases }) => phrases.length > 0);
}

/** What can be done with a button and is there once; what is done to one thing of several stands beside that. */
export const actionsOf = (fields: readonly CardField[]) =>
  fields
    .filter((field) => field.type === "action")
    .filter(({ label }, _, actions) => actions.filter((other) => other.label === label).length === 1);

/** Null for what has nothing chosen. */
function valueOf(
  field: CardField,
  paints: readonly Pick<Paint, "id" | "name">[],
  units: UnitSystem,
): string | null {
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  switch (field.type) {
    case "choice":
      return field.options.find(({ selected }) => selected)?.label ?? null;
    case "length":
      return field.value === null ? null : formatLength(field.value, units);
    case "count":
      return field.value === null ? null : String(field.value);
    case "angle":
      return field.value === null ? null : `${field.value}°`;
    case "colours":
      return field.value.map(nameOf).join(", ");
    case "paint":
      return field.value === null ? null : nameOf(field.value);
    case "action":
    case "heading":
      return null;
    default:
      return field satisfies never;
  }
}
