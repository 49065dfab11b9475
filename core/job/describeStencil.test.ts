import { expect, it } from "vitest";
import { dash, planned, reed } from "./tests/stencils";

it("a plan proposes bridges for what falls out of a sheet, and marks where overlays have none to lie by", () => {
  // A ring of 180 around a square of 60: the way across is 60 on every side, and two of them hold it.
  const ring = {
    id: "reed",
    repeat: { x: 400, y: 600 },
    overlays: [
      {
        id: "1",
        cuts: [{ slot: "leaf", path: "M -90 -90 h 180 v 180 h -180 z M -30 -30 v 60 h 60 v -60 z" }],
      },
    ],
  };
  const proposedOf = (stencil: object) => planned({}, {}, { stencils: [stencil] }).stencils![0]!.proposed;
  const { bridges, registers } = proposedOf(ring)!;
  expect(registers).toEqual([]);
  expect(bridges.map(({ from, to, width }) => [Math.hypot(to[0] - from[0], to[1] - from[1]), width])).toEqual(
    [
      [60, 5],
      [60, 5],
    ],
  );
  expect(proposedOf(reed)).toBeUndefined();
  const two = planned({ stencil: "dash", colours: { line: "kelp", dot: "brine" } }, {}, { stencils: [dash] });
  // Plastic of 480 by 200 around holes of 300: the middles of margins of 90 are at 195, quarters of 200 at 50.
  expect(two.stencils![0]!.proposed).toEqual({
    bridges: [],
    registers: [
      [-195, -50],
      [195, -50],
      [-195, 50],
    ],
  });
});
