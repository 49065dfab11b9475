import { expect, it } from "vitest";
import type { Placement } from "../pattern/placement";
import type { ScheduledStep } from "../sequence/scheduledStep";
import { did } from "../work/act";
import { loadOf, loadsInTurn } from "./loadsInTurn";
import type { OrderedWall } from "./orderedWall";

/** Laid out four prints a load. */
const placements = Array.from({ length: 10 }, (_, index) => ({
  id: `f/${index}`,
  finish: "f",
  motif: "leaf",
  overlay: "1",
  load: Math.floor(index / 4) + 1,
})) as unknown as Placement[];
const wall = { laid: { pattern: { placements } } } as unknown as OrderedWall;

/** Prints of a wall in stretches, each from a minute on and a minute a print. */
function printing(
  on: string,
  stretches: readonly (readonly [at: number, from: number, to: number])[],
  paint = "ink",
) {
  const [first, last] = [stretches[0]![1], stretches.at(-1)![2]];
  const times = stretches.map(([at, from, to]) => [at, at + to - from] as const);
  return {
    start: times[0]![0],
    end: times.at(-1)![1],
    times: times.length > 1 ? times : null,
    step: {
      wall: on,
      does: [
        did(
          "print",
          "print",
          placements.slice(first, last).map(({ id }) => id),
          { with: paint },
        ),
      ],
      stretches: stretches.map(([, from, to]) => ({ minutes: to - from, ids: [[from - first, to - first]] })),
    },
  } as unknown as ScheduledStep;
}
const loads = (...steps: ScheduledStep[]) => {
  const all = loadsInTurn(steps, [wall]);
  return (on: string) => placements.map(({ id }) => loadOf(all, on, id) ?? 0).join("");
};

it("a load goes on as far as it reaches, over a short rest, and ends with a long one or the evening", () => {
  expect(loads(printing("a", [[0, 0, 10]]))("a")).toBe("1111222233");
  expect(
    loads(
      printing("a", [
        [0, 0, 3],
        [30, 3, 10],
      ]),
    )("a"),
  ).toBe("1111222233");
  expect(
    loads(
      printing("a", [
        [0, 0, 3],
        [34, 3, 10],
      ]),
    )("a"),
  ).toBe("1112222333");
  expect(loads(printing("a", [[0, 0, 6]]), printing("a", [[1440, 6, 10]]))("a")).toBe("1111223333");
});

it("a load is used up on its own wall, and each paint has a tool of its own", () => {
  const both = loads(printing("a", [[0, 0, 2]]), printing("b", [[2, 2, 5]]));
  expect([both("a"), both("b")]).toEqual(["1100000000", "0022200000"]);
  expect(loads(printing("a", [[0, 0, 2]]), printing("a", [[2, 2, 4]], "chalk"))("a")).toBe("1111000000");
  // A print around a corner is made on both walls.
  const corner = loads(printing("a", [[0, 0, 2]]), printing("b", [[2, 1, 3]]));
  expect([corner("a"), corner("b")]).toEqual(["1100000000", "0220000000"]);
});
