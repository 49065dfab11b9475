import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { layOutJob } from "./layOutJob";
import { edgesInRounds, roundsOfJob } from "./roundsOfJob";
import type { School } from "../rounds/listPasses";
import { oneWall, parsed, randomJob } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const laidOutOf = (document: object) => layOutJob(parsed(document));
const roundsIn = (document: object, school: School) => {
  const laidOut = laidOutOf(document);
  const rounds = roundsOfJob(laidOut, school);
  return { laidOut, rounds, laid: edgesInRounds(laidOut, rounds).laid.get("w")! };
};
const stripes = (colours: string[], job: object = {}) =>
  oneWall({ width: 3000, height: 2600, skirting: 0 }, { colours, fit: { by: "count", count: 6 } }, job);

describe("the tape of each round", () => {
  it("one colour on its base: all of its tape in the one round, whatever the coats", () => {
    const { rounds, laid } = roundsIn(stripes(["kelp", "oyster"]), "finish");
    expect(rounds).toMatchObject([{ round: 1, group: 1 }]);
    // Five lines between six stripes, and what masks three painted stripes at floor, ceiling and one end.
    expect(laid[0]!.filter(({ cuts }) => cuts !== null)).toHaveLength(5);
    expect(laid[0]!.filter(({ against }) => against !== null).length).toBeGreaterThanOrEqual(7);
  });

  it("one coat everywhere first: taped again for the second coat, where a paint has one", () => {
    const { rounds, laid } = roundsIn(stripes(["kelp", "oyster"]), "coat-by-coat");
    expect(rounds.map(({ group, coat }) => [group, coat])).toEqual([
      [1, 1],
      [1, 2],
    ]);
    expect(laid[1]).toEqual(laid[0]);
    const paints = [{ id: "oyster" }, { id: "kelp", coats: 1 }];
    expect(roundsIn(stripes(["kelp", "oyster"], { paints }), "coat-by-coat").rounds).toHaveLength(1);
  });

  it("a seal that has to be wet under each coat is laid with new tape for each", () => {
    const { rounds } = roundsIn(stripes(["kelp", "oyster"], { edges: { seal: "caulk" } }), "finish");
    expect(rounds.map(({ coat }) => coat)).toEqual([1, 2]);
  });

  it("of two colours of one group only the one with a coat left is taped for", () => {
    // Blocks apart: kelp and brine touch nothing of each other and share a round.
    const blocks = ["kelp", "brine"].map((colour, index) => {
      return { shape: "rectangle", x: 200 + 1400 * index, y: 400, width: 800, height: 800, colour };
    });
    const paints = [{ id: "oyster" }, { id: "kelp", coats: 1 }, { id: "brine", coats: 3 }];
    const document = oneWall(
      { width: 3000, height: 2600 },
      {},
      { paints, finishes: [{ id: "f", on: "w", kind: "blocks", blocks }] },
    );
    const { rounds, laid } = roundsIn(document, "coat-by-coat");
    expect(rounds).toHaveLength(3);
    const cut = laid.map((pieces) => [...new Set(pieces.map(({ cuts }) => cuts))].sort());
    expect(cut).toEqual([["brine", "kelp"], ["brine"], ["brine"]]);
  });

  it("what is cut in by hand has no tape in any round", () => {
    const bands = [{ width: 150, colour: "kelp" }];
    const arches = { id: "f", on: "w", kind: "arches", centre: [1500, 200], outerRadius: 900, bands };
    const on = (curves: string) => {
      const job = { edges: { curves }, finishes: [arches] };
      return roundsIn(oneWall({ width: 3000, height: 2600 }, {}, job), "finish").laid.flat();
    };
    const isCurved = ({ path }: { path: readonly { kind: string }[] }) =>
      path.some(({ kind }) => kind === "arc");
    expect(on("tape").some(isCurved)).toBe(true);
    expect(on("hand").some(isCurved)).toBe(false);
  });

  it("a further coat is taped against what was painted later, on the side that is dry", () => {
    // Kelp and brine stripes, five lines between them; neither is base.
    const { rounds, laid } = roundsIn(stripes(["kelp", "brine"]), "coat-by-coat");
    expect(rounds).toHaveLength(4);
    const between = laid.map((pieces) => pieces.filter(({ cuts }) => cuts !== null));
    expect(between.map(({ length }) => length)).toEqual([0, 5, 5, 5]);
    const [first, second] = [rounds[0]!, rounds[1]!].map(({ group }) => group);
    between.slice(1).forEach((pieces, index) => {
      const group = index === 1 ? first : second;
      expect(pieces.every(({ upTo, over, cuts }) => upTo[0]!.group === group && over !== cuts)).toBe(true);
    });
    // Each lies on the other side of its line than the time before.
    const sides = (pieces: (typeof laid)[number]) => pieces.map(({ lies }) => lies);
    expect(sides(between[2]!)).not.toEqual(sides(between[1]!));
    expect(sides(between[3]!)).toEqual(sides(between[1]!));
  });

  it("on any wall: every piece is laid in each round that paints up to it, and in no other", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const { laidOut, rounds, laid } = roundsIn(document, "finish");
        const taped = laidOut.walls[0]!.tape.filter(({ byHand }) => byHand === null);
        rounds.forEach((round, place) => {
          // What two rounds paint up to is laid in the first of them.
          const firstOf = ({ upTo }: (typeof taped)[number]) => Math.min(...upTo.map(({ group }) => group));
          expect(laid[place]).toEqual(taped.filter((piece) => firstOf(piece) === round.group));
        });
        // Nothing that is taped is left out of the work.
        expect(new Set(laid.flat())).toEqual(new Set(taped));
        // One coat everywhere first: all again for the second, but what is slit to a gap stays on.
        const stays = taped.filter(({ centred }) => centred).length;
        const again = roundsIn(document, "coat-by-coat");
        expect(again.laid.flat().length).toBeGreaterThanOrEqual(2 * taped.length - stays);
      }),
      runsOf(60),
    );
  });
});
