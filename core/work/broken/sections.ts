import type { Box } from "../../geometry/curve";
import { KeepingAll } from "../../geometry/keeping";
import type { Covered, CoveredField } from "../../pattern/covered";
import { OnArea } from "../../wall/onSurface";

/** A side of a section that is feathered, since its edge sets before what comes beside it. */
export type RaggedSide = "right" | "bottom";

/**
 * A part of a wall that is worked in one go, in the turn in which it comes; places are the wall's. Its id tells its column from
 * the left and its row from the top, and before that its field where there are several. The box is around what of it is covered.
 */
export interface Section {
  readonly id: string;
  readonly box: Box;
  readonly areaM2: number;
  readonly ragged?: readonly RaggedSide[];
}

/** Lanes side by side, each at most so wide, mm: upright ones from the left, level ones from the top. */
export interface Lanes {
  readonly width: number;
  readonly direction: "upright" | "level";
}

type Boxes = readonly Omit<Section, "areaM2">[];

/** How a field is worked in patches. */
export interface Patching {
  /** The largest that one section may be. */
  readonly mostM2: number;
  /** So much is done while an edge stays wet in the warmest air. */
  readonly wetM2: number;
}

/** More parts than anyone works one by one. */
export const mostSections = 1000;
/** Of a smaller rest there is nothing to work, m2. */
const leastM2 = 1e-4;
/** A column of patches narrower than two spreaders is none, mm. */
const leastColumnMm = 400;

/** Kept by what they are of: both schools of rounds, and every plan until the wall changes, ask for the same. */
const kept = new KeepingAll<Section[]>();

/** Boards of a width as they lie on the wall, what of each is in one field after the other; their areas add up to the whole. */
export const boardsOf = (covered: Covered, lanes: Lanes): Section[] =>
  kept.answer(covered, ["boards", lanes.direction, lanes.width], () => {
    const { width, direction } = lanes;
    const span = spanOf(covered.box, direction);
    const count = Math.min(mostSections, Math.max(1, Math.ceil(span / width - 1e-6)));
    const boards = strips(covered.box, direction, Math.max(width, span / count), count);
    return inFields(covered, () => boards);
  });

/** Lanes in each field of what is covered, alike in width within a field, and one field after the other. */
export const lanesOf = (covered: Covered, way: string, lanesIn: (field: CoveredField) => Lanes): Section[] =>
  kept.answer(covered, ["lanes", way], () =>
    inFields(covered, (field) => {
      const { width, direction } = lanesIn(field);
      const span = spanOf(field.box, direction);
      const most = Math.ceil(mostSections / covered.fields.length);
      const count = Math.min(most, Math.max(1, Math.ceil(span / width - 1e-6)));
      return strips(field.box, direction, span / count, count);
    }),
  );

const inFields = (covered: Covered, boxesIn: (field: CoveredField) => Boxes): Section[] =>
  covered.fields.flatMap((field) => sectionsIn(field, boxesIn(field), prefixOf(field, covered)));

const spanOf = ({ minX, maxX, minY, maxY }: Box, direction: Lanes["direction"]): number =>
  direction === "upright" ? maxX - minX : maxY - minY;

/** Where there is one field a section needs no name of it. */
const prefixOf = ({ id }: CoveredField, { fields }: Covered): string =>
  fields.length === 1 ? "" : `${id.slice(id.indexOf("/") + 1)}/`;

function strips(box: Box, direction: Lanes["direction"], step: number, count: number): Boxes {
  const { minX, maxX, minY, maxY } = box;
  const span = spanOf(box, direction);
  return Array.from({ length: count }, (_, index) => {
    const [from, to] = [index * step, Math.min(span, (index + 1) * step)];
    return direction === "upright"
      ? { id: sectionAt(index, 0), box: { minX: minX + from, maxX: minX + to, minY, maxY } }
      : { id: sectionAt(0, index), box: { minX, maxX, minY: maxY - to, maxY: maxY - from } };
  });
}

/**
 * Each field in columns from the left, downwards. A column is so narrow that its edge is wet yet when the next one comes; where
 * that would be too narrow to work, its right side is feathered, and every second coat stands half a column over. The first
 * of all is looked at before anything comes beside it: it is feathered on both.
 */
export const patchesOf = (covered: Covered, coat: number, patching: Patching): Section[] =>
  kept.answer(covered, ["patches", coat % 2, coat === 1 ? 1 : 0, patching.mostM2, patching.wetM2], () => {
    const byField = covered.fields.map((field) => patchesIn(field, coat, patching, prefixOf(field, covered)));
    const [first, ...rest] = byField.flatMap((patches) => patches ?? []);
    if (byField.includes(null) || rest.length >= mostSections) return [];
    if (!first) return [];
    return [coat === 1 && rest.length > 0 ? { ...first, ragged: ["right", "bottom"] } : first, ...rest];
  });

/** Null where it would come to more than anyone works one by one. */
function patchesIn(
  field: CoveredField,
  coat: number,
  { mostM2, wetM2 }: Patching,
  prefix: string,
): Section[] | null {
  const { minX, maxX, minY, maxY } = field.box;
  const [wide, high] = [maxX - minX, maxY - minY];
  const wetMm = (wetM2 * 1e6) / high;
  const isWet = wide <= wetMm || wetMm >= leastColumnMm;
  const side = Math.sqrt(mostM2 * 1e6);
  const columns = isWet ? Math.ceil(wide / wetMm - 1e-6) : Math.max(1, Math.round(wide / side));
  const width = wide / columns;
  const rows = Math.max(1, Math.ceil((width * high) / (mostM2 * 1e6) - 1e-6));
  if (columns * rows > mostSections) return null;
  const isOver = !isWet && coat % 2 === 0 && columns > 1;
  const ends = isOver
    ? [minX, ...Array.from({ length: columns }, (_, index) => minX + (index + 0.5) * width), maxX]
    : Array.from({ length: columns + 1 }, (_, index) => minX + index * width);
  const boxes = ends.slice(1).flatMap((right, column) =>
    Array.from({ length: rows }, (_, row) => ({
      id: sectionAt(column, row),
      box: {
        minX: ends[column]!,
        maxX: right,
        minY: maxY - (high * (row + 1)) / rows,
        maxY: maxY - (high * row) / rows,
      },
      ...(!isWet && column < ends.length - 2 && { ragged: ["right" as const] }),
    })),
  );
  return sectionsIn(field, boxes, prefix);
}

/** What of boxes is covered; those of which nothing is are none. */
function sectionsIn(
  area: Pick<CoveredField, "curves" | "contains">,
  boxes: Boxes,
  prefix: string,
): Section[] {
  const on = new OnArea(area);
  return boxes.flatMap((section): Section[] => {
    const { mm2, box } = on.within(section.box);
    return box && mm2 / 1e6 > leastM2
      ? [{ ...section, id: `${prefix}${section.id}`, box, areaM2: mm2 / 1e6 }]
      : [];
  });
}

/** Columns and rows counted from 0. */
const sectionAt = (column: number, row: number): string => `c${column + 1}r${row + 1}`;
