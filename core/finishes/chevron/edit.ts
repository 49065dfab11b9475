import { fillTool, north, tidy, type Editing } from "../editing";
import { gridHandles } from "../gridHandles";
import { fillByHand } from "../fillsByHand";
import { designChevron } from "./design";
import type { ChevronLayout } from "./layout";

/** Columns, rows and the rise; a cell is filled by hand. */
export function editChevron(layout: ChevronLayout): Editing {
  const { spec, strip, left, bottom, column, columns, row, rows } = layout;
  const { pieceAt } = designChevron(layout)[0]!;
  return {
    handles: [
      ...gridHandles("columns", spec.columns, { start: left, size: column, count: columns }, strip.extent),
      ...gridHandles("rows", spec.rows, { start: bottom, size: row, count: rows }, strip.extent),
      {
        id: "rise",
        name: "the rise",
        at: { x: left + column, y: bottom + spec.rise },
        along: north,
        path: [],
        moveTo: ({ y }) => (y - bottom < 1 ? null : { set: { rise: tidy(y - bottom) } }),
      },
    ],
    tools: [
      fillTool((place, paint) => fillByHand(spec.fills, (at) => pieceAt(at, "")?.key ?? null, place, paint)),
    ],
  };
}
