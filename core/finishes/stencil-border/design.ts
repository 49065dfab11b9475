import { segment } from "../../geometry/curve";
import { distance } from "../../geometry/point";
import { groupBy } from "../../geometry/groupBy";
import type { PlacementDraft } from "../../pattern/placement";
import type { Design, SetOutLine } from "../../pattern/pattern";
import { printsAt } from "../printTurns";
import { canMarkOnLevel, readEvery, readPlaces } from "../registerDrift";
import { motifOf } from "../stencilMotif";
import type { DividedLeg, StencilBorderLayout } from "./layout";

/** Prints along the way, the line through their middles, and a reading for the middle of every few; the sheet's registers carry between. */
export function designStencilBorder(layout: StencilBorderLayout): Design[] {
  const { spec, sheet, places, corner } = layout;
  const motif = motifOf(sheet, spec.colours);
  const way = { by: "repeat", strip: layout.strip } as const;
  const own = printsAt(places, sheet, spec.method, motif, way);
  const knot = corner && motifOf(corner.sheet, { ...spec.colours, ...coloursOf(layout) });
  const knots = knot ? printsAt(corner.places, corner.sheet, spec.method, knot, way) : [];
  return [
    {
      lines: linesOf(layout),
      dividers: [],
      pieceAt: () => null,
      motifs: knot ? [motif, knot] : [motif],
      placements: inTurn(spec.order, own, knots),
    },
  ];
}

/** A corner's own colours take the border's paints in turn, where they are not called alike. */
function coloursOf({ spec, corner }: StencilBorderLayout): Record<string, string> {
  const paints = Object.values(spec.colours);
  return Object.fromEntries(
    corner!.sheet.slots.map(({ slot }, index) => [
      slot,
      spec.colours[slot] ?? paints[index % paints.length]!,
    ]),
  );
}

/** The corners after all else, with loads of their own; all overlays of a repeat before the next one where that is the school. */
function inTurn(
  order: StencilBorderLayout["spec"]["order"],
  own: readonly PlacementDraft[],
  knots: readonly PlacementDraft[],
): PlacementDraft[] {
  const loads = Math.max(0, ...own.map(({ load }) => load));
  const all = [...own, ...knots.map((print) => ({ ...print, load: print.load + loads }))];
  const byPlace = groupBy(all, ({ at }) => at);
  const turns = order === "repeat" ? [...byPlace.values()].flat() : all;
  return turns.map((print, index) => ({ ...print, order: index + 1 }));
}

/** The prints of a leg that have a reading of their own, by their columns: every few, from the first whole one on. */
function readOn(leg: DividedLeg, index: number, layout: StencilBorderLayout): ReadonlySet<number> {
  const { sheet, context, strip, places } = layout;
  const own = places.filter(({ row }) => row === index + 1);
  const pitch = sheet.stencil.repeat.x + leg.stretch;
  const isPart = own[0] !== undefined && distance(leg.points[0]!, own[0].at) < pitch / 2 - 0.01;
  const isUpright = Math.abs(leg.points[0]!.x - leg.points.at(-1)!.x) < 0.01;
  const read = readPlaces(
    own.length,
    isPart ? 1 : 0,
    readEvery(sheet.stencil.repeat.x, context),
    (place) => isUpright || canMarkOnLevel(strip, own[place]!.at.x),
  );
  return new Set([...read].map((place) => own[place]!.column));
}

function linesOf(layout: StencilBorderLayout): SetOutLine[] {
  const { legs, places, strip } = layout;
  const way = legs.flatMap(({ points, name }, leg): SetOutLine[] =>
    points.slice(1).map((b, place) => {
      const a = points[place]!;
      const isLevel = Math.abs(a.y - b.y) < 0.01;
      const isPlumb = Math.abs(a.x - b.x) < 0.01;
      return {
        id: `way-${leg + 1}${place > 0 ? `-${place + 1}` : ""}`,
        index: leg,
        kind: isLevel ? "level" : isPlumb ? "plumb" : "slant",
        path: segment(a, b),
        use: `the middle of the border, ${name}`,
      };
    }),
  );
  const { minY, maxY, minX, maxX } = strip.extent;
  const read = legs.map((leg, index) => readOn(leg, index, layout));
  const ticks = places.flatMap(({ at, column, row }, place): SetOutLine[] => {
    const leg = legs[row - 1]!;
    const [a, b] = [leg.points[0]!, leg.points.at(-1)!];
    const isUpright = Math.abs(a.x - b.x) < 0.01;
    const on = isUpright ? at.y > minY && at.y < maxY : at.x > minX && at.x < maxX;
    if (!on || !read[row - 1]!.has(column)) return [];
    return [
      {
        id: `print-${place + 1}`,
        isTick: true,
        index: legs.length + place,
        kind: isUpright ? "level" : "plumb",
        path: isUpright
          ? segment({ x: minX, y: at.y }, { x: maxX, y: at.y })
          : segment({ x: at.x, y: minY }, { x: at.x, y: maxY }),
        use: `the middle of print ${column}, ${leg.name}`,
      },
    ];
  });
  return [...way, ...ticks];
}
