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
  return onWall.flatMap(({ length, repeats, stretch, verdict, name, points }): Finding[] =>
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
