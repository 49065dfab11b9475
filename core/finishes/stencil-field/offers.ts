import type { Reason } from "../../findings/reasons";
import { verdictOf, type Offer } from "../../fit/offer";
import { nameOf } from "../../wall/surface";
import { placeBox } from "../../geometry/placeContour";
import type { Box } from "../../geometry/curve";
import { partPrintFactor } from "../../work/prints/constants";
import { paceOfPrinting } from "../printingKeys";
import { overlaysOf } from "../stencilMotif";
import { layOutStencilField, type StencilFieldLayout } from "./layout";
import type { StencilFieldSpec } from "./spec";

const mostOffered = 6;
/** Beyond this a field is not laid out anew for every start. */
const mostPrints = 2500;

type Start = StencilFieldSpec["start"];
interface Named {
  readonly x: Start["x"];
  readonly name: string;
}

/**
 * Other starts, the best first. Each is judged by the parts of a column at its two ends (one under a quarter looks like a
 * mistake), by how many prints are cut there, at floor and ceiling and by openings, and by whether a full column stays whole.
 */
export function offerStarts(layout: StencilFieldLayout): Offer[] {
  const { spec, strip, context, places } = layout;
  if (places.length === 0 || places.length > mostPrints) return [];
  const across: Named[] = [
    { x: "centre", name: "a print in the middle" },
    { x: "joint", name: "a joint in the middle" },
    { x: "left", name: "whole from the left" },
    { x: "right", name: "whole from the right" },
    ...strip.parts.flatMap(({ wall }) =>
      wall.openings.map((opening) => ({
        x: { on: opening.id },
        name: `a print in the middle of ${nameOf(opening)}`,
      })),
    ),
  ];
  const up = [
    { y: "top", name: "from the top" },
    { y: "floor", name: "from the floor" },
  ] as const;
  return across
    .flatMap(({ x, name }) =>
      up.flatMap(({ y, name: rows }) => {
        const start = { x, y };
        const isChosen = JSON.stringify(start) === JSON.stringify(spec.start);
        const other = isChosen ? layout : layOutStencilField({ ...spec, start }, strip, context);
        return other.places.length === 0 ? [] : [judge(other, `${name}, ${rows}`, isChosen)];
      }),
    )
    .sort((a, b) => b.score - a.score)
    .filter(({ isChosen }, place) => isChosen || place < mostOffered);
}

function judge(layout: StencilFieldLayout, name: string, isChosen: boolean): Offer {
  const { strip, places, sheet, start, spec } = layout;
  const { minX, maxX } = strip.extent;
  const repeat = sheet.stencil.repeat.x;
  const boxes = places.map(({ at }) => placeBox(sheet.cuts, { at, turn: 0, mirrored: false }));
  const cut = boxes.filter((box) => isCut(box, layout)).length;
  const [first, last] = [partAt(start.x - minX, repeat), partAt(maxX - start.x, repeat)];
  const least = Math.min(first, last);
  const columns = new Set(places.map(({ column }) => column));
  for (const [index, { column }] of places.entries())
    if (isCut(boxes[index]!, layout)) columns.delete(column);
  const score = Math.max(
    0,
    100 -
      (40 * cut) / places.length -
      (least < repeat / 4 ? 20 : 0) -
      Math.min(10, (20 * Math.abs(first - last)) / repeat) -
      (columns.size === 0 ? 6 : 0),
  );
  const reasons: Reason[] = [
    { code: "field-ends", values: { first, last } },
    { code: "field-cuts", values: { cut, prints: places.length } },
    { code: "field-minutes", values: { minutes: minutesOf(layout, cut) } },
    ...(columns.size > 0 ? [{ code: "field-whole", values: { columns: columns.size } } as const] : []),
  ];
  return {
    title: { code: "field-start", name },
    score,
    verdict: verdictOf(score),
    reasons,
    set: { start: { x: spec.start.x, y: spec.start.y } },
    isChosen,
  };
}

/** Of printing all overlays, cut ones at their own pace; without cleaning and waits, which hang on the turn of prints. */
function minutesOf({ spec, sheet, places, context }: StencilFieldLayout, cut: number): number {
  const rates = context.work.rates as Readonly<Record<string, number>>;
  const each = rates[paceOfPrinting(spec)]!;
  return each * overlaysOf(sheet).length * (places.length + (partPrintFactor - 1) * cut);
}

/** How wide the column at an end is, which lies so far from the middle of the first print. */
function partAt(far: number, repeat: number): number {
  const beyond = (((far - repeat / 2) % repeat) + repeat) % repeat;
  return beyond < 1e-6 ? repeat : beyond;
}

/** Whether the wall's ends, floor, ceiling or an opening's box cut into what is open. */
function isCut(box: Box, { strip }: StencilFieldLayout): boolean {
  const { minX, maxX, minY, maxY } = strip.extent;
  const isOver =
    box.minX < minX - 0.1 || box.maxX > maxX + 0.1 || box.minY < minY - 0.1 || box.maxY > maxY + 0.1;
  return (
    isOver ||
    strip.parts.some(({ wall, offset }) =>
      wall.openings.some(
        ({ x, y, width, height, casing }) =>
          box.maxX > x + offset - casing &&
          box.minX < x + offset + width + casing &&
          box.maxY > y - casing &&
          box.minY < y + height + casing,
      ),
    )
  );
}
