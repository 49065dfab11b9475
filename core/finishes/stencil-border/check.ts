import type { Finding } from "../../findings/finding";
import { checkPrintGround } from "../printGround";
import { checkSeveralColours } from "../severalColours";
import { judgeDifference, visibleTolerance } from "../../trade/visibleDifference";
import type { Strip } from "../../wall/strip";
import { type DividedLeg, type StencilBorderLayout } from "./layout";
import { isClosed } from "./legs";
import { meetingGap } from "./meetingGap";

/** More prints than anyone makes, a way off the wall, and a stretch that shows. */
export function checkStencilBorder(layout: StencilBorderLayout): Finding[] {
  const { spec, strip, legs, count, isOver, sheet, context } = layout;
  if (isOver)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "prints" }, at: null }];
  const { minY, maxY } = strip.extent;
  const isOff = ({ points }: DividedLeg) => points.every(({ y }) => y <= minY || y >= maxY);
  if (legs.length === 0 || legs.every(isOff))
    return [{ code: "off-wall", severity: "check", values: { thing: "the border" }, at: null }];
  const onWall = legs.filter((leg) => !isOff(leg));
  const corners = legs.map((leg, index) => [leg, legs[(index + 1) % legs.length]!] as const);
  const meeting = isClosed(spec) ? corners.filter((pair) => !pair.some(isOff)) : [];
  return [
    ...checkSeveralColours(spec, context),
    ...checkPrintGround(spec, strip),
    ...overprinted({ spec, sheet, meeting }),
    ...stretched(layout, onWall),
    ...follows(layout, onWall),
    ...keptParts({ spec, strip, sheet, context, legs: onWall }),
  ];
}

type Kept = Pick<StencilBorderLayout, "spec" | "strip" | "sheet" | "context" | "legs">;

/** Kept repeats that end in parts: stretched by what nobody sees they would come out, else the parts can be hidden at one end. */
function keptParts({ spec, strip, sheet, context, legs }: Kept): Finding[] {
  const repeat = sheet.stencil.repeat.x;
  const parted = legs.filter(({ length, repeats }) => length - repeats * repeat > leastOverMm);
  if (spec.fit !== "keep" || spec.join || parted.length === 0) return [];
  const stretches = legs.map(({ length }) => length / Math.max(1, Math.round(length / repeat)) - repeat);
  const most = Math.max(...stretches.map(Math.abs));
  const isUnseen = judgeDifference(most, visibleTolerance(repeat, context.viewingDistance)) === "won't show";
  const isRun = !isClosed(spec) && legs.length > 1;
  if (!isUnseen && !isRun) return [];
  const hidden = leastSeenEnd(strip);
  return [
    {
      own: true,
      code: "kept-parts",
      severity: "note",
      values: { legs: parted.length, most, isUnseen, ...hidden },
      at: null,
      cure: isUnseen
        ? { kind: "stretch-repeats", count: most, finish: spec.id, set: { fit: "stretch" } }
        : { kind: "hide-join", count: 0, finish: spec.id, set: { join: hidden.end } },
    },
  ];
}

/** The end of a run that is nearer to a door: whoever comes in has it at their back. The right one where there is no door. */
function leastSeenEnd({ parts, extent: { minX, maxX } }: Strip): {
  readonly end: "left" | "right";
  readonly door: string | null;
} {
  const doors = parts.flatMap(({ wall, offset }) =>
    wall.openings
      .filter(({ kind }) => kind === "door")
      .map(({ id, name, x, width }) => ({
        door: name ?? id,
        left: offset + x - minX,
        right: maxX - offset - x - width,
      })),
  );
  const ends = doors.flatMap(({ door, left, right }) => [
    { end: "left" as const, door, off: left },
    { end: "right" as const, door, off: right },
  ]);
  const [nearest] = ends.sort((a, b) => a.off - b.off);
  return nearest ? { end: nearest.end, door: nearest.door } : { end: "right", door: null };
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

/** What the eye says of a border that follows a ceiling out of level: level instead, where the wedge over it would not show. */
function follows(
  { spec: { id, along }, context }: StencilBorderLayout,
  legs: readonly DividedLeg[],
): Finding[] {
  if (!("by" in along)) return [];
  return legs.flatMap(({ points, length }): Finding[] => {
    const [first, last] = [points[0]!.y, points.at(-1)!.y];
    const rise = last - first;
    if (Math.abs(rise) < leastRiseMm) return [];
    const tolerance = visibleTolerance(along.by + Math.abs(rise), context.viewingDistance);
    const verdict = judgeDifference(Math.abs(rise), tolerance);
    const level = Math.round((first + last) / 2 / context.tapeDivision) * context.tapeDivision;
    return [
      {
        own: true,
        code: "follows-ceiling",
        severity: "note",
        values: { rise, length, verdict },
        at: points[0]!,
        ...(verdict === "won't show" && {
          cure: { kind: "strike-level", count: level, finish: id, set: { along: { level } } },
        }),
      },
    ];
  });
}

/** Less is what a level reads, mm. */
const leastRiseMm = 1;

/** Stretches that show; the worst of them with how far off all sides would meet. */
function stretched(layout: StencilBorderLayout, legs: readonly DividedLeg[]): Finding[] {
  const { spec, sheet } = layout;
  const shown = legs.filter(({ verdict }) => verdict !== "won't show");
  if (spec.fit === "keep" || shown.length === 0) return [];
  const worst = shown.reduce((most, leg) => (Math.abs(leg.stretch) > Math.abs(most.stretch) ? leg : most));
  const meeting = meetingGap(layout);
  const { along } = spec;
  const way = "around" in along ? "around" : "inside" in along ? "inside" : "along";
  return shown.map((leg): Finding => {
    const { length, repeats, stretch, verdict, name, points } = leg;
    return {
      own: true,
      code: "stretch-shows",
      severity: verdict === "will show" ? "check" : "note",
      values: {
        name,
        length,
        repeats,
        stretch,
        repeat: sheet.stencil.repeat.x,
        verdict,
        way,
        meetsAt: meeting?.gap ?? null,
      },
      at: points[0]!,
      ...(meeting &&
        leg === worst && {
          cure: { kind: "meet-repeats", count: meeting.gap, finish: spec.id, set: { along: meeting.along } },
        }),
    };
  });
}
