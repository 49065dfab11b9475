import fc from "fast-check";
import { expect, it } from "vitest";
import { plan } from "./plan";
import type { PlanStep } from "../plan/planDayTypes";
import { parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const tapeOver = 24 * 60;
const recoat = 180;
const paints = [
  { id: "oyster", hex: "#E9E2D0" },
  { id: "kelp", hex: "#4C5B45" },
  { id: "brine", hex: "#9DB0B5" },
];
const anyWall = fc.record({
  base: fc.constantFrom("oyster", "kelp", "brine"),
  baseState: fc.constantFrom("paint", "paint", "on"),
  rightEdge: fc.constantFrom("internal", "external"),
  isBanded: fc.boolean(),
});
const anyJob = fc.record({
  walls: fc.array(anyWall, { minLength: 2, maxLength: 4 }),
  externalCorner: fc.constantFrom("float", "tape"),
  crew: fc.integer({ min: 1, max: 2 }),
});

const documentOf = ({
  walls,
  externalCorner,
  crew,
}: typeof anyJob extends fc.Arbitrary<infer T> ? T : never) => ({
  format: "jacaranda-job/1",
  name: "Bases",
  paints,
  work: { crew },
  edges: { externalCorner },
  walls: walls.map(({ base, baseState, rightEdge }, index) => ({
    id: `w${index}`,
    width: 1500 + 100 * index,
    height: 2400,
    base,
    baseState,
    ...(index < walls.length - 1 && { rightEdge }),
    ...(index > 0 && { leftEdge: walls[index - 1]!.rightEdge }),
  })),
  runs: [{ id: "r", walls: walls.map((_, index) => `w${index}`) }],
  finishes: walls.flatMap(({ isBanded, base }, index) =>
    isBanded
      ? [
          {
            id: `f${index}`,
            on: `w${index}`,
            kind: "bands",
            bands: [{ from: 500, to: 900, colour: base === "kelp" ? "brine" : "kelp" }],
          },
        ]
      : [],
  ),
});

it("no mask of a base lies on what does not take tape, and nothing is put on a wall under such masks", () => {
  fc.assert(
    fc.property(anyJob, (any) => {
      const { steps } = plan(parsed(documentOf(any)));
      const of = (wall: number, kinds: readonly string[]): PlanStep[] =>
        steps.filter((step) => step.wall === `w${wall}` && kinds.includes(step.kind));
      const masking = (wall: number) => of(wall, ["tape"]).filter(({ id }) => id.endsWith("/tape-base"));
      any.walls.slice(1).forEach((right, place) => {
        const left = any.walls[place]!;
        if (left.baseState === "paint" && right.baseState === "paint" && left.base === right.base) return;
        const isFloated = left.rightEdge === "external" && any.externalCorner === "float";
        for (const [own, other] of [
          [place, place + 1],
          [place + 1, place],
        ] as const) {
          if (any.walls[own]!.baseState !== "paint") continue;
          const coats = of(own, ["base"]);
          const [first, last] = [coats[0]!, coats.at(-1)!];
          const around = of(other, ["base"]);
          if (around.length > 0) {
            // One of the two is all on before the other one is masked, or floated up to it.
            const [before, after] = first.start < around[0]!.start ? [last, other] : [around.at(-1)!, own];
            const begins = isFloated ? of(after, ["base"])[0]! : masking(after)[0]!;
            expect(begins.start - before.end).toBeGreaterThanOrEqual(isFloated ? recoat : tapeOver);
          }
          if (isFloated) continue;
          for (const step of of(other, ["mark", "paint"]))
            expect(step.start).toBeGreaterThanOrEqual(last.end);
        }
      });
    }),
    runsOf(120),
  );
});
