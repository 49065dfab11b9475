import type { StencilSheet } from "./cutSheet";

/** Sizes that plastic for sheets is sold in, the smallest first; mm. */
const sold = [
  { name: "A4", wide: 210, high: 297 },
  { name: "A3", wide: 297, high: 420 },
  { name: "A2", wide: 420, high: 594 },
  { name: "A1", wide: 594, high: 841 },
] as const;

/** The smallest blank that a sheet's plastic is cut from, either way up; null for one that comes off a roll. */
export function blankFor({ plastic }: Pick<StencilSheet, "plastic">): string | null {
  const sides = [plastic.maxX - plastic.minX, plastic.maxY - plastic.minY].sort((a, b) => a - b);
  return sold.find(({ wide, high }) => sides[0]! <= wide && sides[1]! <= high)?.name ?? null;
}
