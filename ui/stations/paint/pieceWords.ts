import type { PlanWall } from "@/core/plan/planTypes";
import type { Piece } from "@/core/plan/workOfStep";

type Named = (wall: PlanWall, id: string) => string | undefined;

const regionOf: Named = ({ regions }, id) => regions.find((one) => one.id === id)?.name;
const printOf: Named = ({ prints = [] }, id) => {
  const found = prints.flatMap(({ list }) => list).find((one) => one.id === id);
  return found && `column ${found.column}, row ${found.row}`;
};
const brickOf: Named = ({ bricks = [] }, id) => {
  const found = bricks.flatMap(({ list }) => list).find((one) => one.id === id);
  return found && `course ${found.course}, brick ${found.n}`;
};
const sectionOf: Named = ({ coats = [] }, id) => {
  const found = coats.flatMap(({ sections }) => sections).find((one) => one.id === id);
  return found && `section ${found.order}`;
};
const dropOf: Named = ({ sheets = [] }, id) => {
  const found = sheets
    .flatMap(({ finish, drops }) => drops.map(({ n }) => ({ id: `${finish}/d${n}`, n })))
    .find((one) => id.endsWith(one.id));
  return found && `sheet ${found.n}`;
};
const markOf: Named = ({ marks }, id) => marks.find((one) => one.id === id)?.reading;

const against = {
  ceiling: "ceiling",
  trim: "trim",
  neighbour: "neighbour",
  opening: "opening",
} as const;
const tapeOf: Named = ({ tape, marks }, id) => {
  const found = tape.find((one) => one.id === id);
  if (!found) return undefined;
  const mark = found.line === undefined ? undefined : marks.find(({ line }) => line === found.line);
  if (mark) return mark.reading;
  return found.against && `the mask along the ${against[found.against]}`;
};

const naming: Partial<Record<Piece["did"]["of"], Named>> = {
  region: regionOf,
  print: printOf,
  brick: brickOf,
  section: sectionOf,
  drop: dropOf,
  mark: markOf,
  tape: tapeOf,
};

/** What a piece of work is called at the wall; by its number where it has no name of its own. */
export const pieceName = ({ did, id }: Piece, wall: PlanWall | null | undefined, number: number): string =>
  (wall && naming[did.of]?.(wall, id)) ?? `piece ${number}`;

/** Many of them, in a word. */
export const piecesWord: Partial<Record<Piece["did"]["of"], string>> = {
  region: "pieces",
  tape: "pieces of tape",
  mark: "marks",
  print: "prints",
  brick: "bricks",
  section: "sections",
  drop: "sheets",
};
