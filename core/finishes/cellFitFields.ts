import { divideCells } from "../fit/divideCells";
import type { CellFit } from "../fit/schema";
import type { CardField } from "./defineFinish";

/** How a span is divided into cells: by count, near a size, or of a size that is kept from the middle outwards. */
export function cellFitFields(label: string, key: string, fit: CellFit, span: number): CardField[] {
  const count = fit.by === "count" ? fit.count : Math.max(1, Math.round(span / fit.width));
  const width = fit.by === "count" ? Math.round(divideCells(0, span, fit).size) : fit.width;
  return [
    {
      type: "choice",
      label,
      options: [
        { label: "By count", selected: fit.by === "count", set: { [key]: { by: "count", count } } },
        { label: "Near a size", selected: fit.by === "near", set: { [key]: { by: "near", width } } },
        {
          label: "Kept from the middle",
          selected: fit.by === "width",
          set: { [key]: { by: "width", width } },
        },
      ],
    },
    fit.by === "count"
      ? { type: "count", label: "Count", path: [key, "count"], value: fit.count }
      : { type: "length", label: "Size", path: [key, "width"], value: fit.width },
  ];
}
