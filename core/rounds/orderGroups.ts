/** A piece to be painted: its paint, how light that is (0 to 100), and what it may not share a round with. */
export interface RoundPiece {
  readonly colour: string;
  readonly lightness: number;
  /** Tape leaves marks on it: what is beside it goes first, if it can. */
  readonly marks?: boolean;
  readonly neighbours: ReadonlySet<number>;
  /** What is painted over tape that lies on it, and so after it. */
  readonly before?: ReadonlySet<number>;
}

/**
 * Groups named again so that, with the same number of them, light goes before dark and a paint is opened in few rounds.
 * What hangs together keeps its groups apart as they are; each such part is given the order that costs least beside those
 * before it, the largest first. A part with fewer groups than there are rounds may use any of them. `opened` holds the
 * paints with the rounds that they are opened in, "kelp 2", and is added to.
 */
export function orderGroups(
  pieces: readonly RoundPiece[],
  groups: readonly number[],
  rounds: number,
  opened = new Set<string>(),
): number[] {
  const ordered = [...groups];
  for (const part of partsOf(pieces)) {
    const own = [...new Set(part.map((node) => groups[node]!))].sort((a, b) => a - b);
    const orders = placements(own.length, rounds);
    const classes = own.map((group) => part.filter((node) => groups[node] === group));
    // How light each class's paints are, each paint once.
    const paints = classes.map((nodes) => [
      ...new Map(nodes.map((node) => [pieces[node]!.colour, pieces[node]!.lightness])).values(),
    ]);
    let best = { cost: Infinity, order: orders[0]! };
    for (const order of orders) {
      const cost = costOf(classes, paints, order, pieces, opened);
      if (cost < best.cost - 1e-9) best = { cost, order };
    }
    classes.forEach((nodes, index) => {
      for (const node of nodes) {
        ordered[node] = best.order[index]!;
        opened.add(`${pieces[node]!.colour} ${best.order[index]!}`);
      }
    });
  }
  return ordered;
}

/** A paint that is opened in one round more weighs more than any dark paint before a light one. */
const openingWeight = 1000;
/** A paint that tape marks goes after what is beside it, even where one more is opened for that. */
const marksWeight = 1e4;
/** What is to stay visible under tape has to be there before: no other wish outweighs that. */
const tapedFirstWeight = 1e6;

function costOf(
  classes: readonly (readonly number[])[],
  paints: readonly (readonly number[])[],
  order: readonly number[],
  pieces: readonly RoundPiece[],
  opened: ReadonlySet<string>,
): number {
  const more = new Set<string>();
  const roundOf = new Map(
    classes.flatMap((nodes, index) => nodes.map((node) => [node, order[index]!] as const)),
  );
  let cost = 0;
  classes.forEach((nodes, index) => {
    for (const node of nodes) {
      const opening = `${pieces[node]!.colour} ${order[index]!}`;
      if (!opened.has(opening)) more.add(opening);
      if (pieces[node]!.marks)
        for (const other of pieces[node]!.neighbours)
          if (!pieces[other]!.marks && roundOf.get(other)! > order[index]!) cost += marksWeight;
      for (const later of pieces[node]!.before ?? []) {
        if (roundOf.get(later)! < order[index]!) cost += tapedFirstWeight;
      }
    }
  });
  cost += darkFirst(paints, order);
  // Rounds are filled from the first one on.
  return cost + more.size * openingWeight + order.reduce((sum, round) => sum + round, 0) * 1e-6;
}

/**
 * How far paints go before lighter ones, each pair of paints once for two rounds however many pieces they have: how well a
 * paint hides does not change that a dark one spilled on a pale one is the worse to mend.
 */
function darkFirst(paints: readonly (readonly number[])[], order: readonly number[]): number {
  let sum = 0;
  paints.forEach((earlier, first) =>
    paints.forEach((later, second) => {
      if (order[first]! >= order[second]!) return;
      for (const dark of earlier) for (const light of later) sum += Math.max(0, light - dark) / 100;
    }),
  );
  return sum;
}

/** Nodes by what hangs together, the part with the most nodes first. */
function partsOf(pieces: readonly RoundPiece[]): number[][] {
  const seen = new Array<boolean>(pieces.length).fill(false);
  const parts: number[][] = [];
  for (const start of pieces.keys()) {
    if (seen[start]) continue;
    seen[start] = true;
    const part = [start];
    for (let place = 0; place < part.length; place++) {
      for (const other of pieces[part[place]!]!.neighbours) {
        if (seen[other]) continue;
        seen[other] = true;
        part.push(other);
      }
    }
    parts.push(part.sort((a, b) => a - b));
  }
  return parts.sort((a, b) => b.length - a.length || a[0]! - b[0]!);
}

/** More rounds than this are only put in order one after the other: the ways to place them would be too many. */
const mostPlaced = 5;

/** Every way to give `count` groups different rounds of `rounds`. */
function placements(count: number, rounds: number): number[][] {
  if (rounds > mostPlaced) return [Array.from({ length: count }, (_, index) => index + 1)];
  const extend = (placed: number[]): number[][] =>
    placed.length === count
      ? [placed]
      : Array.from({ length: rounds }, (_, index) => index + 1)
          .filter((round) => !placed.includes(round))
          .flatMap((round) => extend([...placed, round]));
  return extend([]);
}
