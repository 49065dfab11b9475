import fc from "fast-check";
import { expect, it } from "vitest";
import { applyChange } from "../finishes/applyChange";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

/** Walls so large, and air so warm, that edges often set before they are joined. */
const anyCoat = fc.record({
  finish: fc.constantFrom(
    { kind: "limewash", paint: "lime" },
    { kind: "trowelled", tones: [{ paint: "metal", share: 1 }], section_m2: 1.5 },
    { kind: "pearl", paint: "pearl" },
    { kind: "whitewash", paint: "wash", board: 200, way: "scraped" },
  ),
  width: fc.integer({ min: 2000, max: 30_000 }),
  height: fc.integer({ min: 2000, max: 9000 }),
  temperature: fc.integer({ min: 10, max: 35 }),
  crew: fc.integer({ min: 1, max: 3 }),
});

const documentOf = ({
  finish,
  width,
  height,
  temperature,
  crew,
}: typeof anyCoat extends fc.Arbitrary<infer T> ? T : never) => ({
  format: "jacaranda-job/1",
  name: "Joined",
  paints: [
    { id: "oyster" },
    { id: "lime", material: "limewash" },
    { id: "metal", material: "metallic-plaster" },
    { id: "pearl", material: "pearl-coat" },
    { id: "wash", material: "whitewash" },
  ],
  work: { temperature, crew },
  walls: [
    { id: "w", width, height, base: "oyster", texture: finish.kind === "whitewash" ? "boards" : "smooth" },
  ],
  finishes: [{ id: "f", on: "w", ...finish }],
});

it("a coat that does not fit is told, one that fits is not, and every button that is offered makes it fit", () => {
  fc.assert(
    fc.property(anyCoat, (any) => {
      const document = documentOf(any);
      const result = plan(parsed(document));
      const coats = result.walls[0]!.coats!;
      for (const { fits, front_min, open_min } of coats) expect(fits).toBe(front_min <= open_min + 1e-9);
      const found = result.findings.find(({ code }) => code === "cannot-join-wet");
      expect(found !== undefined).toBe(coats.some(({ fits }) => !fits));
      const change = found?.change;
      if (!change) return;
      const cured =
        change.finish === undefined
          ? { ...document, work: { ...document.work, ...change.set } }
          : { ...document, finishes: document.finishes.map((finish) => applyChange(finish, change)) };
      const after = plan(parsed(cured));
      expect(after.findings.map(({ code }) => code)).not.toContain("cannot-join-wet");
    }),
    runsOf(80),
  );
});

it("hands are offered for limewash, smaller sections for a trowel, and cooler air for what one hand does alone", () => {
  const hot = { width: 30_000, height: 9000, temperature: 35, crew: 1 };
  const said = (finish: object) => {
    const { findings } = plan(parsed(documentOf({ ...hot, finish: finish as never })));
    const { remedy, change } = findings.find(({ code }) => code === "cannot-join-wet")!;
    return [remedy.split(" ")[0], change?.label ?? null];
  };
  // 9 x 0.6 m at 0.25 a minute are 21.6 minutes; 20 x 0.35 stays wet: four pairs of hands.
  expect(said({ kind: "limewash", paint: "lime" })).toEqual(["Take", "Plan 4 pairs of hands"]);
  // 7.07 minutes at 0.06 m2 a minute.
  expect(said({ kind: "trowelled", tones: [{ paint: "metal", share: 1 }], section_m2: 2 })).toEqual([
    "Work",
    "Sections of 0.42 m2",
  ]);
  expect(said({ kind: "pearl", paint: "pearl" })).toEqual(["Wait", null]);
  expect(said({ kind: "whitewash", paint: "wash", board: 400, way: "scraped" })).toEqual(["Wait", null]);
});
