import Papa from "papaparse";

type Cell = string | number | null;

/** A table as CSV: the first line names the columns; cells that a spreadsheet would take for a formula are made plain. */
export function csvOf(columns: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return `${Papa.unparse({ fields: columns.map(plainText), data: rows.map((row) => row.map(plain)) })}\r\n`;
}

/**
 * A text that begins like a formula on any of its lines, behind whatever a spreadsheet skips there (spaces, controls, marks
 * of byte order or direction, full-width forms), gets an apostrophe before it. The library's own guard looks at the first
 * character only.
 */
function plainText(cell: string): string {
  const isFormula = /(?:^|[\r\n\u0085\u2028\u2029])[\s\p{C}\p{Z}'"]*[=+\-@\uff1d\uff0b\uff0d\uff20|]/u.test(
    cell,
  );
  return isFormula ? `'${cell}` : cell;
}

const plain = (cell: Cell): Cell => (typeof cell === "string" ? plainText(cell) : cell);

/** An amount with so many decimals at most, without trailing noughts. */
export const rounded = (amount: number, decimals: number): number => Number(amount.toFixed(decimals));
