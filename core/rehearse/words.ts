import type { PlanBrick, PlanPrint } from "../plan/planTypes";

/** What things are called in a fault's sentence: as the painter finds them on the wall, not by their ids. */
export const printName = ({ column, row, overlay }: Pick<PlanPrint, "column" | "row" | "overlay">): string =>
  `the print in column ${column}, row ${row} (overlay ${overlay})`;

export const brickName = (
  { course, box: [x] }: Pick<PlanBrick, "course" | "box">,
  length: (mm: number) => string,
): string => `the brick of course ${course} that begins at ${length(x)}`;

/** "f3/c2r1" is in column 2 from the left and row 1 from the top; "f3/f0/stripe-2/c1r1" in those of a stripe. */
export function partName(id: string): string {
  const [, field = "", column, row] = /^[^/]*\/(?:(.*)\/)?c(\d+)r(\d+)$/.exec(id) ?? [];
  const of = field === "" ? "" : ` of ${field}`;
  return column === undefined ? "a part" : `the part in column ${column}, row ${row}${of}`;
}

/** An item without what it is sorted by: "tool-frame-100" is a frame 100. */
export const itemName = (item: string): string => item.replace(/^tool-/, "").replaceAll("-", " ");

const longest = 60;
/** The beginning of a step's sentence. */
export const stepName = ({ say }: { readonly say: string }): string =>
  `"${say.length > longest ? `${say.slice(0, longest).trimEnd()}...` : say}"`;
