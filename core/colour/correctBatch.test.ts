import { expect, it } from "vitest";
import { correctBatch } from "./correctBatch";
import { differenceOf, labOf } from "./difference";
import { mixedColour } from "./mixColours";

const target = "#c9a66b";
const begun = (room: number) => ({
  parts: [
    { id: "oyster", hex: "#e9e2d0", amount: 900 },
    { id: "ochre", hex: "#a8752b", amount: 100 },
  ],
  room,
  measure: 5,
  limits: [],
});
const ochre = { id: "ochre", hex: "#a8752b" };
const off = (hex: string) => differenceOf(labOf(hex), labOf(target));

it("what nobody tells from what is meant is left, with nothing added to it", () => {
  expect(correctBatch(target, begun(500), target, [ochre])).toEqual({
    off: 0,
    verdict: "leave",
    addition: null,
  });
});

it("it is corrected from what it dried to, and not from what was predicted, where it comes close within its room", () => {
  const dry = mixedColour([
    { hex: target, amount: 10 },
    { hex: "#ffffff", amount: 10 },
  ])!;
  expect(off(dry)).toBeGreaterThan(4);
  const { verdict, addition } = correctBatch(dry, begun(2000), target, [ochre]);
  expect(verdict).toBe("correct");
  // Its 1000 ml are one colour, the one that it dried to: so many ml of ochre to that, in steps of 5.
  expect(addition!.ml % 5).toBe(0);
  expect(addition!.hex).toBe(
    mixedColour([
      { hex: dry, amount: 1000 },
      { hex: ochre.hex, amount: addition!.ml },
    ]),
  );
  expect(addition!.off).toBeLessThan(4);
  // Looked for one by one nothing within the room is nearer.
  for (let ml = 5; ml <= 2000; ml += 5)
    expect(
      off(
        mixedColour([
          { hex: dry, amount: 1000 },
          { hex: ochre.hex, amount: ml },
        ])!,
      ),
    ).toBeGreaterThanOrEqual(addition!.off);
});

it("where there is no room for it, or nothing brings it close, it is made anew", () => {
  expect(correctBatch("#ffffff", begun(0), target, [ochre])).toMatchObject({
    verdict: "anew",
    addition: null,
  });
  expect(correctBatch("#2f5d92", begun(50), target, [ochre]).verdict).toBe("anew");
});
