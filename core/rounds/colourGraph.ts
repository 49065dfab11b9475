/** Which of two or more groups each node is in, and whether fewer can be ruled out. */
export interface GraphColouring {
  /** By node, from 1. */
  readonly groups: readonly number[];
  readonly count: number;
  /** No colouring has fewer groups than this. */
  readonly lowerBound: number;
}

type Neighbours = readonly ReadonlySet<number>[];

/** Choices that a search may try before it gives up; far beyond what walls ask. */
const mostTried = 60_000;

/**
 * Groups for the nodes of a graph so that no edge lies within one, as few as can be. Without an edge one, without an odd
 * ring two. Else the largest clique found bounds the count from below and a greedy colouring from above, and every count
 * between is searched for: nodes with fewer neighbours than groups are set aside, since they can always be coloured last
 * (the k-core), and the rest is tried by saturation with backtracking. When a search is given up, the count is the best
 * found and the bound stays below it.
 */
export function colourGraph(neighbours: Neighbours): GraphColouring {
  const two = colourInTwo(neighbours);
  if (two) {
    const count = Math.max(0, ...two);
    return { groups: two, count, lowerBound: count };
  }
  // Any number of groups never fails.
  let best = colourWith(neighbours, Infinity, Infinity) as number[];
  let count = Math.max(...best);
  // An odd ring needs three.
  let lowerBound = Math.max(3, cliqueSize(neighbours));
  while (lowerBound < count) {
    const found = colourWith(neighbours, lowerBound, mostTried);
    if (found === "given up") break;
    if (found === null) {
      lowerBound++;
      continue;
    }
    best = found;
    count = lowerBound;
  }
  return { groups: best, count, lowerBound };
}

/** Groups 1 and 2 by walking outwards, 1 alone where nothing touches; null where a ring is odd. */
function colourInTwo(neighbours: Neighbours): number[] | null {
  const groups = new Array<number>(neighbours.length).fill(0);
  for (const start of neighbours.keys()) {
    if (groups[start] !== 0) continue;
    groups[start] = 1;
    const queue = [start];
    for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
      for (const other of neighbours[at]!) {
        if (groups[other] === groups[at]) return null;
        if (groups[other] !== 0) continue;
        groups[other] = 3 - groups[at]!;
        queue.push(other);
      }
    }
  }
  return groups;
}

/** The size of a clique, grown from every node by the neighbours that know all of it. */
function cliqueSize(neighbours: Neighbours): number {
  let most = 0;
  for (const start of neighbours.keys()) {
    let clique = 1;
    let open = [...neighbours[start]!];
    while (open.length > 0) {
      const next = open.reduce((best, node) => (common(node, open) > common(best, open) ? node : best));
      clique++;
      open = open.filter((node) => neighbours[next]!.has(node));
    }
    most = Math.max(most, clique);
  }
  return most;

  function common(node: number, open: readonly number[]): number {
    return open.reduce((sum, other) => sum + (neighbours[node]!.has(other) ? 1 : 0), 0);
  }
}

/** A colouring with at most `most` groups; null when there is none. */
function colourWith(neighbours: Neighbours, most: number, tries: number): number[] | "given up" | null {
  const { core, aside } =
    most === Infinity ? { core: [...neighbours.keys()], aside: [] } : coreOf(neighbours, most);
  const groups = new Array<number>(neighbours.length).fill(0);
  const answer = new Saturation(neighbours, groups, core, most, tries).search();
  if (answer !== "found") return answer === "none" ? null : "given up";
  for (const node of aside.reverse()) groups[node] = leastFree(neighbours, groups, node);
  return groups;
}

function leastFree(neighbours: Neighbours, groups: readonly number[], node: number): number {
  const taken = new Set([...neighbours[node]!].map((other) => groups[other]));
  let group = 1;
  while (taken.has(group)) group++;
  return group;
}

/** The nodes with `most` neighbours or more among themselves, and the others in the order in which they were set aside. */
function coreOf(neighbours: Neighbours, most: number): { core: number[]; aside: number[] } {
  const degrees = neighbours.map(({ size }) => size);
  const aside: number[] = [];
  const isAside = new Array<boolean>(neighbours.length).fill(false);
  const queue = [...neighbours.keys()].filter((node) => degrees[node]! < most);
  for (let node = queue.pop(); node !== undefined; node = queue.pop()) {
    if (isAside[node]) continue;
    isAside[node] = true;
    aside.push(node);
    for (const other of neighbours[node]!) {
      if (!isAside[other] && --degrees[other]! < most) queue.push(other);
    }
  }
  return { core: [...neighbours.keys()].filter((node) => !isAside[node]), aside };
}

/** Depth first by saturation: the node with the most different groups around it next, each group once, one new one. */
class Saturation {
  private readonly around: Map<number, number>[];
  private readonly open: Set<number>;
  private used = 0;
  private tried = 0;

  constructor(
    private readonly neighbours: Neighbours,
    private readonly groups: number[],
    nodes: readonly number[],
    private readonly most: number,
    private readonly tries: number,
  ) {
    this.around = neighbours.map(() => new Map());
    this.open = new Set(nodes);
  }

  /** Kept on a list of its own rather than the engine's stack, which walls of thousands of pieces would fill. */
  search(): "found" | "none" | "given up" {
    const path: { readonly node: number; readonly before: number; group: number }[] = [];
    const enter = (node: number) => {
      this.open.delete(node);
      path.push({ node, before: this.used, group: 0 });
    };
    const first = this.next();
    if (first === null) return "found";
    enter(first);
    for (let at = path.at(-1); at !== undefined; at = path.at(-1)) {
      if (at.group > 0) this.takeBack(at.node, at.group);
      this.used = at.before;
      const group = this.freeAfter(at.group, at.node);
      if (group === null) {
        this.open.add(at.node);
        path.pop();
        continue;
      }
      if (++this.tried > this.tries) return "given up";
      this.put(at.node, group);
      at.group = group;
      this.used = Math.max(at.before, group);
      const next = this.next();
      if (next === null) return "found";
      enter(next);
    }
    return "none";
  }

  /** The next group that a node may have, one new one at the most. */
  private freeAfter(group: number, node: number): number | null {
    const limit = Math.min(this.most, this.used + 1);
    for (let next = group + 1; next <= limit; next++) if (!this.around[node]!.has(next)) return next;
    return null;
  }

  private next(): number | null {
    let best: number | null = null;
    for (const node of this.open) {
      if (best === null) {
        best = node;
        continue;
      }
      const [saturation, least] = [this.around[node]!.size, this.around[best]!.size];
      const isFuller = saturation === least && this.neighbours[node]!.size > this.neighbours[best]!.size;
      if (saturation > least || isFuller) best = node;
    }
    return best;
  }

  private put(node: number, group: number): void {
    this.groups[node] = group;
    for (const other of this.neighbours[node]!) {
      const counts = this.around[other]!;
      counts.set(group, (counts.get(group) ?? 0) + 1);
    }
  }

  private takeBack(node: number, group: number): void {
    this.groups[node] = 0;
    for (const other of this.neighbours[node]!) {
      const counts = this.around[other]!;
      const count = counts.get(group)! - 1;
      if (count === 0) counts.delete(group);
      else counts.set(group, count);
    }
  }
}
