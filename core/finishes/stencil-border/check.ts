import type { Finding } from "../../findings/finding";
import { type DividedLeg, type StencilBorderLayout } from "./layout";

/** More prints than anyone makes, a way off the wall, and a stretch that shows. */
export function checkStencilBorder({
  spec,
  strip,
  legs,
  count,
  isOver,
  sheet,
}: StencilBorderLayout): Finding[] {
  if (isOver) return [{ code: "too-many-divisions", severity: "stop", values: { count }, at: null }];
  const { minY, maxY } = strip.extent;
  const isOff = ({ points }: DividedLeg) => points.every(({ y }) => y <= minY || y >= maxY);
  if (legs.every(isOff))
    return [{ code: "off-wall", severity: "check", values: { thing: "the border" }, at: null }];
  const onWall = legs.filter((leg) => !isOff(leg));
  return [...overprinted({ spec, legs: onWall, sheet }), ...stretched({ spec, legs: onWall, sheet })];
}

type Looked = Pick<StencilBorderLayout, "spec" | "legs" | "sheet">;

/**
 * Corners that butt where the last print of a leg comes to lie on the first of the next: both reach over the corner's inner
 * side, `side` mm wide, from `near` and `far` mm before it.
 */
function overprinted({ spec, legs, sheet: { stencil, cuts } }: Looked): Finding[] {
  if (spec.corners !== "butt" || legs.length !== 4) return [];
  const side = -cuts.minY;
  const slack = (leg: DividedLeg) =>
    spec.fit === "keep" ? 0 : (leg.length / leg.repeats - stencil.repeat.x) / 2;
  const isOver = legs.some((leg, index) => {
    const next = legs[(index + 1) % legs.length]!;
    const far = stencil.repeat.x / 2 - cuts.maxX + slack(leg);
    const near = stencil.repeat.x / 2 + cuts.minX + slack(next);
    return Math.max(far, near) < side - leastOverMm;
  });
  if (!isOver) return [];
  return [
    {
      own: true,
      code: "corners-overprint",
      severity: "check",
      values: { side },
      at: legs[0]!.points[0]!,
      cure: { kind: "mitre", count: 0, finish: spec.id, set: { corners: "mitre" } },
    },
  ];
}

/** Less is a brush's width of overlap that nobody sees, mm. */
const leastOverMm = 1;

function stretched({ spec, legs, sheet }: Looked): Finding[] {
  return legs.flatMap(({ length, repeats, stretch, verdict, name, points }): Finding[] =>
    spec.fit === "keep" || verdict === "won't show"
      ? []
      : [
          {
            own: true,
            code: "stretch-shows",
            severity: verdict === "will show" ? "check" : "note",
            values: { name, length, repeats, stretch, repeat: sheet.stencil.repeat.x, verdict },
            at: points[0]!,
          },
        ],
  );
}
