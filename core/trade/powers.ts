import { powerOfTwo } from "./climate";

const naturalLogOfTwo = 0.6931471805599453;
/** Terms of the series are left out once they are smaller than the last bits. */
const terms = 24;

/** e^x, the same to the last bit on every engine. */
export const exponentOf = (x: number): number => powerOfTwo(x / naturalLogOfTwo);

/**
 * The natural logarithm of a positive number, likewise: halved or doubled to between 0.7 and 1.4, and there
 * ln m = 2 (t + t^3 / 3 + t^5 / 5 ...) with t = (m - 1) / (m + 1).
 */
export function naturalLogOf(value: number): number {
  let [rest, doublings] = [value, 0];
  while (rest > 1.4) [rest, doublings] = [rest / 2, doublings + 1];
  while (rest < 0.7) [rest, doublings] = [rest * 2, doublings - 1];
  const t = (rest - 1) / (rest + 1);
  let [sum, power] = [0, t];
  for (let term = 0; term < terms; term++) {
    sum += power / (2 * term + 1);
    power *= t * t;
  }
  return doublings * naturalLogOfTwo + 2 * sum;
}
