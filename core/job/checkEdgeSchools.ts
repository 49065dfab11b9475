import type { Finding } from "../findings/finding";
import type { OrderedWall } from "./layOutJob";

/** By hand a long straight edge wavers on a rough wall; over so many metres also on a lightly stippled one. */
const longByHandM = 5;

/** What the painter's schools for edges risk on a wall: long edges by hand on a texture, tape on an arris. */
export function checkEdgeSchools({ wall, tape }: OrderedWall): Finding[] {
  const metresOf = (pieces: OrderedWall["tape"]) =>
    pieces.reduce((sum, { length }) => sum + length / 1000, 0);
  const byHand = metresOf(tape.filter((piece) => piece.byHand === "cut"));
  const onArris = metresOf(tape.filter((piece) => piece.onArris && piece.byHand === null));
  const isRough = wall.texture !== "smooth" && (wall.texture !== "light" || byHand > longByHandM);
  return [
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
