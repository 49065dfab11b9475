/**
 * The nearest multiple of a tape division (both in mm); halves go up.
 * The error of a reading is therefore never more than half a division.
 */
export function roundToDivision(lengthMm: number, divisionMm: number): number {
  return Math.floor(lengthMm / divisionMm + 0.5) * divisionMm;
}
