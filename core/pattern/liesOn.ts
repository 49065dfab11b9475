import type { Pattern } from "./pattern";

/** The finishes of which something lies on a wall's regions without dividing them: prints, bricks, sheets, broken colour. */
export const liesOn = ({
  placements,
  bricks,
  sheets,
  effects,
}: Pick<Pattern, "placements" | "bricks" | "sheets" | "effects">): ReadonlySet<string> =>
  new Set(
    [placements, bricks, sheets, effects.filter(({ regions }) => regions.length > 0)].flatMap((list) =>
      list.map(({ finish }) => finish),
    ),
  );
