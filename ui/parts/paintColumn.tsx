import type { Paint } from "@/core/paint/schema";
import type { Column } from "./tableProps";
import { Swatch } from "./Swatch";

/** The column that tells which paint a row is about. */
export function paintColumn<Row extends { readonly colour: string }>(
  paints: readonly Pick<Paint, "id" | "name" | "hex">[],
): Column<Row> {
  const paintOf = (id: string) => paints.find((paint) => paint.id === id);
  const nameOf = ({ colour }: Row) => paintOf(colour)?.name ?? colour;
  return {
    key: "paint",
    label: "Paint",
    value: nameOf,
    show: (row) => (
      <span className="flex items-center gap-2 font-semibold">
        <Swatch colour={paintOf(row.colour)?.hex} />
        {nameOf(row)}
      </span>
    ),
  };
}
