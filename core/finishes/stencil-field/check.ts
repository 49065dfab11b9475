import type { Finding } from "../../findings/finding";
import { checkOffCentre } from "../checkOffCentre";
import { checkPrintGround } from "../printGround";
import { checkSeveralColours } from "../severalColours";
import type { StencilFieldLayout } from "./layout";
import { ticksDrift } from "./ticks";

/** More prints than anyone makes, and a start from which none reaches the wall. */
export function checkStencilField(layout: StencilFieldLayout): Finding[] {
  const { places, count, isOver, spec, strip, context } = layout;
  if (isOver)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "prints" }, at: null }];
  if (places.length === 0)
    return [{ code: "off-wall", severity: "check", values: { thing: "the stencil" }, at: null }];
  return [
    ...checkSeveralColours(spec, context),
    ...checkPrintGround(spec, strip),
    ...cutCopies(layout),
    ...(spec.start.x === "centre" || spec.start.x === "joint"
      ? checkOffCentre(strip, ({ id }) => ({
          kind: "centre-on-it",
          count: 0,
          finish: spec.id,
          set: { start: { ...spec.start, x: { on: id } } },
        }))
      : []),
    ...(spec.register === "ticks" ? [goesByTicks(layout)] : []),
  ];
}

/** A sheet is bent so often without harm, and the hand without losing patience. */
const mostBent = 6;

/** Sheets that reach over a ceiling or into the ends of walls so often that a copy cut to fit pays. */
function cutCopies({ places, sheet, strip, spec }: StencilFieldLayout): Finding[] {
  // A sheet lies over the edge of a thing on a table as it is.
  if (strip.parts[0]?.wall.object) return [];
  // A field's sheets are never turned.
  const { plastic } = sheet;
  const ends = strip.parts.flatMap(({ surface, offset }) =>
    surface ? [offset + surface.extent.minX, offset + surface.extent.maxX] : [],
  );
  const isAcross = (low: number, at: number, high: number) => low < at - hairMm && high > at + hairMm;
  const ceiling = strip.extent.maxY;
  const top = places.filter(({ at: { y } }) => isAcross(y + plastic.minY, ceiling, y + plastic.maxY)).length;
  const sides = places.filter(({ at: { x } }) =>
    ends.some((end) => isAcross(x + plastic.minX, end, x + plastic.maxX)),
  ).length;
  const isTop = top > mostBent && !spec.topSheet;
  if (!isTop && sides <= mostBent) return [];
  return [
    {
      own: true,
      code: "cut-copies",
      severity: "note",
      values: { top: isTop ? top : 0, sides: sides > mostBent ? sides : 0 },
      at: null,
      ...(isTop && {
        cure: { kind: "top-sheet", count: 0, finish: spec.id, set: { topSheet: true } } as const,
      }),
    },
  ];
}

const hairMm = 0.01;

const goesByTicks = (layout: StencilFieldLayout): Finding => ({
  own: true,
  code: "goes-by-ticks",
  severity: "note",
  values: {
    ...ticksDrift(layout),
    across: Math.max(...layout.places.map(({ column }) => column)),
    down: Math.max(...layout.places.map(({ row }) => row)),
  },
  at: null,
});
