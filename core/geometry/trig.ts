/**
 * Sine, cosine and their inverses from additions, multiplications, divisions and square roots alone. Those
 * are exact to the last bit by the language's standard, while Math.sin and its kin may differ from engine to
 * engine; with these a plan is the same, byte for byte, wherever it is made. Accurate to about one unit in the
 * last place for the angles of this program (a few turns). Polynomials and reduction follow fdlibm, the freely
 * distributable mathematical library (Sun Microsystems, 1993).
 */

const halfPiHigh = 1.57079632673412561417;
const halfPiLow = 6.07710050650619224932e-11;

/** Sine and cosine of an angle in radians. */
export function sinCos(angle: number): { sin: number; cos: number } {
  const quarter = Math.round(angle / (Math.PI / 2));
  const rest = angle - quarter * halfPiHigh - quarter * halfPiLow;
  const [sin, cos] = [sinKernel(rest), cosKernel(rest)];
  switch (((quarter % 4) + 4) % 4) {
    case 0:
      return { sin, cos };
    case 1:
      return { sin: cos, cos: -sin };
    case 2:
      return { sin: -sin, cos: -cos };
    default:
      return { sin: -cos, cos: sin };
  }
}

export const sine = (angle: number): number => sinCos(angle).sin;

/** Value of a polynomial, coefficients from the constant upwards. */
const polynomial = (x: number, coefficients: readonly number[]): number =>
  coefficients.reduceRight((sum, coefficient) => sum * x + coefficient, 0);

const sinCoefficients = [
  -1.66666666666666324348e-1, 8.33333333332248946124e-3, -1.98412698298579493134e-4,
  2.75573137070700676789e-6, -2.50507602534068634195e-8, 1.58969099521155010221e-10,
];
const cosCoefficients = [
  4.16666666666666019037e-2, -1.38888888888741095749e-3, 2.48015872894767294178e-5,
  -2.75573143513906633035e-7, 2.0875723212981748279e-9, -1.13596475577881948265e-11,
];

function sinKernel(x: number): number {
  const z = x * x;
  return x + x * z * polynomial(z, sinCoefficients);
}

function cosKernel(x: number): number {
  const z = x * x;
  return 1 - (0.5 * z - z * z * polynomial(z, cosCoefficients));
}

const atanCoefficients = [
  3.33333333333329318027e-1, -1.99999999998764832476e-1, 1.42857142725034663711e-1, -1.1111110405462355788e-1,
  9.09088713343650656196e-2, -7.69187620504482999495e-2, 6.66107313738753120669e-2,
  -5.83357013379057348645e-2, 4.97687799461593236017e-2, -3.6531572744216915527e-2, 1.62858201153657823623e-2,
];

/** The angles from which the arc tangent is continued: of 1/2, 1 and 3/2. */
const atanHalf = 4.63647609000806093515e-1;
const atanThreeHalves = 9.82793723247329054082e-1;

/** Arc tangent of a number from 0 up. */
function arcTangent(x: number): number {
  // What is no number stays none; below it would be asked for its own inverse for ever.
  if (Number.isNaN(x)) return x;
  if (x < 7 / 16) return x - x * x * x * polynomial(x * x, atanCoefficients);
  if (x < 11 / 16) {
    const rest = (2 * x - 1) / (2 + x);
    return rest < 0 ? atanHalf - arcTangent(-rest) : atanHalf + arcTangent(rest);
  }
  if (x < 19 / 16)
    return x < 1 ? Math.PI / 4 - arcTangent((1 - x) / (1 + x)) : Math.PI / 4 + arcTangent((x - 1) / (x + 1));
  if (x < 39 / 16)
    return x < 1.5
      ? atanThreeHalves - arcTangent((1.5 - x) / (1 + 1.5 * x))
      : atanThreeHalves + arcTangent((x - 1.5) / (1 + 1.5 * x));
  return Math.PI / 2 - arcTangent(1 / x);
}

/** The direction of (x, y) in radians, from -pi to pi. */
export function directionOf(y: number, x: number): number {
  if (x === 0 && y === 0) return 0;
  const steep = Math.abs(y) > Math.abs(x);
  const small = arcTangent(steep ? Math.abs(x / y) : Math.abs(y / x));
  const first = steep ? Math.PI / 2 - small : small;
  const upper = x < 0 ? Math.PI - first : first;
  return y < 0 || Object.is(y, -0) ? -upper : upper;
}

/** The angle whose cosine (or sine) is x, for x from -1 to 1. */
export const arcCosine = (x: number): number => directionOf(Math.sqrt((1 - x) * (1 + x)), x);
export const arcSine = (x: number): number => directionOf(x, Math.sqrt((1 - x) * (1 + x)));

/** Length of (x, y); Math.hypot is not exact to the last bit everywhere, a square root is. */
export const lengthOf = (x: number, y: number): number => Math.sqrt(x * x + y * y);
