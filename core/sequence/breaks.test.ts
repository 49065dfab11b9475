import { describe, expect, it } from "vitest";
import { schedule } from "./schedule";
import { workHoursOf } from "./workHours";
import { workSchemaOf, type Work } from "../work/schema";
import type { Step } from "../work/step";

const work = (more: object = {}): Work => workSchemaOf({}).parse(more);

describe("breaks", () => {
  const after = (step: string): Step["after"] => [{ step, what: "after", minutes: 0 }];
  const stepOf = (id: string, minutes: number, more: Partial<Step> = {}): Step => ({
    phase: "colour",
    verb: "paint",
    does: [],
    say: { code: "paint", values: {} },
    cautions: [],
    evening: [],
    id,
    minutes,
    after: [],
    ...more,
  });
  const clock = (time: number) => [Math.floor(time / 1440), time % 1440];
  const timesOf = (steps: readonly Step[], more: object = {}) =>
    schedule([steps], work(more)).steps.map(({ step, start, end }) => [
      step.id,
      ...clock(start),
      ...clock(end),
    ]);

  it("what is longer than any day begins with one, and is not sought for ever", () => {
    const hours = workHoursOf(work());
    for (const more of [{}, { unbroken: true as const }, { isWet: true as const }])
      expect(clock(hours.startOf(700, { minutes: 3000, ...more }))).toEqual([1, 500]);
  });

  it("work goes on over the break, a wet area waits for its end, and a coat pauses between its stretches", () => {
    // From 8:20 (500) to 16:40 (1000); the break from 12:00 (720) to 12:30 (750).
    expect(timesOf([stepOf("mark", 300)])).toEqual([["mark", 0, 500, 0, 830]]);
    const two = [stepOf("mark", 200), stepOf("base", 60, { isWet: true, after: after("mark") })];
    expect(timesOf(two)).toEqual([
      ["mark", 0, 500, 0, 700],
      ["base", 0, 750, 0, 810],
    ]);
    const stretches = Array.from({ length: 4 }, (_, index) => ({
      ids: [[index, index + 1] as const],
      minutes: 12.5,
    }));
    // 12.5, 25, 37.5 and 50 minutes done are 13, 25, 38 and 50 whole ones: the second stretch is more than half done at noon
    // and ends at 725; the break is as long as ever, and two are done from 755.
    const coat = [stepOf("mark", 200), stepOf("coat", 50, { stretches, after: after("mark") })];
    expect(timesOf(coat)[1]).toEqual(["coat", 0, 700, 0, 780]);
    expect(timesOf(coat, { break_min: 0 })[1]).toEqual(["coat", 0, 700, 0, 750]);
    expect(timesOf(coat, { breakAt: "13:00" })[1]).toEqual(["coat", 0, 700, 0, 750]);
  });

  it("a field is painted in one go: it runs up to twenty minutes into the break or the evening, or waits", () => {
    const field = (...minutes: number[]) => ({
      isWet: true as const,
      stretches: minutes.map((own, index) => ({
        ids: [[0, 1] as const],
        minutes: own,
        ...(index > 0 && { goesOn: true as const }),
      })),
    });
    const painted = (before: number, minutes: number[], more: object = {}) => {
      const coat = stepOf(
        "coat",
        minutes.reduce((sum, own) => sum + own),
        {
          ...field(...minutes),
          after: after("mark"),
        },
      );
      return timesOf([stepOf("mark", before), coat, stepOf("next", 5, { after: after("coat") })], more).slice(
        1,
      );
    };
    // Begun at 11:20: the break begins at 12:20 and is as long as ever.
    expect(painted(180, [20, 20, 20])).toEqual([
      ["coat", 0, 680, 0, 740],
      ["next", 0, 770, 0, 775],
    ]);
    // A minute later it would end 21 minutes late.
    expect(painted(181, [20, 20, 20])[0]).toEqual(["coat", 0, 750, 0, 810]);
    // Twelve minutes are not begun at the last moment: at most half of them are left over.
    expect(painted(214, [12])[0]).toEqual(["coat", 0, 714, 0, 726]);
    expect(painted(215, [12])[0]).toEqual(["coat", 0, 750, 0, 762]);
    // In the evening, from 16:15 for 25 minutes: five past the end; for 56 it is tomorrow's.
    expect(painted(475, [13, 12], { break_min: 0, to: "16:55" })[0]).toEqual(["coat", 0, 975, 0, 1000]);
    expect(painted(475, [19, 19, 18], { break_min: 0, to: "16:55" })[0]).toEqual(["coat", 1, 500, 1, 556]);
  });

  it("a coat that is broken off by the night goes on in the morning as its second part, which others wait for", () => {
    const stretches = Array.from({ length: 9 }, (_, index) => ({
      ids: [[index, index + 1] as const],
      minutes: 10,
    }));
    const steps = [
      stepOf("mark", 440),
      stepOf("coat", 90, { stretches, after: after("mark") }),
      stepOf("next", 5, { after: [{ step: "coat", what: "recoat", minutes: 180 }] }),
    ];
    const planned = schedule([steps], work({ break_min: 0, to: "16:50" })).steps;
    // 8:20 and 440 minutes is 15:40; until 16:30 five stretches of ten are done, and four are left.
    expect(
      planned.map(({ step, start, end }) => [step.id, step.minutes, ...clock(start), ...clock(end)]),
    ).toEqual([
      ["mark", 440, 0, 500, 0, 940],
      ["coat", 50, 0, 940, 0, 990],
      ["coat/2", 40, 1, 500, 1, 540],
      ["next", 5, 1, 720, 1, 725],
    ]);
    expect(planned[1]!.step.stretches).toHaveLength(5);
    expect([planned[2]!.step.part, planned[2]!.step.after]).toEqual([
      { number: 2, of: 2 },
      [{ step: "coat", what: "after", minutes: 0 }],
    ]);
    expect([planned[3]!.heldFrom, planned[3]!.step.after[0]!.step]).toEqual(["coat/2", "coat/2"]);
  });
});
