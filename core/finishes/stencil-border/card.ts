import type { Strip } from "../../wall/strip";
import type { CardField, CardOption, FinishContext } from "../defineFinish";
import { findThing } from "../findThing";
import { printingFields } from "../printingFields";
import type { StencilBorderSpec } from "./spec";

/** Where it runs, how repeats meet its length, and what it is printed in. */
export function cardOfStencilBorder(
  spec: StencilBorderSpec,
  strip: Strip,
  context: FinishContext,
): CardField[] {
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
        : "inside" in along
          ? { type: "length", label: "Off the edges", path: ["along", "inside"], value: along.inside }
          : {
              type: "length",
              label: `Off ${findThing(strip, along.around)?.name ?? along.around}`,
              path: ["along", "gap"],
              value: along.gap,
            };
  return [
    { type: "choice", label: "Runs", options: ways(along, strip) },
    way,
    choice("Repeats", "fit", fit, { stretch: "whole, stretched", keep: "kept, part prints" }),
    ...("around" in along || "inside" in along
      ? [cornersChoice(spec)]
      : fit === "keep" && strip.parts.length > 1
        ? [joinChoice(spec)]
        : []),
    choice("Order", "order", order, { overlay: "overlay by overlay", repeat: "repeat by repeat" }),
    ...printingFields(spec, context),
  ];
}

/** Where kept repeats that go around the corners of a run do not meet. */
const joinChoice = ({ join }: StencilBorderSpec): CardField => ({
  type: "choice",
  label: "Part prints",
  options: [
    { label: "at both ends of each wall", selected: join === undefined, set: { join: undefined } },
    { label: "at the left end alone", selected: join === "left", set: { join: "left" } },
    { label: "at the right end alone", selected: join === "right", set: { join: "right" } },
  ],
});

/** A motif of its own keeps its place once a document has one. */
function cornersChoice({ corners }: StencilBorderSpec): CardField {
  const words = { butt: "butt", mitre: "mitred" } as const;
  return {
    type: "choice",
    label: "Corners",
    options: [
      ...(["butt", "mitre"] as const).map((way) => ({
        label: words[way],
        selected: corners === way,
        set: { corners: way },
      })),
      ...(typeof corners === "object"
        ? [{ label: "a motif of their own", selected: true, set: { corners } }]
        : []),
    ],
  };
}

type Along = StencilBorderSpec["along"];

/** Level at about three fifths, under the ceiling or within the edges by half a hand, or around each thing with sides. */
function ways(along: Along, { extent, parts }: Strip): CardOption[] {
  const isObject = parts[0]?.wall.object !== undefined;
  const level = Math.round(extent.minY + (extent.maxY - extent.minY) * 0.6);
  const things = parts
    .flatMap(({ wall }) => [...wall.openings, ...wall.fixtures])
    .filter(({ kind }) => kind !== "furniture");
  return [
    { label: "level", selected: "level" in along, set: { along: { level } } },
    ...(isObject
      ? []
      : [
          {
            label: "under the ceiling",
            selected: "by" in along,
            set: { along: { below: "ceiling", by: 100 } },
          },
        ]),
    { label: "within the edges", selected: "inside" in along, set: { along: { inside: 100 } } },
    ...things.map(({ id, name }) => ({
      label: `around ${name ?? id}`,
      selected: "around" in along && along.around === id,
      set: { along: { around: id, gap: "gap" in along ? along.gap : 100 } },
    })),
  ];
}
