import { fillTool, type Editing } from "../editing";
import type { BrickLayout } from "./layout";

/** A brick that is filled gives its paint to all bricks of its tone. */
export const editBrick = ({ spec, strip, bricks }: BrickLayout): Editing => ({
  handles: [],
  tools: [
    fillTool(({ x, y }, paint) => {
      const hit = bricks.find(({ wall, box }) => {
        const { offset } = strip.parts.find((part) => part.wall.id === wall)!;
        return x - offset >= box.minX && x - offset <= box.maxX && y >= box.minY && y <= box.maxY;
      });
      if (!hit) return null;
      const accent = spec.accents.findIndex(({ colour }) => colour === hit.tone);
      return accent < 0 ? { set: { colour: paint } } : { path: ["accents", accent], set: { colour: paint } };
    }),
  ],
});
