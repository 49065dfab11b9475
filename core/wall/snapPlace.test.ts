import { expect, it } from "vitest";
import { snapPlace } from "./snapPlace";

it("lines edges and centres up with what is near, else with the tape", () => {
  const targets = [
    { at: 1000, thing: "the hatch" },
    { at: 1046, thing: "the plate" },
  ];
  // A thing 86 wide: its left edge at 997 is 3 from the hatch; its centre at 1040 is 6 from the plate.
  expect(snapPlace(997, 86, targets, 10, 1)).toEqual({ value: 1000, to: "the hatch" });
  expect(snapPlace(1004, 86, targets, 10, 1)).toEqual({ value: 1003, to: "the plate" });
  // Its right edge: 912 + 86 = 998.
  expect(snapPlace(912, 86, targets, 10, 1)).toEqual({ value: 914, to: "the hatch" });
  expect(snapPlace(700.4, 86, targets, 10, 1)).toEqual({ value: 700, to: null });
  expect(snapPlace(700.4, 86, targets, 10, 25.4 / 16).value).toBeCloseTo(441 * (25.4 / 16), 9);
});
