import { fillTool, type Editing } from "../editing";
import { fillByHand } from "../fillsByHand";
import { gridHandles } from "../gridHandles";
import { designDiamonds } from "./design";
import type { DiamondLayout } from "./layout";

/** Columns and rows; a cell is filled by hand, and what was left bare between them all together. */
export function editDiamonds(layout: DiamondLayout): Editing {
  const { spec, strip, left, bottom, columns, rows, width, height } = layout;
  const { pieceAt } = designDiamonds(layout)[0]!;
  return {
    handles: [
      ...gridHandles("columns", spec.columns, { start: left, size: width, count: columns }, strip.extent),
      ...gridHandles("rows", spec.rows, { start: bottom, size: height, count: rows }, strip.extent),
    ],
    tools: [
      fillTool((place, paint) =>
        pieceAt(place, "") === null
          ? { path: ["colours"], set: { 1: paint } }
          : fillByHand(spec.fills, (at) => pieceAt(at, "")?.key ?? null, place, paint),
      ),
    ],
  };
}
