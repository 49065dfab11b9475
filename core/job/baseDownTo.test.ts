import { expect, it } from "vitest";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";

const document = (wall: object = {}, bands: object[] = [{ from: 0, to: 1000, colour: "kelp" }]) => ({
  format: "jacaranda-job/1",
  name: "Tentative",
  paints: [{ id: "oyster", coats: 1, spreadRate_m2_per_l: 10 }, { id: "kelp" }],
  walls: [{ id: "w", width: 4000, height: 2600, base: "oyster", baseState: "paint", ...wall }],
  finishes: [{ id: "f", on: "w", kind: "bands", bands }],
});
const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
const found = ({ walls }: ReturnType<typeof planned>, code: string) =>
  walls[0]!.findings.find((finding) => finding.code === code);

it("a base under a band is offered a tentative line 50 mm past it, and the paint that saves", () => {
  const result = planned();
  const offer = found(result, "paint-down-to")!;
  // 950 mm of 4 m stay out of it.
  expect(offer.say).toContain("950 mm");
  expect(offer.remedy).toContain("3.80 m2");
  expect(offer.change).toMatchObject({ wall: "w", set: { baseDownTo: 950 } });
});

it("then takes paint, time and masks for what is above it alone", () => {
  const result = planned({ baseDownTo: 950 });
  expect(found(result, "paint-down-to")).toBeUndefined();
  const base = result.steps.find(({ kind }) => kind === "base")!;
  // 4 x 1.65 m at 0.45 a minute, and its top and two sides of 4 + 2 x 1.65 m at 0.8; its masks come off with it, wet.
  expect(base.say).toContain("6.60 m2, down to a tentative pencil line at 950 mm");
  const masks = result.walls[0]!.tape.filter(({ round }) => round === 0);
  const lengthOf = (path: readonly (readonly [number, number])[]) =>
    path
      .slice(1)
      .reduce((sum, [x, y], index) => sum + Math.hypot(x - path[index]![0], y - path[index]![1]), 0);
  const metres = masks.reduce((sum, { path }) => sum + lengthOf(path) / 1000, 0);
  expect(metres).toBeCloseTo(7.3, 6);
  expect(base.minutes).toBe(Math.ceil(6.6 / 0.45 + 7.3 / 0.8 + metres / 3));
  for (const { path } of masks) expect(Math.min(...path.map(([, y]) => y))).toBeGreaterThanOrEqual(950);
  const oyster = result.paint.find(({ colour }) => colour === "oyster")!;
  expect(oyster.terms.film_ml).toBeCloseTo(660, 6);
});

it("is refused above what is seen of it, and not offered for a narrow band or where the base is seen lower down", () => {
  const short = found(planned({ baseDownTo: 1200 }), "base-stops-short")!;
  expect(short.change).toMatchObject({ set: { baseDownTo: 950 } });
  expect(found(planned({}, [{ from: 0, to: 250, colour: "kelp" }]), "paint-down-to")).toBeUndefined();
  expect(found(planned({}, [{ from: 200, to: 1000, colour: "kelp" }]), "paint-down-to")).toBeUndefined();
  expect(found(planned({ baseState: "on" }), "paint-down-to")).toBeUndefined();
});
