import type { CardField } from "../defineFinish";
import type { PaperSpec } from "./spec";

const starts = {
  left: "whole at the left",
  right: "whole at the right",
  centre: "a sheet centred",
  seam: "a seam centred",
} as const;
const matches = { free: "free", straight: "straight", "half-drop": "half drop" } as const;
/** The repeat that is asked for first where a pattern begins to be matched, mm. */
const usualRepeat = 640;

/** The roll, how its pattern is matched, and where the first sheet hangs. */
export function cardOfPaper({ roll, repeat, match, start, allowance }: PaperSpec): CardField[] {
  const isPlaced = typeof start === "object";
  return [
    { type: "length", label: "Roll, wide", path: ["roll", "width"], value: roll.width },
    { type: "length", label: "Roll, long", path: ["roll", "length"], value: roll.length },
    {
      type: "choice",
      label: "Match",
      options: Object.entries(matches).map(([key, label]) => ({
        label,
        selected: match === key,
        set: key === "free" ? { match: key } : { match: key, repeat: repeat ?? usualRepeat },
      })),
    },
    ...(match === "free"
      ? []
      : [{ type: "length", label: "Repeat", path: ["repeat"], value: repeat ?? null } as const]),
    {
      type: "choice",
      label: "Sheets",
      options: [
        ...Object.entries(starts).map(([key, label]) => ({
          label,
          selected: start === key,
          set: { start: key },
        })),
        ...(isPlaced ? [{ label: "a seam at a place", selected: true, set: {} }] : []),
      ],
    },
    ...(isPlaced
      ? [{ type: "length", label: "Seam at", path: ["start", "seam"], value: start.seam } as const]
      : []),
    { type: "length", label: "Spare at each end", path: ["allowance"], value: allowance },
  ];
}
