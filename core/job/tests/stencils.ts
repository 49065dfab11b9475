import { plan } from "../plan";
import { parsed } from "./jobs";

/** A leaf of 160 by 400 in a cell of 400 by 600; its sheet reaches 40 over the cell all round. */
export const reed = {
  id: "reed",
  repeat: { x: 400, y: 600 },
  overlays: [{ id: "1", cuts: [{ slot: "leaf", path: "M -80 -200 L 80 -200 L 80 200 L -80 200 Z" }] }],
};
export const dash = {
  id: "dash",
  repeat: { x: 400, y: 120 },
  overlays: [
    { id: "1", cuts: [{ slot: "line", path: "M -150 -20 h 300 v 40 h -300 z" }] },
    { id: "2", cuts: [{ slot: "dot", path: "M -10 0 a 10 10 0 0 1 20 0 a 10 10 0 0 1 -20 0 z" }] },
  ],
};
export const document = (finish: object, wall: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Reeds",
  stencils: [reed, dash],
  paints: ["oyster", "kelp", "brine"].map((id) => ({ id, packs: [{ size: "120 ml", price: 5 }] })),
  walls: [{ id: "w", width: 4000, height: 2400, base: "oyster", ...wall }],
  finishes: [
    { id: "f", on: "w", kind: "stencil-field", stencil: "reed", colours: { leaf: "kelp" }, ...finish },
  ],
  ...job,
});
export const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
export const printsOf = (...of: Parameters<typeof document>) => planned(...of).walls[0]!.prints![0]!;

/** A border of dashes and dots along a way. */
export const border = (along: object, more: object = {}) => ({
  kind: "stencil-border",
  stencil: "dash",
  colours: { line: "kelp", dot: "brine" },
  along,
  ...more,
});
