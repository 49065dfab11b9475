import { expect, it } from "vitest";
import { readPlaces } from "./registerDrift";

const read = (count: number, first: number, every: number, hidden: readonly number[] = []) => [
  ...readPlaces(count, first, every, (place) => !hidden.includes(place)),
];

it("places are read every few, nearer before an opening, and at once behind it", () => {
  expect(read(10, 0, 4)).toEqual([0, 4, 8]);
  expect(read(10, 1, 4)).toEqual([1, 5, 9]);
  // A window over 4 to 7: 3 is nearer than 4; of 4 to 7 none can be, so 8.
  expect(read(12, 0, 4, [4, 5, 6, 7])).toEqual([0, 3, 8]);
  // The first that can be, where the first cannot; none beyond a hidden end.
  expect(read(6, 0, 4, [0, 1])).toEqual([2]);
  expect(read(5, 0, 4, [1, 2, 3, 4])).toEqual([0]);
});
