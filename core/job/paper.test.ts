import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { assignRolls, dropsPerRoll } from "../finishes/paper/rolls";
import { plan } from "./plan";
import { parseJob } from "./parseJob";
import { parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const document = (finish: object = {}, wall: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Paper",
  paints: [{ id: "oyster", packs: [{ size: "1 L", price: 16 }] }],
  walls: [
    { id: "w", width: 3150, height: 2655, base: "oyster", leftEdge: "stop", rightEdge: "stop", ...wall },
  ],
  finishes: [
    {
      id: "f",
      on: "w",
      kind: "paper",
      roll: { width: 530, length: 10050, price: 31 },
      repeat: 640,
      match: "straight",
      start: "left",
      ...finish,
    },
  ],
  ...job,
});
const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
const paperOf = (...of: Parameters<typeof document>) => planned(...of).walls[0]!.sheets![0]!;
const codesOf = (...of: Parameters<typeof document>) =>
  planned(...of).walls[0]!.findings.map(({ code }) => code);

/** Its left end is 12 mm out of plumb. */
const leaning = {
  height: undefined,
  survey: {
    stations: [
      { x: 0, down: 1000, up: 1600 },
      { x: 3150, down: 1000, up: 1600 },
    ],
    left: [
      { y: -1000, off: 0 },
      { y: 1600, off: 12 },
    ],
  },
};

const corners = { leftEdge: "internal", rightEdge: "internal" };

describe("sheets", () => {
  it.each([
    // 10 of 530 is trimmed in the corner that it starts in: 520, and 3150 - 520 - 4 x 530 = 510 at the other end.
    ["left", corners, [520, 1050, 1580, 2110, 2640], 510],
    ["right", corners, [510, 1040, 1570, 2100, 2630], 510],
    // The other end is butted to: it has nothing to do with the corner.
    ["left", { ...corners, leftEdge: "external" }, [530, 1060, 1590, 2120, 2650], 500],
    ["centre", corners, [250, 780, 1310, 1840, 2370, 2900], 250],
  ])("from %o between corners %o", (start, ends, seams, lastWidth) => {
    const { seams: found, lastWidth: last } = paperOf({ start }, ends);
    expect([found, last]).toEqual([seams, lastWidth]);
  });

  it.each([
    // 3150 is five rolls' widths of 530 and 500 over.
    ["left", [530, 1060, 1590, 2120, 2650], 500],
    ["right", [500, 1030, 1560, 2090, 2620], 500],
    // A sheet on 1310 to 1840; two more at each side reach 250 and 2900.
    ["centre", [250, 780, 1310, 1840, 2370, 2900], 250],
    // 1575 and whole widths from it: 515 and 2635 are the last.
    ["seam", [515, 1045, 1575, 2105, 2635], 515],
    [{ seam: 100 }, [100, 630, 1160, 1690, 2220, 2750], 100],
  ] as const)("from %o", (start, seams, lastWidth) => {
    const { seams: found, lastWidth: last, drops } = paperOf({ start });
    expect([found, last]).toEqual([seams, lastWidth]);
    expect(drops.map(({ from, to }) => [from, to])).toEqual(
      [0, ...seams].map((from, index) => [from, [...seams, 3150][index]]),
    );
  });

  it("are cut to whole repeats beyond the allowance, three a roll", () => {
    const { drops, dropsPerRoll: perRoll, rolls } = paperOf();
    // 2655 and twice 50 are 2755, five repeats of 640 are 3200; 10050 holds two of them and one of 2755 in the 3650 left.
    for (const drop of drops) expect([drop.length, drop.cut, drop.phase]).toEqual([2755, 3200, 0]);
    expect([drops.length, perRoll, rolls]).toEqual([6, 3, 2]);
  });

  it("that drop by half a repeat come off two rolls in turn", () => {
    const { drops, rolls } = paperOf({ match: "half-drop" });
    expect(drops.map(({ phase }) => phase)).toEqual([0, 320, 0, 320, 0, 320]);
    // Three odd ones off the first; 10050 less the 320 that a late roll loses still holds 2 x 3200 + 2755.
    expect(drops.map(({ roll }) => roll)).toEqual([1, 2, 1, 2, 1, 2]);
    expect(rolls).toBe(2);
  });

  it("without a pattern lose nothing between drops", () => {
    const { drops, dropsPerRoll: perRoll } = paperOf({ match: "free", repeat: undefined });
    // 10050 / 2755 = 3.6
    expect([drops[0]!.cut, perRoll]).toEqual([2755, 3]);
  });

  it("over a door are short, and come off what long drops leave; an opening from floor to ceiling has none", () => {
    const door = { id: "d", kind: "door", x: 1000, y: 0, width: 1200, height: 2055 };
    const { drops } = paperOf({ match: "free", repeat: undefined }, { openings: [door] });
    // 1060 to 1590 and 1590 to 2120 lie over the door: 600 and twice 50.
    expect(drops.map(({ length }) => length)).toEqual([2755, 2755, 700, 700, 2755, 2755]);
    // Three long ones of 8265 leave 1785, which both short ones fit into.
    expect(drops.map(({ roll }) => roll)).toEqual([1, 1, 1, 1, 1, 2]);
    const whole = paperOf({}, { openings: [{ ...door, height: 2655 }] });
    expect(whole.drops.map(({ n }) => n)).toEqual([1, 2, 5, 6]);
    expect(whole.seams).toEqual([530, 2650]);
  });

  it("go on around a corner, each cut once", () => {
    const run = planned(
      { on: "r" },
      { width: 800 },
      {
        walls: [
          { id: "w", width: 800, height: 2655, base: "oyster" },
          { id: "v", width: 900, height: 2655, base: "oyster" },
        ],
        runs: [{ id: "r", walls: ["w", "v"] }],
      },
    );
    const [w, v] = run.walls.map(({ sheets }) => sheets![0]!);
    expect(w!.drops.map(({ n, from, to }) => [n, from, to])).toEqual([
      [1, 0, 520],
      [2, 520, 800],
    ]);
    expect(v!.drops.map(({ n, from, to }) => [n, from, to])).toEqual([
      [2, 0, 250],
      [3, 250, 780],
      [4, 780, 900],
    ]);
    // Four drops, three a roll: the second roll is opened on the second wall.
    expect([w!.rolls, v!.rolls]).toEqual([1, 1]);
    expect(run.sundries.find(({ item }) => item === "paper-roll")!.count).toBe(2);
    const hung = run.steps.filter(({ kind }) => kind === "hang").map(({ stretches }) => stretches!.length);
    expect(hung).toEqual([2, 2]);
  });

  it("need a drop over the greatest height of what is under them", () => {
    const survey = {
      stations: [
        { x: 0, down: 1000, up: 1600 },
        { x: 3150, down: 1063, up: 1600 },
      ],
    };
    const { drops } = paperOf({}, { height: undefined, survey });
    // The floor falls by 20 mm a metre, so by 10.6 a sheet of 530.
    expect(drops.map(({ length }) => Math.round(length * 10) / 10)).toEqual([
      2710.6, 2721.2, 2731.8, 2742.4, 2753, 2763,
    ]);
  });
});

describe("rolls", () => {
  it("are never fewer than any assignment needs, nor more", () => {
    const cutsOf = fc.array(fc.integer({ min: 300, max: 3000 }), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(cutsOf, fc.constantFrom(null, 250, 640), (lengths, repeat) => {
        const cuts = lengths.map((length) => ({
          length,
          cut: repeat === null ? length : Math.ceil(length / repeat) * repeat,
          isLate: false,
        }));
        // Every way to put n drops on up to n rolls, each roll cut in every order.
        const fits = (own: readonly number[]) =>
          own.length === 0 ||
          own.some(
            (last) =>
              own.reduce((sum, index) => sum + (index === last ? 0 : cuts[index]!.cut), 0) +
                cuts[last]!.length <=
              5000,
          );
        let least = Infinity;
        const n = cuts.length;
        for (let code = 0; code < n ** n; code++) {
          const roll = cuts.map((_, index) => Math.floor(code / n ** index) % n);
          const used = [...new Set(roll)];
          if (
            used.length < least &&
            used.every((r) => fits(roll.flatMap((own, index) => (own === r ? [index] : []))))
          )
            least = used.length;
        }
        const rolls = assignRolls(cuts, 5000, repeat)!;
        expect(Math.max(...rolls)).toBe(least);
        for (const r of rolls)
          expect(fits(rolls.flatMap((own, index) => (own === r ? [index] : [])))).toBe(true);
      }),
      runsOf(60),
    );
  });

  it("give as many drops as laying them end to end does", () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 4000 }), fc.integer({ min: 1, max: 900 }), (length, repeat) => {
        const cut = Math.ceil(length / repeat) * repeat;
        let [count, at] = [0, 0];
        while (at + length <= 10050) {
          count++;
          at += cut;
        }
        expect(dropsPerRoll(10050, { length, cut })).toBe(count);
      }),
    );
  });
});

describe("what is said of paper", () => {
  it("a sliver at an end, with the start that cures it", () => {
    // 3200 = 6 x 530 + 20; centred, 265 + 20/2 = 275 at both ends; a seam in the middle: 1600 - 3 x 530 = 10.
    const { findings } = planned({}, { width: 3200 }).walls[0]!;
    const found = findings.find(({ code }) => code === "narrow-sheet")!;
    expect(found.change!.set).toEqual({ start: "centre" });
    expect(codesOf({ start: "centre" }, { width: 3200 })).not.toContain("narrow-sheet");
  });

  it.each([
    ["a roll that is shorter than a drop", "roll-too-short", { roll: { width: 530, length: 2700 } }, {}],
    ["a wall that is not smooth", "paper-on-texture", {}, { texture: "light" }],
    [
      "a seam over a plate",
      "seam-on-plate",
      {},
      { fixtures: [{ id: "p", kind: "plate", x: 500, y: 1100, width: 80, height: 80 }] },
    ],
    [
      "a strip beside a window",
      "narrow-strip",
      {},
      { openings: [{ id: "o", kind: "window", x: 1090, y: 900, width: 700, height: 900 }] },
    ],
    ["a first sheet into a corner out of plumb", "paper-into-corner", {}, leaning],
  ] as const)("%s", (_, code, finish, wall) => expect(codesOf(finish, wall)).toContain(code));

  it.each([
    [{ repeat: 0 }, "finishes[0].repeat"],
    [{ repeat: undefined }, "finishes[0].repeat"],
    [{ roll: { width: 0, length: 10050 } }, "finishes[0].roll.width"],
    [{ match: "offset" }, "finishes[0].match"],
  ])("%o is refused at its place", (finish, at) => {
    const answer = parseJob(document(finish));
    expect(answer.ok ? [] : answer.problems.map(({ path }) => path)).toContain(at);
  });
});

describe("hanging", () => {
  it("cuts over into corners by what they are out of plumb and a little, and tells what gap passes unseen", () => {
    const hang = (wall: object, job: object = {}) =>
      planned({ start: "right" }, { ...corners, ...wall }, { ...job }).steps.find(
        ({ kind }) => kind === "hang",
      )!.say;
    expect(hang({})).toMatch(/cut 10 mm over and trim there: a gap of up to 1 mm/);
    expect(hang({ leftEdge: "external", rightEdge: "stop" })).not.toContain("Into the corners");
    expect(hang(leaning)).toContain("cut 22 mm over");
  });

  it("waits until the base has cured and a patch has held for a day; rolls are paid for at their own price", () => {
    const { steps, sundries, cost } = planned({}, { baseState: "paint" });
    const step = (verb: string) => steps.find((own) => own.kind === verb)!;
    const day = 24 * 60;
    for (const verb of ["mark", "cut"]) {
      const wait = step(verb).waitsFor.find(({ step }) => step === "w/base-2");
      expect(wait).toMatchObject({ what: "drying", minutes: 28 * day });
    }
    expect(step("cut").gate).toBe("look");
    expect(step("mark").day).toBe(step("hang").day);
    // The marks lie under the paper, and so does the paint.
    expect(steps.map(({ kind }) => kind)).not.toEqual(expect.arrayContaining(["rub-out"]));
    expect(steps.map(({ kind }) => kind)).not.toEqual(expect.arrayContaining(["touch-up"]));
    // Five whole sheets at 12 minutes, and one of 500 of 530.
    expect(step("hang").minutes).toBe(Math.ceil(5 * 12 + (12 * 500) / 530));
    const rolls = sundries.find(({ item }) => item === "paper-roll")!;
    expect([rolls.count, rolls.price, rolls.cost]).toEqual([2, 31, 62]);
    expect(cost.sundries).toBeGreaterThanOrEqual(62);
  });
});
