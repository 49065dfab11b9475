/** A batch and the walls that it serves. */
export interface ServedBy {
  readonly walls: readonly string[];
  readonly ml: number;
}

/**
 * In which batches walls that follow each other are painted so that none breaks within one: the least number of them that each hold
 * `most` ml, each as many whole walls as it can. Null where a wall takes more than a batch holds: those are boxed.
 */
export function breaksAtCorners(
  needs: readonly { readonly wall: string; readonly ml: number }[],
  most: number,
): ServedBy[] | null {
  const batches: { walls: string[]; ml: number }[] = [];
  for (const { wall, ml } of needs) {
    if (ml > most + 1e-6) return null;
    const last = batches.at(-1);
    // Walls come in their turn: the least are those that are filled as they come.
    if (last && last.ml + ml <= most + 1e-6) {
      last.walls.push(wall);
      last.ml += ml;
    } else batches.push({ walls: [wall], ml });
  }
  return batches;
}
