import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { parseKept, type JobDocument, type WallDocument } from "./jobDocument";
import { surveyOfQuickWall } from "./surveyOfQuickWall";

const wall: WallDocument = {
  id: "w",
  base: "p",
  width: "4.2 m",
  height: 2600,
  skirting: 100,
  judgeAt: 2400,
  openings: [{ id: "o", kind: "window", x: 900, y: 900, width: 800, height: 900, casing: 60 }],
  fixtures: [{ id: "s", kind: "plate", x: 300, y: "1.1 m", width: 80, height: 80 }],
  conditions: [{ kind: "crack", at: [500, 2000] }, { kind: "gloss" }],
};
const planOf = (only: WallDocument) => {
  const document: JobDocument = {
    format: "jacaranda-job/1",
    name: "Quick",
    paints: [{ id: "p" }],
    walls: [only],
    finishes: [],
  };
  const answer = parseKept(document);
  if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
  return plan(answer.job).walls[0]!;
};

it("a quick wall in the words of a survey is the same wall, read from its level line", () => {
  const surveyed = surveyOfQuickWall(wall, 1200);
  expect(surveyed.survey!.stations).toEqual([
    { x: 0, down: 1200, up: 1400 },
    { x: 4200, down: 1200, up: 1400 },
  ]);
  expect([surveyed.openings![0]!.y, surveyed.fixtures![0]!.y, surveyed.judgeAt]).toEqual([-300, -100, 1200]);
  expect(surveyed.conditions).toEqual([{ kind: "crack", at: [500, 800] }, { kind: "gloss" }]);
  const [before, after] = [planOf(wall), planOf(surveyed)];
  expect(after.surface_m2).toBeCloseTo(before.surface_m2, 9);
  expect(after.regions[0]!.outline.map(([x, y]) => [x, y + 1200])).toEqual(before.regions[0]!.outline);
});

it("a low wall is read from its middle", () => {
  const { survey } = surveyOfQuickWall({ ...wall, height: 900, openings: [], fixtures: [] }, 1200);
  expect(survey!.stations[0]).toEqual({ x: 0, down: 450, up: 450 });
});
