import type { Table } from "../../work/contribution";
import type { PartOfWall } from "../defineCraft";
import { bricksIn, kindsOf, rowOf } from "./bond";
import type { BrickLayout } from "./layout";

/** A batten for each kind of course with its perpends: offered up along every course of that kind, from the wall's left. */
export function rodsTable(on: PartOfWall, { spec, strip, starts, courses }: BrickLayout): Table {
  const part = strip.parts.find(({ wall }) => wall.id === on.wall.id)!;
  const { minX, maxX } = part.surface!.extent;
  const from = starts.get(on.wall.id)!;
  const kinds = kindsOf(spec, courses.count);
  const rods = Array.from({ length: kinds }, (_, course) =>
    bricksIn(rowOf(spec, course, from - part.offset), minX, maxX)
      .slice(1)
      .map(({ left }) => left - spec.joint / 2),
  );
  const names =
    kinds === 1
      ? ["Perpends"]
      : kinds === 2
        ? ["Odd courses", "Even courses"]
        : ["Courses 1, 4 ...", "Courses 2, 5 ...", "Courses 3, 6 ..."];
  const most = Math.max(0, ...rods.map(({ length }) => length));
  return {
    id: `rods-${on.wall.id}`,
    wall: on.wall.id,
    title: { code: "table-rods", values: { finish: spec.id } },
    columns: [
      { key: "n", label: "Perpend", as: "count" },
      ...names.map((label, index) => ({ key: `rod${index + 1}`, label, as: "length" }) as const),
    ],
    // A rod that has one perpend less repeats the wall's end there.
    rows: Array.from({ length: most }, (_, index) => ({
      n: index + 1,
      ...Object.fromEntries(rods.map((rod, kind) => [`rod${kind + 1}`, rod[index] ?? maxX])),
    })),
  };
}
