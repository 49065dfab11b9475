import { mmPerInch } from "../measure/units";
import { levelLineMm } from "../trade/constants";
import type { Survey } from "./surveySchema";

/** A reading that is probably not what was on the tape, and what it probably was. mm. */
export interface Slip {
  readonly station: number;
  readonly key: "down" | "up";
  readonly read: number;
  readonly likely: number;
}

/** Readings rougher than this against their neighbours are looked into; mended, they must be this smooth. */
const rough = { several: 8, two: 80 } as const;
const smooth = { several: 3, two: 25 } as const;

/**
 * Readings that one common slip would put in line with their neighbours: a figure misread by 10, 100 or 1000 mm (an
 * inch, ten, or a foot), a digit lost or doubled, feet and inches swapped. One for floor and ceiling each at most,
 * the one that mends the line best; a step (two stations at one x) parts the line.
 */
export function findSlips({ stations }: Survey): Slip[] {
  return (["down", "up"] as const).flatMap((key) =>
    partsBetweenSteps(stations).flatMap((part) => {
      const slip = findSlip(part.map(({ station, index }) => ({ x: station.x, value: station[key], index })));
      return slip ? [{ station: slip.index, key, read: slip.read, likely: slip.likely }] : [];
    }),
  );
}

interface Reading {
  readonly x: number;
  readonly value: number;
  readonly index: number;
}

function partsBetweenSteps(stations: Survey["stations"]) {
  const parts: { station: Survey["stations"][number]; index: number }[][] = [[]];
  stations.forEach((station, index) => {
    if (index > 0 && stations[index - 1]!.x === station.x) parts.push([]);
    parts.at(-1)!.push({ station, index });
  });
  return parts;
}

function findSlip(readings: readonly Reading[]) {
  const size = readings.length > 2 ? "several" : "two";
  const values = readings.map(({ value }) => value);
  if (readings.length < 2 || roughness(readings, values) < rough[size]) return null;
  const isImperial = values.every((value) => isSixteenth(value));
  let best = { roughness: Infinity, index: 0, read: 0, likely: 0 };
  readings.forEach(({ value, index }, place) => {
    for (const likely of likelyReadings(value, isImperial, size === "two")) {
      const mended = roughness(readings, values.with(place, likely));
      // Of two readings that could both be the wrong one, the stranger one is: far from a level line's usual height.
      const odd = (Math.abs(likely - levelLineMm) / levelLineMm) * (smooth[size] / 2);
      if (mended <= smooth[size] && mended + odd < best.roughness) {
        best = { roughness: mended + odd, index, read: value, likely };
      }
    }
  });
  return best.roughness < Infinity ? best : null;
}

/** The greatest distance of a reading from the straight line between its neighbours; of two, their difference. */
function roughness(readings: readonly Reading[], values: readonly number[]): number {
  if (values.length === 2) return Math.abs(values[0]! - values[1]!);
  return Math.max(
    ...values.slice(1, -1).map((value, index) => {
      const [a, b, c] = [readings[index]!.x, readings[index + 1]!.x, readings[index + 2]!.x];
      const straight = values[index]! + (values[index + 2]! - values[index]!) * ((b - a) / (c - a));
      return Math.abs(value - straight);
    }),
  );
}

function likelyReadings(value: number, isImperial: boolean, isOneOfTwo: boolean): number[] {
  const steps = isImperial ? [mmPerInch, 10 * mmPerInch, 12 * mmPerInch] : [10, 100, 1000];
  // Two readings alone may well differ by 10 or 100 on a sloping floor.
  const shifts = isOneOfTwo ? steps.slice(-1) : steps;
  return [
    ...shifts.flatMap((step) => [value - step, value + step]),
    ...[10, 100, 0.1, 0.01].map((factor) => value * factor),
    ...(isImperial ? swapFeetAndInches(value) : []),
  ].filter((likely) => likely > 0);
}

const isSixteenth = (value: number): boolean => {
  const count = (value / mmPerInch) * 16;
  return Math.abs(count - Math.round(count)) < 1e-6;
};

/** 4' 7 3/8" written as 7' 4 3/8". */
function swapFeetAndInches(value: number): number[] {
  const inches = value / mmPerInch;
  const feet = Math.floor(inches / 12);
  const rest = inches - feet * 12;
  const whole = Math.floor(rest + 1e-9);
  return feet < 12 && whole !== feet ? [(whole * 12 + feet + (rest - whole)) * mmPerInch] : [];
}
