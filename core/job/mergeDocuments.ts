import equal from "fast-deep-equal";
import { formatPath } from "./problem";

/** What two changes of one document come to: a document with both, or the places where they touch the same. */
export type Merged<Document> =
  | { readonly ok: true; readonly document: Document }
  | { readonly ok: false; readonly overlaps: readonly string[] };

type Path = readonly (string | number)[];
type Item = { readonly id: string };

/**
 * Three-way merge by path: `mine` and `theirs` were both made from `base`. What only one of them changed is taken from that one;
 * things in a list are known by their ids and stand in the order of whoever moved them. What both changed differently overlaps.
 */
export function mergeDocuments<Document>(base: Document, mine: Document, theirs: Document): Merged<Document> {
  const overlaps: string[] = [];
  const document = merge(base, mine, theirs, [], (path) => overlaps.push(formatPath([...path]))) as Document;
  return overlaps.length === 0 ? { ok: true, document } : { ok: false, overlaps };
}

type Overlap = (path: Path) => void;

function merge(base: unknown, mine: unknown, theirs: unknown, path: Path, overlap: Overlap): unknown {
  if (equal(mine, theirs) || equal(base, theirs)) return mine;
  if (equal(base, mine)) return theirs;
  if (isObject(mine) && isObject(theirs)) {
    const before = isObject(base) ? base : {};
    const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
    return Object.fromEntries(
      [...keys].flatMap((key) => {
        const value = merge(before[key], mine[key], theirs[key], [...path, key], overlap);
        return value === undefined ? [] : [[key, value]];
      }),
    );
  }
  const before = base ?? [];
  if (isList(before) && isList(mine) && isList(theirs))
    return mergeLists(before, mine, theirs, path, overlap);
  overlap(path);
  return mine;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** A list of things that are known by ids of their own. */
const isList = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) &&
  value.every((item: unknown) => isObject(item) && typeof item.id === "string") &&
  new Set(value.map((item: Item) => item.id)).size === value.length;

function mergeLists(
  base: readonly Item[],
  mine: readonly Item[],
  theirs: readonly Item[],
  path: Path,
  overlap: Overlap,
): readonly unknown[] {
  const [b, m, t] = [base, mine, theirs].map((list) => new Map(list.map((item) => [item.id, item])));
  return orderOf(base, mine, theirs, () => overlap(path)).flatMap((id) => {
    const item = merge(b!.get(id), m!.get(id), t!.get(id), [...path, id], overlap);
    return item === undefined ? [] : [item];
  });
}

/** All ids in the order of whoever moved any; what only the other has stands where it stands there, after what it follows. */
function orderOf(
  base: readonly Item[],
  mine: readonly Item[],
  theirs: readonly Item[],
  overlap: () => void,
): string[] {
  const idsOf = (list: readonly Item[]) => list.map(({ id }) => id);
  const [own, other] = [idsOf(mine), idsOf(theirs)];
  const isMine = isMoved(idsOf(base), own);
  if (isMine && isMoved(idsOf(base), other) && isMoved(own, other)) overlap();
  const [order, second] = isMine ? [own, other] : [other, own];
  second.forEach((id, place) => {
    if (order.includes(id)) return;
    const after = second.slice(0, place).findLast((one) => order.includes(one));
    order.splice(after === undefined ? 0 : order.indexOf(after) + 1, 0, id);
  });
  return order;
}

/** Whether what two lists share stands in another order in each. */
const isMoved = (before: readonly string[], after: readonly string[]): boolean =>
  !equal(
    before.filter((id) => after.includes(id)),
    after.filter((id) => before.includes(id)),
  );
