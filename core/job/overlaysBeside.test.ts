import { expect, it } from "vitest";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";

it.each([
  // From the left one's right side at -10 on.
  [-9.6, "overlays-hairline", /only 0\.4 mm apart, 9\.8 mm left of the middle/],
  [-10, "overlays-hairline", /just meet/],
  [-10.5, "overlays-hairline", /lie over each other by only 0\.5 mm/],
  [-8.9, null, null],
  [-12, null, null],
] as const)("a second overlay that begins at %s mm", (from, code, say) => {
  const path = (left: number, right: number) => `M ${left} -20 H ${right} V 20 H ${left} Z`;
  const stencil = {
    id: "pair",
    repeat: { x: 200, y: 100 },
    overlays: [
      { id: "1", cuts: [{ slot: "a", path: path(-50, -10) }] },
      { id: "2", cuts: [{ slot: "b", path: path(from, 40) }] },
    ],
  };
  const { findings, stencils } = plan(
    parsed({
      format: "jacaranda-job/1",
      name: "Pair",
      paints: [{ id: "oyster" }],
      stencils: [stencil],
      walls: [{ id: "w", width: 2000, height: 1000, base: "oyster" }],
      finishes: [],
    }),
  );
  const found = findings.find((finding) => finding.code === "overlays-hairline");
  expect(found?.code ?? null).toBe(code);
  if (say) expect(found!.say).toMatch(say);
  expect(stencils![0]!.between![0]!.overlap_mm2).toBeCloseTo(Math.max(0, -10 - from) * 40, 6);
});
