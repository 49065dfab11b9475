import { segment } from "../../geometry/curve";
import type { Design, SetOutLine } from "../../pattern/pattern";
import { printsAt } from "../printTurns";
import { motifOf } from "../stencilMotif";
import type { StencilBorderLayout } from "./layout";

/** Prints along the way, the line through their middles, and one reading for the middle of each. */
export function designStencilBorder(layout: StencilBorderLayout): Design[] {
  const { spec, sheet, places, corner } = layout;
  const motif = motifOf(sheet, spec.colours);
  const own = printsAt(places, sheet, spec.method, motif);
  const prints = spec.order === "repeat" ? byRepeat(own) : own;
  const design: Design = {
    lines: linesOf(layout),
    dividers: [],
    pieceAt: () => null,
    motifs: [motif],
    placements: prints,
  };
  if (!corner) return [design];
  const knot = motifOf(corner.sheet, { ...spec.colours, ...coloursOf(layout) });
  return [
    {
      ...design,
      motifs: [motif, knot],
      placements: [...prints, ...printsAt(corner.places, corner.sheet, spec.method, knot)],
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

/** All overlays of a repeat before the next one. */
function byRepeat<Print extends { readonly at: object; readonly order: number }>(
  prints: readonly Print[],
): Print[] {
  const places = [...new Set(prints.map(({ at }) => at))];
  return places
    .flatMap((place) => prints.filter(({ at }) => at === place))
    .map((print, index) => ({ ...print, order: index + 1 }));
}

function linesOf({ legs, places, spec, strip }: StencilBorderLayout): SetOutLine[] {
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
  const ticks = places.flatMap(({ at, column, row }, place): SetOutLine[] => {
    const leg = legs[row - 1]!;
    const [a, b] = [leg.points[0]!, leg.points.at(-1)!];
    const isUpright = Math.abs(a.x - b.x) < 0.01;
    const on = isUpright ? at.y > minY && at.y < maxY : at.x > minX && at.x < maxX;
    if (!on) return [];
    return [
      {
        id: `print-${place + 1}`,
        index: legs.length + place,
        kind: isUpright ? "level" : "plumb",
        path: isUpright
          ? segment({ x: minX, y: at.y }, { x: maxX, y: at.y })
          : segment({ x: at.x, y: minY }, { x: at.x, y: maxY }),
        use: `the middle of print ${column}, ${leg.name}`,
      },
    ];
  });
  return spec.fit === "keep" || places.length > 0 ? [...way, ...ticks] : way;
}
