import type { Strip } from "../../wall/strip";
import { fillTool, type Editing } from "../editing";
import { gridHandles } from "../gridHandles";
import { designDiamonds } from "./design";
import { layOutDiamonds } from "./layout";
import type { DiamondsSpec } from "./spec";

/** Columns and rows; what is filled is the diamonds, or what lies between them. */
export function editDiamonds(spec: DiamondsSpec, strip: Strip): Editing {
  const { columns, rows } = layOutDiamonds(spec, strip);
  const { pieceAt } = designDiamonds(spec, strip)[0]!;
  return {
    handles: [...gridHandles("columns", columns, strip.extent), ...gridHandles("rows", rows, strip.extent)],
    tools: [
      fillTool((place, paint) => {
        const isDiamond = pieceAt(place, "")?.key.startsWith("diamond") ?? false;
        return { path: ["colours"], set: { [isDiamond ? 0 : 1]: paint } };
      }),
    ],
  };
}
