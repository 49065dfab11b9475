import type { Speech } from "../findings/speech";
import {
  sealerTubeMl,
  smallRollerUnderMm,
  smallRollerUpToM2,
  tapeRollM,
  towerAboveMm,
} from "../trade/constants";

type From = { readonly from: number };
const filled = ({ from }: From) =>
  from === 1 ? "for one place that is filled" : `for ${from} places that are filled`;
const tapeWhy = ({ from }: From, { run }: Speech) =>
  `${run(from)} with laps and tails, cut from rolls of ${run(tapeRollM)}`;
const sealerWhy = ({ from }: From, { volume }: Speech) =>
  `${volume(from)} of film along edges, tubes of ${volume(sealerTubeMl)}`;

/** What a sundry was counted from. */
export const sundryWords = {
  "why-tape": tapeWhy,
  "why-flexible": ({ from }: From, { run }: Speech) => `${run(from)} along curves, under the usual tape`,
  "why-sealer": sealerWhy,
  "why-brush": () => "one a colour, for cutting in and for sealing",
  "why-brush-sash": () => "one a colour, small and pointed, for narrow strips and tight arcs",
  "why-brush-wide": () => "one a colour, to float the last strip on at an external corner",
  "why-roller-100": (_: unknown, { area, length }: Speech) =>
    `one a colour, up to ${area(smallRollerUpToM2)} at a time, or in pieces under ${length(smallRollerUnderMm)} wide`,
  "why-roller-230": (_: unknown, { area }: Speech) =>
    `one a colour, over ${area(smallRollerUpToM2)} at a time`,
  "why-liner": () => "one a colour and round",
  "why-dust-sheet": ({ from }: From, { run }: Speech) => `along ${run(from)} of wall`,
  "why-film": ({ from }: From, { area }: Speech) =>
    `for ${area(from)} of openings and what stays on the wall`,
  "why-filled": filled,
  "why-tower": (_: unknown, { length }: Speech) => `hands go higher than ${length(towerAboveMm)}`,
  "why-steps": (_: unknown, { length }: Speech) => `hands go higher than ${length(1800)}`,
  "why-lamp": () => "to look along the wall for misses, and at edges",
  "why-bucket": () => "to wash and rinse",
  "why-tester": () => "plates come off once their circuit is proved dead",
  "why-filling-knife": () => "for what is raked out and filled",
  "why-level": () => "every mark hangs off one level line",
  "why-measure": () => "every mark is read from one datum; no ink or wax under pale paint",
  "why-pin": () => "curves are drawn from their centre",
  "why-knife": () => "to cut tape, away from yourself",
  "why-frame-100": (_: unknown, { area }: Speech) =>
    `areas up to ${area(smallRollerUpToM2)}, and narrow pieces`,
  "why-frame-230": (_: unknown, { area }: Speech) => `areas over ${area(smallRollerUpToM2)}`,
  "why-pole": () => "large areas are rolled from the floor",
  "why-pile-short": () => "on the sleeves, for smooth walls",
  "why-pile-medium": () => "on the sleeves, for a light stipple",
  "why-pile-long": () => "on the sleeves, to reach into rough walls",
  "why-low-tack": () => "on paint that is under two weeks old",
  "why-sample-board": () => "one a board that is looked at before anything is decided",
  "why-sample-card": () => "one a chip",
  "why-sample-wood": () => "what goes on bare wood is tried on it",
  "why-soap": ({ from }: From, { area }: Speech) => `to wash ${area(from)}`,
};
