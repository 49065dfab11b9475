import type { Speech } from "../findings/speech";
import type { TableColumn } from "../work/contribution";
import type { JobWork } from "./contribute";
import type { PlanTable } from "../plan/planTypes";

/** The tables that finishes bring, their values beside their cells in the job's own units. */
export const describeTables = ({ tables }: JobWork, speech: Speech): PlanTable[] =>
  tables.map(({ id, finish, wall, title, columns, rows }) => ({
    id: `${finish}/${id}`,
    finish,
    ...(wall !== undefined && { wall }),
    title: speech.say(title),
    columns: columns.map((column) => ({ ...column })),
    rows: rows.map((row) => ({ ...row })),
    cells: rows.map((row) => columns.map((column) => cellOf(row[column.key] ?? "", column.as, speech))),
  }));

function cellOf(value: string | number, as: TableColumn["as"], speech: Speech): string {
  if (as === "text" || value === "") return String(value);
  if (as === "paint") return speech.paint(String(value));
  const number = Number(value);
  switch (as) {
    case "length":
      return speech.length(number);
    case "area":
      return speech.area(number);
    case "minutes":
      return `${Math.ceil(number - 1e-9)} min`;
    case "count":
      return String(Math.round(number));
    default:
      return as satisfies never;
  }
}
