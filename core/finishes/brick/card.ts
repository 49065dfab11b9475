import type { CardField } from "../defineFinish";
import type { BrickSpec } from "./spec";

const words = {
  way: { stamped: "stamped", taped: "taped" },
  bond: { half: "half lap", third: "third lap", stack: "stack", header: "headers between" },
  start: {
    best: "best ends",
    left: "whole at the left",
    right: "whole at the right",
    centre: "a brick centred",
    joint: "a joint centred",
  },
} as const;

/** Face, joint and bond, how courses meet the height, and the paints. */
export function cardOfBrick(spec: BrickSpec): CardField[] {
  const { face, joint, courses, colour, accents } = spec;
  const by = typeof courses === "string" ? courses : courses.by;
  const choice = (label: string, key: keyof typeof words): CardField => ({
    type: "choice",
    label,
    options: [
      ...Object.entries(words[key]).map(([value, told]) => ({
        label: told as string,
        selected: spec[key] === value,
        // Only taped brick is smeared.
        set: { [key]: value, ...(value === "stamped" && { smear: undefined }) },
      })),
      ...(typeof spec[key] === "object" ? [{ label: "as it is placed", selected: true, set: {} }] : []),
    ],
  });
  return [
    choice("Way", "way"),
    choice("Bond", "bond"),
    { type: "length", label: "Face width", path: ["face", "width"], value: face.width },
    { type: "length", label: "Face height", path: ["face", "height"], value: face.height },
    { type: "length", label: "Joint", path: ["joint"], value: joint },
    {
      type: "choice",
      label: "Courses",
      options: [
        { label: "whole", selected: by === "near", set: { courses: "near" } },
        { label: "foot cut", selected: by === "keep", set: { courses: "keep" } },
        ...(by === "count" ? [{ label: "by count", selected: true, set: {} }] : []),
      ],
    },
    ...(spec.way === "stamped"
      ? [
          {
            type: "count",
            label: "Courses to a guide line",
            path: ["guides"],
            value: spec.guides,
          } as const,
        ]
      : []),
    choice("Ends", "start"),
    ...(typeof spec.start === "object"
      ? [{ type: "length", label: "A brick begins at", path: ["start", "at"], value: spec.start.at } as const]
      : []),
    { type: "paint", label: "Faces", path: ["colour"], value: colour, mayBeNone: false },
    ...accents.map((accent, index): CardField => ({
      type: "paint",
      label: `Accent ${index + 1}, ${Math.round(accent.share * 100)} %`,
      path: ["accents", index, "colour"],
      value: accent.colour,
      mayBeNone: false,
    })),
    ...smearFields(spec),
    {
      type: "action",
      label: "Another accent",
      set: { accents: [...accents, { colour, share: 0.1 }].slice(0, 10) },
    },
    ...(accents.length > 0
      ? ([
          { type: "action", label: "One accent less", set: { accents: accents.slice(0, -1) } },
          { type: "action", label: "Other places", set: { seed: spec.seed + 1 } },
        ] as const)
      : []),
  ];
}

/** Of taped brick: what is dragged across it, or the button that begins that. */
const smearFields = (spec: BrickSpec): readonly CardField[] =>
  spec.smear
    ? ([
        {
          type: "paint",
          label: "Smeared with",
          path: ["smear", "paint"],
          value: spec.smear.paint,
          mayBeNone: false,
        },
        {
          type: "choice",
          label: "Of the faces",
          options: [
            0.15,
            0.3,
            0.45,
            ...([0.15, 0.3, 0.45].includes(spec.smear.share) ? [] : [spec.smear.share]),
          ].map((share) => ({
            label: `${Math.round(share * 100)} %`,
            selected: spec.smear!.share === share,
            set: { smear: { ...spec.smear!, share } },
          })),
        },
        { type: "action", label: "No smear", set: { smear: undefined } },
      ] as const)
    : spec.way === "taped"
      ? [
          {
            type: "action",
            label: "Smear filler across",
            set: { smear: { share: 0.3, paint: spec.colour } },
          } as const,
        ]
      : [];
