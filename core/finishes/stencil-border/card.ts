import type { CardField } from "../defineFinish";
import { printingFields } from "../printingFields";
import type { StencilBorderSpec } from "./spec";

/** Where it runs, how repeats meet its length, and what it is printed in. */
export function cardOfStencilBorder(spec: StencilBorderSpec): CardField[] {
  const { along, fit, order } = spec;
  const choice = <Key extends string>(
    label: string,
    key: string,
    value: unknown,
    words: Readonly<Record<Key, string>>,
  ): CardField => ({
    type: "choice",
    label,
    options: Object.entries(words).map(([name, told]) => ({
      label: told as string,
      selected: value === name,
      set: { [key]: name },
    })),
  });
  const way: CardField =
    "level" in along
      ? { type: "length", label: "Its middle, up", path: ["along", "level"], value: along.level }
      : "by" in along
        ? { type: "length", label: "Under the ceiling", path: ["along", "by"], value: along.by }
        : { type: "length", label: `Off ${along.around}`, path: ["along", "gap"], value: along.gap };
  return [
    way,
    choice("Repeats", "fit", fit, { stretch: "whole, stretched", keep: "kept, part at both ends" }),
    choice("Order", "order", order, { overlay: "overlay by overlay", repeat: "repeat by repeat" }),
    ...printingFields(spec),
  ];
}
