import Papa from "papaparse";

/** A table as CSV: the first line names the columns; cells that a spreadsheet would take for a formula are made plain. */
export function csvOf(
  columns: readonly string[],
  rows: readonly (readonly (string | number | null)[])[],
): string {
  return `${Papa.unparse({ fields: [...columns], data: rows.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`;
}

/** An amount with so many decimals at most, without trailing noughts. */
export const rounded = (amount: number, decimals: number): number => Number(amount.toFixed(decimals));
