import fc from "fast-check";
import { anyColouring, anyDirection, anyFit } from "../../finishes/stripes/tests/arbitrary";
import { parseJob } from "../parseJob";
import type { Job } from "../schema";

export const paints = [
  { id: "oyster", hex: "#E9E2D0" },
  { id: "kelp", hex: "#4C5B45", packs: [{ size: "1 L", price: 19 }] },
  { id: "brine", hex: "#2F5D62", packs: [{ size: 250, price: 7 }] },
  { id: "lantern", hex: "#D9A441", packs: [{ size: 250, price: 7 }] },
];

/** A job with one wall and one finish on it, in document form. */
export function oneWall(wall: object, finish: object, job: object = {}) {
  return {
    format: "jacaranda-job/1",
    name: "Trial",
    paints,
    walls: [{ id: "w", base: "oyster", width: 4215, height: 2610, skirting: 95, ...wall }],
    finishes: [{ id: "f", on: "w", kind: "stripes", colours: ["kelp", "oyster"], ...finish }],
    ...job,
  };
}

export function parsed(document: object): Job {
  const answer = parseJob(document);
  if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
  return answer.job;
}

const opening = (width: number, height: number) =>
  fc
    .record({
      x: fc.integer({ min: 0, max: width - 210 }),
      y: fc.integer({ min: 0, max: height - 210 }),
      width: fc.integer({ min: 50, max: 200 }),
      height: fc.integer({ min: 50, max: 200 }),
      casing: fc.integer({ min: 0, max: 80 }),
    })
    .map((place) => ({ kind: "window", ...place }));

/** Random walls with random openings (also overlapping ones) and stripes of every fit and direction. */
export const randomJob = fc
  .record({
    width: fc.integer({ min: 300, max: 6000 }),
    height: fc.integer({ min: 300, max: 3500 }),
    skirting: fc.integer({ min: 0, max: 120 }),
    cornice: fc.integer({ min: 0, max: 90 }),
  })
  .chain((wall) =>
    fc.record({
      wall: fc.constant(wall),
      openings: fc.array(opening(wall.width, wall.height), { maxLength: 5 }),
      direction: anyDirection,
      fit: anyFit,
      colours: anyColouring,
      tapeDivision: fc.constantFrom("1 mm", "1/16 in"),
      school: fc.constantFrom("finish", "coat-by-coat"),
    }),
  )
  .map(({ wall, openings, direction, fit: by, colours, tapeDivision, school }) =>
    oneWall(
      { ...wall, openings: openings.map((place, index) => ({ id: `o${index}`, ...place })) },
      { direction, fit: by, colours },
      { tapeDivision, school },
    ),
  );
