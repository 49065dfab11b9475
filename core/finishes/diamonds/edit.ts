import type { Strip } from "../../wall/strip";
import { fillTool, type Editing } from "../editing";
import { fillByHand } from "../fillsByHand";
import { gridHandles } from "../gridHandles";
import { designDiamonds } from "./design";
import { layOutDiamonds } from "./layout";
import type { DiamondsSpec } from "./spec";

/** Columns and rows; a cell is filled by hand, and what was left bare between them all together. */
export function editDiamonds(spec: DiamondsSpec, strip: Strip): Editing {
  const { columns, rows } = layOutDiamonds(spec, strip);
  const { pieceAt } = designDiamonds(spec, strip)[0]!;
  return {
    handles: [...gridHandles("columns", columns, strip.extent), ...gridHandles("rows", rows, strip.extent)],
    tools: [
      fillTool((place, paint) =>
        pieceAt(place, "") === null
          ? { path: ["colours"], set: { 1: paint } }
          : fillByHand(spec.fills, (at) => pieceAt(at, "")?.key ?? null, place, paint),
      ),
    ],
  };
}
