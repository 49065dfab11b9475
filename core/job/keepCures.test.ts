import { expect, it } from "vitest";
import type { Cure, Finding } from "../findings/finding";
import { craftOf } from "../finishes/crafts";
import { finishOf } from "../finishes/registry";
import { keepCures } from "./keepCures";
import { stripOfFinish } from "./wallsOfFinish";
import { oneWall, parsed } from "./tests/jobs";

/** A block that stands beside the wall, and what its own check says of it. */
function astray() {
  const off = { shape: "rectangle", x: 9000, y: 300, width: 500, height: 500, colour: "kelp" };
  const finishes = [{ id: "f", on: "w", kind: "blocks", blocks: [off] }];
  const job = parsed(oneWall({ width: 4000 }, {}, { finishes }));
  const finish = job.finishes[0]!;
  const strip = stripOfFinish(job, finish);
  const { layOut } = finishOf(finish.kind);
  const { check } = craftOf(finish.kind);
  const found = check(layOut(finish, strip, job)).find(({ code }) => code === "off-wall")!;
  return { job, finish, strip, found };
}

const moveTo = (x: unknown): Cure => ({ kind: "clear-it", count: 0, path: ["blocks", 0], set: { x } });

/** The cures that are kept of those proposed for the block. */
function kept(...proposed: Pick<Finding, "cure" | "later">[]): (Cure | undefined)[] {
  const { job, finish, strip, found } = astray();
  const findings = proposed.map(
    (more) => ({ ...found, cure: undefined, later: undefined, ...more }) as Finding,
  );
  return keepCures(finish, strip, job, findings).map(({ cure }) => cure);
}

it("keeps a change that brings the block onto the wall, worked out at once or when it is asked for", () => {
  expect(kept({ cure: moveTo(1000) })).toEqual([moveTo(1000)]);
  expect(kept({ later: () => moveTo(1000) })).toEqual([moveTo(1000)]);
});

it("drops a change that leaves the block where it is, or off the wall elsewhere, or that no document may have", () => {
  const proposed = [9000, 7000, "one metre"].map((x) => ({ cure: moveTo(x) }));
  expect(kept(...proposed)).toEqual([undefined, undefined, undefined]);
});

it("lets changes of a wall or a paint stand: laying the finish out again proves nothing of them", () => {
  const ofWall: Cure = { kind: "clear-it", count: 0, wall: "w", set: { width: 12000 } };
  expect(kept({ cure: ofWall })).toEqual([ofWall]);
});

it("tries no more than eight changes of few findings; what is beyond them is not offered untried", () => {
  const offered = kept(...Array.from({ length: 12 }, (_, index) => ({ cure: moveTo(500 + index) })));
  expect(offered.map((cure) => cure !== undefined)).toEqual([
    ...Array<boolean>(8).fill(true),
    ...Array<boolean>(4).fill(false),
  ]);
});
