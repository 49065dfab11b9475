import type { CardField } from "../defineFinish";
import type { Block, BlocksSpec } from "./spec";

/** Each block's place and size and its paint. */
export function cardOfBlocks({ blocks }: BlocksSpec): CardField[] {
  return [
    ...blocks.flatMap((block, index): CardField[] => [
      { type: "heading", label: `Block ${index + 1}` },
      ...sizesOf(block, index),
      {
        type: "paint",
        label: "Paint",
        path: ["blocks", index, "colour"],
        value: block.colour,
        mayBeNone: false,
      },
      ...(blocks.length > 1
        ? ([
            {
              type: "action",
              label: "Take it out",
              set: { blocks: blocks.filter((_, place) => place !== index) },
            },
          ] as const)
        : []),
    ]),
    { type: "action", label: "Add a block", set: { blocks: [...blocks, another(blocks.at(-1)!)] } },
  ];
}

function sizesOf(block: Block, index: number): CardField[] {
  const length = (
    label: string,
    path: readonly (string | number)[],
    value: number | undefined,
  ): CardField => ({
    type: "length",
    label,
    path: ["blocks", index, ...path],
    value: value ?? null,
  });
  switch (block.shape) {
    case "rectangle":
      return block.around === undefined
        ? [
            length("From the left", ["x"], block.x),
            length("Up", ["y"], block.y),
            length("Width", ["width"], block.width),
            length("Height", ["height"], block.height),
          ]
        : [length("Beyond each side", ["side"], block.side), length("Above", ["above"], block.above)];
    case "polygon":
      return block.points.flatMap(([x, y], corner) => [
        length(`Corner ${corner + 1}, along`, ["points", corner, 0], x),
        length("up", ["points", corner, 1], y),
      ]);
    case "circle":
    case "half-circle":
      return [
        length("Centre, along", ["centre", 0], block.centre[0]),
        length("Centre, up", ["centre", 1], block.centre[1]),
        length("Radius", ["radius"], block.radius),
      ];
    default:
      return block satisfies never;
  }
}

/** A block added beside the last, so that both are seen. */
function another(block: Block): object {
  const shift = 150;
  const base = { shape: "rectangle", x: 0, y: 0, width: 600, height: 600, colour: block.colour };
  return block.shape === "rectangle" && block.around === undefined
    ? { ...base, ...block, x: block.x! + shift, y: block.y! + shift }
    : base;
}
