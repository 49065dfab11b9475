import type { Finding } from "../findings/finding";
import { middleOf } from "../geometry/curve";
import { tapeForWidth } from "../tape/totalTape";
import { soldWithinMm } from "../trade/constants";
import type { Edges } from "../tape/schema";
import type { OrderedWall } from "./orderedWall";

/** By hand a long straight edge wavers on a rough wall; over so many metres also on a lightly stippled one. */
const longByHandM = 5;

/** What tape has to be slit, and what the painter's schools for edges risk: long ones by hand on a texture, tape on an arris. */
export function checkTape(
  { wall, tape }: Pick<OrderedWall, "wall" | "tape">,
  { tapes }: Pick<Edges, "tapes">,
): Finding[] {
  const metresOf = (pieces: OrderedWall["tape"]) =>
    pieces.reduce((sum, { length }) => sum + length / 1000, 0);
  const byHand = metresOf(tape.filter((piece) => piece.byHand === "cut"));
  const onArris = metresOf(tape.filter((piece) => piece.onArris && piece.byHand === null));
  const isRough = wall.texture !== "smooth" && (wall.texture !== "light" || byHand > longByHandM);
  return [
    ...checkSlits(tape, tapes),
    ...(byHand > 0 && isRough
      ? [
          {
            code: "by-hand-on-texture",
            severity: "check",
            at: null,
            values: { metres: byHand, texture: wall.texture },
            cure: {
              kind: "tape-straight",
              count: 0,
              path: ["edges"],
              set: { straight: "tape", curves: "tape" },
            },
          } as const,
        ]
      : []),
    ...(onArris > 0
      ? [
          {
            code: "tape-on-arris",
            severity: "check",
            at: null,
            values: { metres: onArris },
            cure: { kind: "float-corner", count: 0, path: ["edges"], set: { externalCorner: "float" } },
          } as const,
        ]
      : []),
  ];
}

/** Gaps narrower than the usual tape that no tape is sold for, each width once, and how far to slit one. */
function checkSlits(tape: OrderedWall["tape"], tapes: readonly number[]): Finding[] {
  const widths = new Map<string, (typeof tape)[number]>();
  for (const piece of tape) {
    const isSold = tapes.some((sold) => Math.abs(sold - piece.width) <= soldWithinMm);
    const key = piece.width.toFixed(1);
    if (piece.isSlit && !isSold && !widths.has(key)) widths.set(key, piece);
  }
  return [...widths.values()].map(({ width, path }): Finding => ({
    code: "slit-tape",
    severity: "note",
    values: { line: width, sold: tapeForWidth(width, tapes).soldMm },
    at: middleOf(path[Math.floor(path.length / 2)]!),
  }));
}
