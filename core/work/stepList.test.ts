import { describe, expect, it } from "vitest";
import { OverLimit } from "../trade/allowance";
import { waitFor, waitIfAny, type StepDraft } from "./step";
import { MissingStep, StepList } from "./stepList";
import { countSundries } from "./sundries";
import { said } from "./words";

const draft = (id: string, minutes: number, more: Partial<StepDraft> = {}): StepDraft => ({
  id,
  phase: "colour",
  verb: "paint",
  does: [],
  minutes,
  after: [],
  say: said("furniture-back", {}),
  cautions: [],
  evening: [],
  ...more,
});
const stepsOf = (...drafts: StepDraft[]) => {
  const list = new StepList({ usable: 500, longest: 260 });
  for (const one of drafts) list.add(one);
  return list.steps;
};

describe("a list of steps", () => {
  it("divides what is longer than a day into equal parts, one after the other, and waits for the last", () => {
    const steps = stepsOf(draft("long", 1100), draft("next", 5, { after: [waitFor("long", "recoat", 60)] }));
    expect(steps.map(({ id, minutes, part }) => [id, minutes, part])).toEqual([
      ["long", 367, { number: 1, of: 3 }],
      ["long/2", 367, { number: 2, of: 3 }],
      ["long/3", 367, { number: 3, of: 3 }],
      ["next", 5, undefined],
    ]);
    expect(steps[2]!.after).toEqual([{ step: "long/2", what: "after", minutes: 0 }]);
    expect(steps[3]!.after).toEqual([{ step: "long/3", what: "recoat", minutes: 60 }]);
  });

  it("leaves a coat whole, which is broken off between its stretches wherever a day ends", () => {
    const stretches = [200, 200, 200, 30].map((minutes, index) => ({
      ids: [[index, index + 1] as const],
      minutes,
    }));
    expect(stepsOf(draft("coat", 630, { stretches })).map(({ minutes }) => minutes)).toEqual([630]);
  });

  it("does not divide what may not be broken off, and leaves out waits for what need not be", () => {
    const steps = stepsOf(
      draft("whole", 1100, { unbroken: true }),
      draft("soon", 10, {
        after: [
          waitIfAny("nothing"),
          null,
          waitFor("whole", "touch-dry", 30),
          waitFor("whole", "recoat", 20),
        ],
        within: [{ step: "whole", minutes: 40 }],
      }),
    );
    expect(steps.map(({ id, minutes }) => [id, minutes])).toEqual([
      ["whole", 1100],
      ["soon", 10],
    ]);
    // Of two waits for one step the longer counts.
    expect(steps[1]!.after).toEqual([{ step: "whole", what: "touch-dry", minutes: 30 }]);
    expect(steps[1]!.within).toEqual([{ step: "whole", minutes: 40 }]);
    // What has to be there and is not makes the order worth nothing.
    expect(() => stepsOf(draft("late", 10, { after: [waitFor("nothing")] }))).toThrow(MissingStep);
    expect(() => stepsOf(draft("late", 10, { within: [{ step: "nothing", minutes: 1 }] }))).toThrow(
      MissingStep,
    );
    expect(() => stepsOf(draft("endless", 500 * 3001))).toThrow(OverLimit);
  });
});

it("sundries of several contributions are counted together, in whole pieces and in the order of the kinds", () => {
  const kinds = {
    tape: { name: "Tape", serves: 1, why: "w" },
    pad: { name: "Pad", serves: 4, why: "w" },
    film: { name: "Film", serves: 28, why: "w" },
  };
  const counted = countSundries(
    [
      // 2.5 and 2 are 4.5 of 4: two, where each by itself would have asked for one.
      { item: "pad", amount: 2.5 },
      { item: "tape", amount: 33.3, count: 2 },
      { item: "pad", amount: 2 },
      { item: "film", amount: 28 },
      { item: "unknown", amount: 9 },
    ],
    kinds,
  );
  expect(counted).toEqual([
    { item: "tape", count: 2, from: 33.3 },
    { item: "pad", count: 2, from: 4.5 },
    { item: "film", count: 1, from: 28 },
  ]);
  expect(countSundries([{ item: "film", amount: 0 }], kinds)).toEqual([]);
});
