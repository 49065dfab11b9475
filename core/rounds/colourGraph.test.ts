import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { colourGraph } from "./colourGraph";
import { orderGroups } from "./orderGroups";
import { runsOf } from "@/core/tests/runsOf";

function graphOf(size: number, edges: readonly (readonly [number, number])[]): Set<number>[] {
  const neighbours = Array.from({ length: size }, () => new Set<number>());
  for (const [a, b] of edges) {
    neighbours[a]!.add(b);
    neighbours[b]!.add(a);
  }
  return neighbours;
}

const ring = (size: number): [number, number][] =>
  Array.from({ length: size }, (_, k) => [k, (k + 1) % size]);

/** The least number of groups by trying every way to give the nodes groups. */
function leastByTrying(neighbours: readonly ReadonlySet<number>[]): number {
  const holds = (groups: number[]) =>
    neighbours.every((around, node) => [...around].every((other) => groups[other] !== groups[node]));
  for (let most = 1; ; most++) {
    const ways = most ** neighbours.length;
    for (let way = 0; way < ways; way++) {
      if (holds(neighbours.map((_, node) => Math.floor(way / most ** node) % most))) return most;
    }
  }
}

describe("the fewest groups", () => {
  it("are as few as trying everything finds, and proved so", () => {
    const edge = fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 6 }));
    fc.assert(
      fc.property(fc.array(edge, { maxLength: 18 }), (pairs) => {
        const graph = graphOf(
          7,
          pairs.filter(([a, b]) => a !== b),
        );
        const { groups, count, lowerBound } = colourGraph(graph);
        graph.forEach((around, node) => {
          for (const other of around) expect(groups[other]).not.toBe(groups[node]);
        });
        expect([Math.max(...groups), count, lowerBound]).toEqual(new Array(3).fill(leastByTrying(graph)));
      }),
      runsOf(60),
    );
  });

  it("never hold two neighbours, also where those with few neighbours are coloured last", () => {
    const node = fc.integer({ min: 0, max: 29 });
    fc.assert(
      fc.property(fc.array(fc.tuple(node, node), { minLength: 30, maxLength: 90 }), (pairs) => {
        const graph = graphOf(
          30,
          pairs.filter(([a, b]) => a !== b),
        );
        const { groups } = colourGraph(graph);
        graph.forEach((around, node) => {
          for (const other of around) expect(groups[other]).not.toBe(groups[node]);
        });
      }),
      runsOf(600),
    );
  });

  it("of known graphs: rings, wheels, everything with everything, and one without a triangle that takes four", () => {
    const counts = (size: number, edges: [number, number][]) => {
      const { count, lowerBound } = colourGraph(graphOf(size, edges));
      return [count, lowerBound];
    };
    const hub = (size: number): [number, number][] => ring(size).map(([a]) => [a, size]);
    expect(counts(0, [])).toEqual([0, 0]);
    expect(counts(8, ring(8))).toEqual([2, 2]);
    expect(counts(9, ring(9))).toEqual([3, 3]);
    expect(counts(8, [...ring(7), ...hub(7)])).toEqual([4, 4]);
    expect(counts(9, [...ring(8), ...hub(8)])).toEqual([3, 3]);
    const all = [0, 1, 2, 3, 4].flatMap((a) =>
      [0, 1, 2, 3, 4].filter((b) => b > a).map((b): [number, number] => [a, b]),
    );
    expect(counts(5, all)).toEqual([5, 5]);
    // Groetzsch (Mycielski's construction on a ring of five): no triangle, yet four colours.
    const doubled = ring(5).flatMap(([a, b]): [number, number][] => [
      [a, b],
      [a, b + 5],
      [b, a + 5],
    ]);
    const top = [5, 6, 7, 8, 9].map((node): [number, number] => [node, 10]);
    expect(counts(11, [...doubled, ...top])).toEqual([4, 4]);
  });
});

it("groups go light before dark, and a paint is opened in one round where it can be", () => {
  // Two pairs that touch, and a lone piece: pale and deep, pale and deep, deep.
  const neighbours = graphOf(5, [
    [0, 1],
    [2, 3],
  ]);
  const paints = ["deep", "pale", "pale", "deep", "deep"];
  const pieces = paints.map((colour, node) => ({
    colour,
    lightness: colour === "pale" ? 90 : 30,
    neighbours: neighbours[node]!,
  }));
  expect(orderGroups(pieces, [1, 2, 1, 2, 1], 2)).toEqual([2, 1, 1, 2, 2]);
});

it("light goes before dark by the paints, not by how many pieces they have", () => {
  // A pale hub among twelve deep pieces, and among four paints of falling lightness each with ever more pieces.
  const star = graphOf(
    13,
    Array.from({ length: 12 }, (_, other): [number, number] => [0, other + 1]),
  );
  const hub = star.map((neighbours, node) => ({
    colour: node === 0 ? "pale" : "deep",
    lightness: node === 0 ? 90 : 30,
    neighbours,
  }));
  expect(orderGroups(hub, [2, ...new Array<number>(12).fill(1)], 2)).toEqual([1, ...new Array(12).fill(2)]);
  const sizes = [1, 3, 7, 15];
  const paintOf = sizes.flatMap((size, paint) => new Array<number>(size).fill(paint));
  const all = graphOf(
    paintOf.length,
    paintOf.flatMap((paint, a) =>
      paintOf.flatMap((other, b): [number, number][] => (a < b && paint !== other ? [[a, b]] : [])),
    ),
  );
  const pieces = paintOf.map((paint, node) => ({
    colour: `c${paint}`,
    lightness: 90 - 20 * paint,
    neighbours: all[node]!,
  }));
  const mixed = paintOf.map((paint) => [3, 1, 4, 2][paint]!);
  expect(orderGroups(pieces, mixed, 4)).toEqual(paintOf.map((paint) => paint + 1));
});

it("goes through graphs of thousands of nodes that hang together", () => {
  // A ring of an odd count needs three; every other node of a long one is set aside or searched, one after the other.
  const size = 12_001;
  const ring = Array.from(
    { length: size },
    (_, node) => new Set([(node + 1) % size, (node + size - 1) % size]),
  );
  const { groups, count, lowerBound } = colourGraph(ring);
  expect([count, lowerBound]).toEqual([3, 3]);
  expect(ring.every((others, node) => [...others].every((other) => groups[other] !== groups[node]))).toBe(
    true,
  );
});
