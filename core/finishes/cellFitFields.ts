import { divideCells } from "../fit/divideCells";
import type { CellFit, ToRake } from "../fit/schema";
import type { Finding } from "../findings/finding";
import { rakeOf } from "../wall/rake";
import type { Strip } from "../wall/strip";
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

/** Rows that meet a rake, offered where there is one. */
export const rakeField = (fit: ToRake, strip: Strip): CardField[] =>
  rakeOf(strip) || fit?.to === "rake"
    ? [
        {
          type: "choice",
          label: "Rows meet",
          options: [
            { label: "floor and top", selected: fit?.to !== "rake", set: { fit: { to: "ends" } } },
            { label: "the rake", selected: fit?.to === "rake", set: { fit: { to: "rake" } } },
          ],
        },
      ]
    : [];

/** A rake that rows are to meet, where there is none. */
export const checkRake = (
  { id, fit }: { readonly id: string; readonly fit?: ToRake },
  strip: Strip,
): Finding[] =>
  fit?.to === "rake" && !rakeOf(strip)
    ? [
        {
          code: "no-rake",
          severity: "note",
          values: {},
          at: null,
          cure: { kind: "whole-rows", count: 0, finish: id, set: { fit: { to: "ends" } } },
        },
      ]
    : [];
