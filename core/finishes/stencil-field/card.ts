import type { Strip } from "../../wall/strip";
import type { CardField, FinishContext } from "../defineFinish";
import { printingFields } from "../printingFields";
import type { StencilFieldSpec } from "./spec";

const layouts = { straight: "straight", "half-drop": "half drop", brick: "brick" } as const;
const starts = {
  x: {
    centre: "print centred",
    joint: "joint centred",
    left: "from the left",
    right: "from the right",
  },
  y: {
    top: "from the top",
    floor: "from the floor",
    centre: "print centred",
    joint: "joint centred",
  },
} as const;

/** How it is laid out, where it starts, and what it is printed in. */
export function cardOfStencilField(spec: StencilFieldSpec, _: Strip, context: FinishContext): CardField[] {
  const { layout, start } = spec;
  return [
    {
      type: "choice",
      label: "Layout",
      options: Object.entries(layouts).map(([key, label]) => ({
        label,
        selected: layout === key,
        set: { layout: key },
      })),
    },
    ...startFields("x", "Columns", start),
    ...startFields("y", "Rows", start),
    ...printingFields(spec, context),
    {
      type: "choice",
      label: "Each print set",
      options: [
        { label: "by the datum", selected: spec.register === "datum", set: { register: "datum" } },
        { label: "by ticks", selected: spec.register === "ticks", set: { register: "ticks" } },
      ],
    },
    {
      type: "choice",
      label: "At the top",
      options: [
        { label: "bent in", selected: !spec.topSheet, set: { topSheet: false } },
        { label: "top sheet", selected: spec.topSheet, set: { topSheet: true } },
      ],
    },
  ];
}

/** A start by its word, or the place of a print's middle. */
function startFields(axis: "x" | "y", label: string, start: StencilFieldSpec["start"]): CardField[] {
  const value = start[axis];
  const words = Object.entries(starts[axis]).map(([key, told]) => ({
    label: told,
    selected: value === key,
    set: { start: { ...start, [axis]: key } },
  }));
  const other =
    typeof value === "number"
      ? [{ label: "at a place", selected: true, set: {} }]
      : typeof value === "object"
        ? [{ label: `on ${value.on}`, selected: true, set: {} }]
        : [];
  const choice: CardField = { type: "choice", label, options: [...words, ...other] };
  return typeof value === "number"
    ? [choice, { type: "length", label: `${label}, a middle at`, path: ["start", axis], value }]
    : [choice];
}
