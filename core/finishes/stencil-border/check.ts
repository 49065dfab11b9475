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
  const corners = legs.map((leg, index) => [leg, legs[(index + 1) % legs.length]!] as const);
  const meeting = legs.length === 4 ? corners.filter((pair) => !pair.some(isOff)) : [];
  return [...overprinted({ spec, sheet, meeting }), ...stretched({ spec, sheet, legs: onWall })];
}

interface Meeting extends Pick<StencilBorderLayout, "spec" | "sheet"> {
  /** Legs that meet at a corner on the wall, in the way's direction. */
  readonly meeting: readonly (readonly [DividedLeg, DividedLeg])[];
}

/** Corners that butt where the last print of a leg comes to lie on the first of the next: both reach over the corner's inner side. */
function overprinted({ spec, sheet, meeting }: Meeting): Finding[] {
  if (spec.corners !== "butt") return [];
  const { cuts } = sheet;
  const side = -cuts.minY;
  const ofLeg = (leg: DividedLeg) => ({ leg, repeat: sheet.stencil.repeat.x, fit: spec.fit });
  const over = meeting.find(([leg, next]) => {
    const last = beforeHoles(ofLeg(leg), { from: -cuts.maxX, to: -cuts.minX });
    const first = beforeHoles(ofLeg(next), { from: cuts.minX, to: cuts.maxX });
    return Math.max(last, first) < side - leastOverMm;
  });
  if (!over) return [];
  return [
    {
      own: true,
      code: "corners-overprint",
      severity: "check",
      values: { side },
      at: over[1].points[0]!,
      cure: { kind: "mitre", count: 0, finish: spec.id, set: { corners: "mitre" } },
    },
  ];
}

/** Less is a brush's width of overlap that nobody sees, mm. */
const leastOverMm = 1;

interface LegOfRepeats {
  readonly leg: DividedLeg;
  readonly repeat: number;
  readonly fit: StencilBorderLayout["spec"]["fit"];
}

/** How far within a leg its holes begin, from the corner at one of its ends; `holes` are those of a print, from its middle inwards. */
function beforeHoles(
  { leg: { length, repeats }, repeat, fit }: LegOfRepeats,
  holes: { readonly from: number; readonly to: number },
): number {
  const pitch = fit === "keep" ? repeat : length / repeats;
  const over = (length - repeats * pitch) / 2;
  // Where the repeat is kept a part print lies over the corner, and may reach no further.
  const isParted = over > 1e-6 && over - pitch / 2 + holes.to > 0;
  return Math.max(0, over + (isParted ? -pitch / 2 : pitch / 2) + holes.from);
}

function stretched({ spec, legs, sheet }: Pick<StencilBorderLayout, "spec" | "legs" | "sheet">): Finding[] {
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
