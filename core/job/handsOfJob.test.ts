import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { block, blocks, jobOf, stepOf, wall } from "./tests/blocks";
import { paints, parsed } from "./tests/jobs";

describe("hands", () => {
  it("two share what has two ends, and take half as long over it; one alone does the same", () => {
    const one = jobOf(blocks(block("kelp", 1000)));
    const two = jobOf(blocks(block("kelp", 1000)), { work: { crew: 2 } });
    for (const id of ["cover", "w/wash-wall", "w/mark", "w/tape-1", "w/seal-1"]) {
      expect(stepOf(one, id).people).toBeUndefined();
      expect(stepOf(two, id).people).toEqual([1, 2]);
      expect(Math.abs(stepOf(two, id).minutes - stepOf(one, id).minutes / 2)).toBeLessThanOrEqual(1);
    }
    // Nobody stands while the floor is covered.
    const cover = stepOf(two, "cover");
    expect(two.steps.filter(({ start, end }) => start < cover.end && end > cover.start)).toEqual([cover]);
  });

  it("a colour goes over all its walls in one visit, and its tools are washed once, after the last of them", () => {
    const walls = ["a", "b", "c"].map((id) => ({ id, ...wall, base: "oyster" }));
    const finishes = walls.map(({ id }) => ({
      id: `f-${id}`,
      on: id,
      kind: "blocks",
      blocks: [block("kelp", 200), block("brine", 1500)],
    }));
    const { steps } = plan(parsed({ format: "jacaranda-job/1", name: "Room", paints, walls, finishes }));
    const coats = steps.filter(({ kind }) => kind === "paint");
    // 4 areas apart share one round: per colour and coat one visit, over the walls in their order.
    const visits = coats.map(({ colour, coat, wall: on }) => `${colour} ${coat} ${on}`);
    const orderOf = (colour: string, coat: number) =>
      visits.filter((visit) => visit.startsWith(`${colour} ${coat}`)).map((visit) => visit.at(-1));
    for (const colour of ["kelp", "brine"]) {
      for (const coat of [1, 2]) expect(orderOf(colour, coat)).toEqual(["a", "b", "c"]);
      const washes = steps.filter(({ kind, colour: of }) => kind === "wash-tools" && of === colour);
      expect(washes).toHaveLength(1);
      const last = Math.max(...coats.filter((step) => step.colour === colour).map(({ end }) => end));
      expect(washes[0]!.start).toBeGreaterThanOrEqual(last);
    }
    const changes = coats.filter(({ colour }, at) => at > 0 && coats[at - 1]!.colour !== colour);
    expect(changes).toHaveLength(3);
  });
});
