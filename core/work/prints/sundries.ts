import type { SundryKind } from "../contribution";
import { loadsPerPaper, printsPerCan } from "./constants";

const brush = (metric: string, imperial: string): SundryKind => ({
  name: { metric: `Stencil brush, ${metric}`, imperial: `Stencil brush, ${imperial}` },
  serves: 1,
  why: "why-stencil-brush",
  leavesLook: true,
});

/** What printing through sheets uses up. */
export const printSundries = {
  "stencil-sheet": { name: "Stencil sheet or copy", serves: 1, why: "why-sheets" },
  "stencil-brush-6": brush("6 mm", '1/4"'),
  "stencil-brush-12": brush("12 mm", '1/2"'),
  "stencil-brush-20": brush("20 mm", '3/4"'),
  "stencil-brush-30": brush("30 mm", '1 1/4"'),
  "stencil-brush-40": brush("40 mm", '1 1/2"'),
  "foam-roller": {
    name: { metric: "Foam roller, 100 mm", imperial: 'Foam roller, 4"' },
    serves: 1,
    why: "why-foam-roller",
    leavesLook: true,
  },
  "blotting-paper": { name: "Roll of paper", serves: loadsPerPaper, why: "why-blotting" },
  "stencil-tape": {
    name: { metric: "Low-tack tape, 50 m", imperial: "Low-tack tape, 164 ft" },
    serves: 50,
    why: "why-stencil-tape",
  },
  "stencil-adhesive": { name: "Adhesive, sprayed, lets go", serves: printsPerCan, why: "why-adhesive" },
} as const satisfies Record<string, SundryKind>;
