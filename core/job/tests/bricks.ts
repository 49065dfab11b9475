import { plan } from "../plan";
import { parsed } from "./jobs";

/** A job of one wall of brick. */
export const document = (finish: object = {}, wall: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Bricks",
  paints: ["oyster", "driftwood", "slate-tide"].map((id) => ({ id, packs: [{ size: "1 L", price: 16 }] })),
  walls: [{ id: "w", width: 2380, height: 770, base: "oyster", ...wall }],
  finishes: [
    {
      id: "f",
      on: "w",
      kind: "brick",
      face: { width: 228, height: 68 },
      joint: 10,
      start: "left",
      colour: "driftwood",
      ...finish,
    },
  ],
  ...job,
});
export const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
export const bricksOf = (...of: Parameters<typeof document>) => planned(...of).walls[0]!.bricks![0]!;
export const rounded = (mm: number) => Math.round(mm * 1000) / 1000;
