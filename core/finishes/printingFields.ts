import type { CardField } from "./defineFinish";

interface PrintingSpec {
  readonly colours: Readonly<Record<string, string>>;
  readonly shades: Readonly<Record<string, string>>;
  readonly method: "brush" | "roller";
  readonly fixing: "tape" | "adhesive";
}

/** The paints of a sheet's colours, and how it is printed. */
export const printingFields = ({ colours, shades, method, fixing }: PrintingSpec): CardField[] => [
  ...Object.entries(colours).map(([slot, value]): CardField => ({
    type: "paint",
    label: `Paint of ${slot}`,
    path: ["colours", slot],
    value,
    mayBeNone: false,
  })),
  ...Object.keys(colours).map((slot): CardField => ({
    type: "paint",
    label: `Shade of ${slot}`,
    path: ["shades", slot],
    value: shades[slot] ?? null,
    mayBeNone: true,
    none: "none",
  })),
  {
    type: "choice",
    label: "Printed with",
    options: [
      { label: "roller", selected: method === "roller", set: { method: "roller" } },
      { label: "brush", selected: method === "brush", set: { method: "brush" } },
    ],
  },
  {
    type: "choice",
    label: "Held by",
    options: [
      { label: "tape", selected: fixing === "tape", set: { fixing: "tape" } },
      { label: "adhesive", selected: fixing === "adhesive", set: { fixing: "adhesive" } },
    ],
  },
];
