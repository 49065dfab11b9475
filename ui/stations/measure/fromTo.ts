import { formatLength } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";

/** A gap at the left and at the right: told once where it is the same. */
export function fromTo(left: number, right: number, units: UnitSystem): string {
  const [first, last] = [formatLength(left, units), formatLength(right, units)];
  return first === last ? `${first} all along` : `${first} to ${last}`;
}
