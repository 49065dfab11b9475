import type { JobDocument } from "./jobDocument";

/** A document whose finishes of these ids lie over each other in this order; the others keep their places. */
export function reorderFinishes(document: JobDocument, order: readonly string[]): JobDocument {
  const moved = new Set(order);
  const byId = new Map(document.finishes.map((finish) => [finish.id, finish]));
  const next = order.values();
  return {
    ...document,
    finishes: document.finishes.map((finish) =>
      moved.has(finish.id) ? byId.get(next.next().value!)! : finish,
    ),
  };
}
