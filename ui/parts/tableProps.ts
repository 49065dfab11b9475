import type { ReactNode } from "react";
import type { Cell } from "./TakeAlong";

/** A column: what stands in a cell, and the same as it is taken along. */
export interface Column<Row> {
  readonly key: string;
  readonly label: string;
  /** Figures stand at the right. */
  readonly isFigure?: true;
  readonly show: (row: Row, index: number) => ReactNode;
  readonly value: (row: Row, index: number) => Cell;
}

export interface TableProps<Row> {
  /** What it is called to those who listen, and as a file. */
  readonly name: string;
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** What pointing at a row tells the wall. */
  readonly onPoint?: (row: Row | null) => void;
  readonly isPointedAt?: (row: Row) => boolean;
}
