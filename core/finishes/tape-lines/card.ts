import type { CardField } from "../defineFinish";
import type { TapeLinesSpec } from "./spec";

/** Each line's two ends, the line that the tape leaves, and how the faces get their colours. */
export function cardOfTapeLines({ lines, lineWidth, shuffle, fills }: TapeLinesSpec): CardField[] {
  return [
    { type: "length", label: "Line left by the tape", path: ["lineWidth"], value: lineWidth },
    ...(shuffle
      ? ([
          {
            type: "colours",
            label: "Colours shuffled",
            path: ["shuffle", "colours"],
            value: shuffle.colours,
          },
          {
            type: "action",
            label: "Shuffle again",
            set: { shuffle: { ...shuffle, seed: shuffle.seed + 1 } },
          },
        ] as const)
      : []),
    ...fills.flatMap(({ colour }, index): CardField[] => [
      {
        type: "paint",
        label: `Fill ${index + 1}`,
        path: ["fills", index, "colour"],
        value: colour,
        mayBeNone: false,
      },
    ]),
    ...lines.flatMap((line, index): CardField[] => {
      const points = Array.isArray(line) ? line : line.through;
      const path = Array.isArray(line) ? ["lines", index] : ["lines", index, "through"];
      return [
        { type: "heading", label: `Line ${index + 1}${Array.isArray(line) ? "" : ", edge to edge"}` },
        ...points.flatMap(([x, y], place): CardField[] => [
          { type: "length", label: `Point ${place + 1}, along`, path: [...path, place, 0], value: x },
          { type: "length", label: "up", path: [...path, place, 1], value: y },
        ]),
        { type: "action", label: "Take it out", set: { lines: lines.filter((_, other) => other !== index) } },
      ];
    }),
  ];
}
