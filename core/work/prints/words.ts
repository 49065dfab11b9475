import type { Printing } from "./printing";
import { listed } from "../../findings/listed";
import type { Speech } from "../../findings/speech";
import type { PrintMethod } from "./constants";

interface Printed {
  readonly wall: string;
  readonly overlay: string;
  /** Colours of the sheet whose holes are taped off; and whether a card keeps colours apart at each print. */
  readonly tapedOff: readonly string[];
  readonly isCarded: boolean;
  readonly colours: readonly string[];
  readonly shades: readonly string[];
  readonly prints: number;
  /** How many of them are made before the night; all where there is none between. */
  readonly here: number;
  readonly partial: number;
  readonly loads: number;
  readonly every: number;
  /** Whether what lies beside a wet print is left out and come back for. */
  readonly goesBack: boolean;
  readonly carried: Printing["carried"];
  readonly method: PrintMethod;
  /** How many stretches of whole columns or repeats, the last of them, and where its middle is read; null where it is off the wall. */
  readonly stretches: number;
  readonly by: Printing["by"];
  readonly column: number;
  readonly row: number;
  readonly at: number | null;
}

/** Of all loads the part that a day takes. */
function loadsSaid(all: number, share: number): string {
  const loads = Math.max(1, Math.round(all * share));
  return `${share < 1 ? "about " : ""}${loads} ${loads === 1 ? "load" : "loads"}`;
}

/** What printing through sheets says, whatever finish it is of. */
export const printWords = {
  print: (
    {
      wall,
      overlay,
      tapedOff,
      isCarded,
      colours,
      shades,
      prints,
      here,
      partial,
      loads,
      every,
      goesBack,
      carried,
      method,
      stretches,
      by,
      column,
      row,
      at,
    }: Printed,
    speech: Speech,
  ) =>
    [
      `${speech.wall(wall)}: print ${overlay ? `overlay ${overlay} ` : ""}in ${listed(colours.map((colour) => speech.paint(colour)))}, ${here < prints ? `${here} of ` : ""}${prints} ${prints === 1 ? "print" : "prints"}`,
      partial > 0 ? `, ${partial} of ${here < prints ? "all" : "them"} cut` : "",
      tapedOff.length > 0 ? `, the holes of ${listed(tapedOff)} taped off, the sheet laid to its marks` : "",
      isCarded ? ", one colour after the other under each sheet, a card held over the rest" : "",
      shades.length > 0
        ? `, each shaded in ${listed(shades.map((colour) => speech.paint(colour)))} towards one edge before its sheet is lifted`
        : "",
      `, ${loadsSaid(loads, here / prints)} ${method === "brush" ? "dabbed off until the brush is nearly dry" : "rolled off on paper"}`,
      prints > every ? `; clean the sheet after every ${every}` : "",
      carried === null
        ? ""
        : carried === "ticks"
          ? "; each by its corner ticks"
          : `; every ${carried.every === 2 ? "second" : carried.every === 3 ? "third" : `${carried.every}th`} by its reading, those between by the sheet's registers${carried.isStretched ? " and their leg's stretch" : ""}`,
      goesBack ? "; leave out what its sheet would cover while wet, and come back for it" : "",
      stretches < 2 && here === prints
        ? "."
        : by !== "repeat"
          ? `. Whole columns, up to column ${column}${at === null ? "" : `: its middle reads ${speech.length(at)}`}.`
          : `. Whole repeats, up to print ${column} of leg ${row}.`,
    ].join(""),
  "table-part-prints": () => "Prints that are cut or bend the sheet",
  "table-several-colours": () => "Several colours on one sheet",
  "care-print": () => "Too wet or too hard and it creeps under the sheet: blot first, and dab, never push.",
  "care-mitre": () =>
    "Mask each mitre along its diagonal, from the inner corner to the outer; the tape goes on the neighbour's prints only once they are dry.",
  "care-rim": ({ rim, method }: { rim: number; method: PrintMethod }, speech: Speech) =>
    `The sheet reaches only ${speech.length(rim)} beyond its holes, less than the ${method} is wide: lay paper along its rim.`,
  "care-spray": () =>
    "Spray the sheet in a box away from the wall, with air and without flames; its label tells the rest.",
  "ready-sheets": ({ copies }: { copies: number }) =>
    `Sheets clean and flat, ${copies} of each overlay; paper to blot on, low-tack tape, a bowl to clean in.`,
  "why-sheets": () => "one in use while another is cleaned and dries",
  "why-stencil-brush": () => "one a colour, by the width of its holes",
  "why-foam-roller": () => "one a colour, of dense foam",
  "why-blotting": ({ from }: { from: number }) => `to take ${Math.round(from)} loads nearly dry`,
  "why-stencil-tape": ({ from }: { from: number }, speech: Speech) =>
    `${speech.run(from)} to hold the sheets, low tack`,
  "why-adhesive": ({ from }: { from: number }) => `sprayed on the back for ${Math.round(from)} prints`,
};
