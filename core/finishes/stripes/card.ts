import type { Fit } from "../../fit/schema";
import type { Strip } from "../../wall/strip";
import type { CardField, CardOption } from "../defineFinish";
import { frameOf } from "./frame";
import type { StripesSpec } from "./spec";

const startingAngle = 60;

/** The few decisions that stripes ask for; which ones depends on how the wall is divided. */
export function cardOfStripes(spec: StripesSpec, strip: Strip): CardField[] {
  const { direction, colours, fit } = spec;
  const angled = typeof direction === "number";
  const option = (label: string, value: StripesSpec["direction"], selected: boolean): CardOption => ({
    label,
    selected,
    set: { direction: value },
  });
  return [
    {
      type: "choice",
      label: "Direction",
      options: [
        option("Upright", "vertical", direction === "vertical"),
        option("Level", "horizontal", direction === "horizontal"),
        option("Angled", angled ? direction : startingAngle, angled),
      ],
    },
    ...(angled ? [{ type: "angle", label: "Angle", path: ["direction"], value: direction } as const] : []),
    { type: "choice", label: "Divide by", options: fitOptions(spec, strip) },
    ...fitFields(fit, spec.widths !== undefined),
    { type: "colours", label: "Colours in turn", path: ["colours"], value: colours },
  ];
}

function fitOptions(spec: StripesSpec, strip: Strip): CardOption[] {
  const { fit, widths } = spec;
  const { span } = frameOf(spec.direction, strip.corners);
  const width = currentWidth(fit, span);
  const size = widths ? {} : { width };
  const count = Math.max(1, Math.round(span / width));
  const choices: [string, Fit][] = [
    ["Near a width", { by: "near", ...size, ends: "any" }],
    ["By count", { by: "count", count, wish: widths ? undefined : width }],
    ["Keep the width", { by: "width", ...size, centre: "best" }],
    ["From a line", { by: "anchor", ...size, at: strip.extent.minX }],
    ...(widths ? [] : ([["Easy module", { by: "spread", module: width }]] as [string, Fit][])),
  ];
  return choices.map(([label, value]) => ({ label, selected: value.by === fit.by, set: { fit: value } }));
}

function currentWidth(fit: Fit, span: number): number {
  switch (fit.by) {
    case "count":
      return fit.wish ?? span / fit.count;
    case "spread":
      return fit.module;
    default:
      return fit.width ?? span / 10;
  }
}

function fitFields(fit: Fit, hasWidths: boolean): CardField[] {
  const width: CardField[] = hasWidths
    ? []
    : [
        {
          type: "length",
          label: "Stripe width",
          path: ["fit", "width"],
          value: (fit as { width?: number }).width ?? null,
        },
      ];
  switch (fit.by) {
    case "count":
      return [{ type: "count", label: "Stripes", path: ["fit", "count"], value: fit.count }];
    case "near":
      return [
        ...width,
        choiceOf("The two ends", fit, "ends", { any: "any", same: "alike", different: "different" }),
      ];
    case "width":
      return [
        ...width,
        choiceOf("Centre", fit, "centre", {
          best: "best",
          stripe: "on a stripe",
          joint: "on a joint",
          none: "from the left",
        }),
      ];
    case "anchor":
      return [...width, { type: "length", label: "A line stands at", path: ["fit", "at"], value: fit.at }];
    case "spread":
      return [{ type: "length", label: "Module", path: ["fit", "module"], value: fit.module }];
    default:
      return fit satisfies never;
  }
}

function choiceOf(label: string, fit: Fit, key: "ends" | "centre", words: Record<string, string>): CardField {
  return {
    type: "choice",
    label,
    options: Object.entries(words).map(([value, word]) => ({
      label: word,
      selected: (fit as Record<string, unknown>)[key] === value,
      set: { fit: { ...fit, [key]: value } },
    })),
  };
}
