import type { CardField } from "../defineFinish";
import type { Strip } from "../../wall/strip";
import type { TapeLinesSpec } from "./spec";
import { keepThrown } from "./throwLines";

/** A line struck by eye strays about this much, mm. */
const byEyeMm = 20;
const firstThrow = { count: 7, seed: 1 } as const;

/** Each line's two ends, the line that the tape leaves, and how the faces get their colours. */
export function cardOfTapeLines(spec: TapeLinesSpec, strip: Strip): CardField[] {
  const { lines, lineWidth, shuffle, fills, byEye } = spec;
  return [
    { type: "length", label: "Line left by the tape", path: ["lineWidth"], value: lineWidth },
    ...randomFields(spec, strip),
    ...(byEye === undefined
      ? ([{ type: "action", label: "Struck by eye", set: { byEye: byEyeMm } }] as const)
      : ([
          { type: "length", label: "By eye, within", path: ["byEye"], value: byEye },
          { type: "action", label: "Measured instead", set: { byEye: undefined } },
        ] as const)),
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
    ...fills.flatMap((_, index) => fillFields(spec, index, strip)),
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

/** A fill's paint, and on a run whether it takes the whole face around the corner. */
function fillFields({ fills }: TapeLinesSpec, index: number, { parts }: Strip): CardField[] {
  const { colour, goesOn } = fills[index]!;
  const label = `Fill ${index + 1}`;
  const told = (is: boolean) =>
    fills.map((fill, other) => (other === index ? { ...fill, goesOn: is } : fill));
  const options = [
    { label: "this wall only", selected: !goesOn, set: { fills: told(false) } },
    { label: "on around", selected: goesOn, set: { fills: told(true) } },
  ];
  return [
    { type: "paint", label, path: ["fills", index, "colour"], value: colour, mayBeNone: false },
    ...(parts.length > 1 ? [{ type: "choice", label: `${label} at a corner`, options } as const] : []),
  ];
}

/** How lines are thrown at random, until they are kept as they lie. */
function randomFields(spec: TapeLinesSpec, strip: Strip): CardField[] {
  const { random } = spec;
  if (!random) return [{ type: "action", label: "Throw lines at random", set: { random: firstThrow } }];
  return [
    { type: "heading", label: "Thrown at random" },
    {
      type: "choice",
      label: "Thrown as",
      options: [
        {
          label: "lines across",
          selected: random.way === "across",
          set: { random: { ...random, way: "across" } },
        },
        {
          label: "a zigzag a column",
          selected: random.way === "zigzag",
          set: { random: { ...random, way: "zigzag" } },
        },
      ],
    },
    {
      type: "count",
      label: random.way === "zigzag" ? "Columns" : "Lines",
      path: ["random", "count"],
      value: random.count,
    },
    { type: "angle", label: "Least angle", path: ["random", "leastAngle"], value: random.leastAngle },
    { type: "action", label: "Throw again", set: { random: { ...random, seed: random.seed + 1 } } },
    {
      type: "action",
      label: "Keep them as they lie",
      set: { lines: keepThrown(spec, strip).lines, random: undefined },
    },
    { type: "action", label: "None at random", set: { random: undefined } },
  ];
}
