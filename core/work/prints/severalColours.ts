import { boxOfContour } from "../../geometry/curve";
import type { PartOfSheet } from "../../stencil/byColour";
import type { SheetSlot } from "../../stencil/cutSheet";
import type { Table } from "../contribution";

/** How sheets of several colours are printed. */
export interface PiecesOfSheet {
  /** Pieces of plastic, of each of which there are copies; and of which sheets they are. */
  readonly plastics: number;
  readonly sheets: readonly { readonly stencil: string; readonly plastics: number }[];
  /** Passes that leave only some holes of their piece open, by what their overlay is called. */
  readonly parts: ReadonlyMap<string, PartOfSheet>;
  readonly holes: readonly SheetSlot[];
  /** Overlays of several paints, each with its holes in turn. */
  readonly several: readonly {
    readonly overlay: string;
    readonly shares: readonly { readonly paint: string; readonly slots: readonly SheetSlot[] }[];
  }[];
}

/** Tape goes so far over either end of a hole, mm. */
const overEndMm = 20;

/** Tape over the holes of the other colours, of one copy in all its passes, mm: along the longer side of each hole. */
export const tapedOffMm = ({ parts, holes }: PiecesOfSheet): number =>
  [...parts.values()].reduce(
    (sum, { overlay, tapedOff }) =>
      sum +
      holes
        .filter((hole) => hole.overlay === overlay && tapedOff.includes(hole.slot))
        .flatMap(({ contours }) => contours)
        .reduce((length, contour) => {
          const { minX, maxX, minY, maxY } = boxOfContour(contour);
          return length + Math.max(maxX - minX, maxY - minY) + 2 * overEndMm;
        }, 0),
    0,
  );

/** In which turn the colours of one piece of plastic go on, and what is covered meanwhile. */
export function severalColoursTables({ several, parts }: PiecesOfSheet): Table[] {
  const rows = several.flatMap(({ overlay, shares }) =>
    shares.map(({ paint, slots }, index) => ({
      overlay,
      turn: index + 1,
      paint,
      open: slots.map(({ slot }) => slot).join(", "),
      covered: shares
        .filter((other) => other.paint !== paint)
        .flatMap((other) => other.slots.map(({ slot, contours }) => `${slot} (${contours.length})`))
        .join(", "),
      by: parts.size > 0 ? "tape, over all prints" : "card, at each print",
    })),
  );
  if (rows.length === 0) return [];
  return [
    {
      id: "several-colours",
      title: { code: "table-several-colours", values: {} },
      columns: [
        { key: "overlay", label: "Overlay", as: "text" },
        { key: "turn", label: "Turn", as: "count" },
        { key: "paint", label: "Paint", as: "paint" },
        { key: "open", label: "Holes open", as: "text" },
        { key: "covered", label: "Covered (holes)", as: "text" },
        { key: "by", label: "By", as: "text" },
      ],
      rows,
    },
  ];
}
