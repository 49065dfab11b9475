import { expect, it } from "vitest";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { dash } from "./tests/stencils";

const paints = ["oyster", "kelp", "brine"].map((id) => ({ id }));
const document = (walls: object[], finishes: object[]) => ({
  format: "jacaranda-job/1",
  name: "Waits",
  paints,
  stencils: [dash],
  walls: walls.map((wall) => ({ width: 3000, height: 2400, skirting: 0, base: "oyster", ...wall })),
  finishes,
});
const stepsOf = (...of: Parameters<typeof document>) => plan(parsed(document(...of))).steps;

it("prints on bare base do not wait for a dado that they do not reach, and do where their sheet comes near to it", () => {
  const dado = { shape: "rectangle", x: 0, y: 0, width: 3000, height: 900, colour: "kelp" };
  const printsAt = (level: number) => {
    const steps = stepsOf(
      [{ id: "w" }],
      [
        { id: "d", on: "w", kind: "blocks", blocks: [dado] },
        {
          id: "b",
          on: "w",
          kind: "stencil-border",
          stencil: "dash",
          colours: { line: "brine", dot: "brine" },
          along: { level },
        },
      ],
    );
    const first = steps.find(({ kind }) => kind === "print")!;
    return first.waitsFor.some(({ step }) => step.includes("/paint-"));
  };
  expect([printsAt(1800), printsAt(960)]).toEqual([false, true]);
});

it("paper comes once nothing on any wall is wet or dusty any more, wherever it stands in the document", () => {
  const paper = { id: "p", on: "p", kind: "paper", roll: { width: 530, length: 10050 } };
  const block = { shape: "rectangle", x: 500, y: 500, width: 900, height: 900, colour: "kelp" };
  const blocks = { id: "b", on: "q", kind: "blocks", blocks: [block] };
  const walls = [{ id: "p" }, { id: "q", conditions: [{ kind: "crack" }] }];
  for (const finishes of [
    [paper, blocks],
    [blocks, paper],
  ]) {
    const steps = stepsOf(walls, finishes);
    const wet = steps.filter(
      ({ wall, does }) =>
        wall === "q" && does.some(({ act }) => ["wash", "fill", "sand", "coat"].includes(act)),
    );
    expect(wet.length).toBeGreaterThan(3);
    const cut = steps.find(({ kind }) => kind === "cut")!;
    for (const { end } of wet) expect(cut.start).toBeGreaterThanOrEqual(end);
  }
});
