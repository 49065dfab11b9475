import { defineFinish } from "../defineFinish";
import { cardOfBlocks } from "./card";
import { editBlocks } from "./edit";
import { layOutBlocks } from "./layout";
import { blocksSpec } from "./spec";

/** Beyond a piece of furniture on both sides and above it: about two hands and half a metre. */
const startingMargins = { side: 150, above: 500 } as const;

export const blocks = defineFinish({
  kind: "blocks",
  title: "Colour blocks",
  spec: blocksSpec,
  paints: ({ blocks }) =>
    blocks.map(({ colour }, index) => ({ path: ["blocks", index, "colour"], id: colour })),
  things: ({ blocks }) =>
    blocks.flatMap((block, index) =>
      block.shape === "rectangle" && block.around !== undefined
        ? Array.isArray(block.around)
          ? block.around.map((id, place) => ({ path: ["blocks", index, "around", place], id }))
          : [{ path: ["blocks", index, "around"], id: block.around }]
        : [],
    ),
  layOut: layOutBlocks,
  card: cardOfBlocks,
  edit: editBlocks,
  mayCutIn: true,
  start: ({ parts, extent }, paints, base) => {
    const colour = paints.find((paint) => paint !== base) ?? base;
    const furniture = parts.flatMap(({ wall }) => wall.fixtures).find(({ kind }) => kind === "furniture");
    if (furniture)
      return { blocks: [{ shape: "rectangle", around: furniture.id, ...startingMargins, colour }] };
    const [width, height] = [extent.maxX - extent.minX, extent.maxY - extent.minY];
    return {
      blocks: [
        {
          shape: "rectangle",
          x: Math.round(extent.minX + width / 4),
          y: Math.round(extent.minY),
          width: Math.round(width / 2),
          height: Math.round(height / 2),
          colour,
        },
      ],
    };
  },
});
