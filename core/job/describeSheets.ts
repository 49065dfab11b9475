import type { OrderedWall } from "./orderedWall";
import type { PlanSheets, PlanWall } from "../plan/planTypes";

/** The paper of a wall, by finish; nothing where there is none. */
export function describeSheets({ laid }: OrderedWall): Pick<PlanWall, "sheets"> {
  const { sheets } = laid!.pattern;
  if (sheets.length === 0) return {};
  return {
    sheets: sheets.map(
      ({ finish, rolls, dropsPerRoll, list, seams, lastWidth, hex, repeat }): PlanSheets => ({
        finish,
        rolls,
        dropsPerRoll,
        drops: list.map(({ n, from, to, length, cut, roll, phase }) => ({
          n,
          from,
          to,
          length,
          cut,
          roll,
          phase,
        })),
        seams: [...seams],
        lastWidth,
        hex,
        repeat,
      }),
    ),
  };
}
