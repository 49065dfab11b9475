import type { Finding } from "../findings/finding";
import type { ToRake } from "../fit/schema";
import { rakeOf } from "../wall/rake";
import type { Strip } from "../wall/strip";
import type { CardField } from "./defineFinish";

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
