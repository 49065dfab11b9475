import type { CardField } from "../defineFinish";
import type { ArchesSpec } from "./spec";

const shapes = [
  { label: "half", from: 0, to: 180 },
  { label: "full ring", from: 0, to: 360 },
  { label: "quarter, right", from: 0, to: 90 },
  { label: "quarter, left", from: 90, to: 180 },
] as const;

/** Centre, radius and shape, then each band and gap from the outside in. */
export function cardOfArches({ centre: [x, y], outerRadius, from, to, bands }: ArchesSpec): CardField[] {
  const isListed = shapes.some((shape) => shape.from === from && shape.to === to);
  return [
    { type: "length", label: "Centre, along", path: ["centre", 0], value: x },
    { type: "length", label: "Centre, up", path: ["centre", 1], value: y },
    { type: "length", label: "Longest string", path: ["outerRadius"], value: outerRadius },
    {
      type: "choice",
      label: "Shape",
      options: [
        ...shapes.map((shape) => ({
          label: shape.label,
          selected: shape.from === from && shape.to === to,
          set: { from: shape.from, to: shape.to },
        })),
        ...(isListed ? [] : [{ label: `${from} to ${to} degrees`, selected: true, set: { from, to } }]),
      ],
    },
    ...bands.flatMap((band, index): CardField[] =>
      "gap" in band
        ? [{ type: "length", label: "Gap", path: ["bands", index, "gap"], value: band.gap }]
        : [
            { type: "length", label: "Band", path: ["bands", index, "width"], value: band.width },
            {
              type: "paint",
              label: "Paint",
              path: ["bands", index, "colour"],
              value: band.colour,
              mayBeNone: false,
            },
          ],
    ),
  ];
}
