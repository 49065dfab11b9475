import { defineFinish } from "../../defineFinish";
import { editDiscs } from "./edit";
import { layOutDiscs } from "./layout";
import { discsSpec } from "./spec";

/** A sample, of the tests alone: what a finish is that is not taped paint. */
export const discs = defineFinish({
  kind: "discs",
  title: "Row of discs",
  spec: discsSpec,
  paints: ({ colours }) => colours.map((id, index) => ({ path: ["colours", index], id })),
  things: () => [],
  layOut: layOutDiscs,
  card: ({ radius }) => [{ type: "length", label: "Radius of a disc", path: ["radius"], value: radius }],
  edit: editDiscs,
  sundries: { dabber: { name: "Foam dabber", serves: 1, why: "why-dabber" } },
  rates: { dabbing_min: { usual: 1.25, as: "minutes", label: "Dabbing a disc" } },
  start: ({ extent }, paints, base) => ({
    radius: 100,
    at: Math.round((extent.minY + extent.maxY) / 2),
    colours: [paints.find((paint) => paint !== base) ?? base, base],
  }),
});
