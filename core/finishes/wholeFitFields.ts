import type { WholeFit } from "../fit/schema";
import type { CardField } from "./defineFinish";

/** How a span is divided into whole cells: by count or near a size. */
export function wholeFitFields(label: string, key: string, fit: WholeFit, span: number): CardField[] {
  const count = fit.by === "count" ? fit.count : Math.max(1, Math.round(span / fit.width));
  return [
    {
      type: "choice",
      label,
      options: [
        { label: "By count", selected: fit.by === "count", set: { [key]: { by: "count", count } } },
        {
          label: "Near a size",
          selected: fit.by === "near",
          set: { [key]: { by: "near", width: Math.round(span / count) } },
        },
      ],
    },
    fit.by === "count"
      ? { type: "count", label: "Count", path: [key, "count"], value: fit.count }
      : { type: "length", label: "Size", path: [key, "width"], value: fit.width },
  ];
}
