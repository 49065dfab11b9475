import { formatReading, trimDecimals } from "./formatReading";
import { roundToDivision } from "./roundToDivision";
import { inchesPerFoot, m2PerFt2, mmPerInch, mlPerUnit, type UnitSystem, type VolumeSystem } from "./units";

const displayInchDivision = mmPerInch / 16;
const displayMmDivision = 0.1;
/** From here on nobody reads a tape to less than a millimetre; a half that was read stays one. */
const wholeFromMm = 1000;
const isHalf = (mm: number): boolean => Math.abs(mm * 2 - Math.round(mm * 2)) < 1e-6;

/** A length for a sentence or a label: inches to the nearest 1/16, or millimetres, to one decimal under a metre. */
export function formatLength(lengthMm: number, units: UnitSystem): string {
  const millimetres = Math.abs(lengthMm) < wholeFromMm || isHalf(lengthMm) ? displayMmDivision : 1;
  const division = units === "imperial" ? displayInchDivision : millimetres;
  const size = formatReading(roundToDivision(Math.abs(lengthMm), division), units);
  return lengthMm < 0 && !/^0\b/.test(size) ? `-${size}` : size;
}

/** A small error, rounded up so that it is never promised smaller than it is: to 1/32 inch or 0.1 mm. */
export function formatError(errorMm: number, units: UnitSystem): string {
  const division = units === "imperial" ? displayInchDivision / 2 : displayMmDivision;
  return formatReading(Math.ceil(Math.abs(errorMm) / division - 1e-6) * division, units);
}

/** A wall-sized length: feet and inches (`13' 0 11/16"`) or whole millimetres. Display only. */
export function formatSpan(lengthMm: number, units: UnitSystem): string {
  if (units === "metric") return `${trimDecimals(lengthMm, 0)} mm`;
  const rounded = roundToDivision(lengthMm, displayInchDivision);
  const feet = Math.floor(rounded / (inchesPerFoot * mmPerInch) + 1e-9);
  if (feet < 1) return formatLength(lengthMm, units);
  const rest = rounded - feet * inchesPerFoot * mmPerInch;
  const inches = formatReading(Math.max(0, rest), units);
  return `${feet}' ${/^\d+\//.test(inches) ? `0 ${inches}` : inches}`;
}

/** A hundredth of a square metre and a tenth of a square foot are told in finer units. */
const fineUnderM2 = 0.01;
const cm2PerM2 = 1e4;
const in2PerFt2 = inchesPerFoot ** 2;

/** An area for people: `8.89 m2` or `95.7 ft2`; what is smaller than a hand `64 cm2` or `9.9 in2`. */
export function formatArea(areaM2: number, units: UnitSystem): string {
  if (areaM2 > 0 && areaM2 < fineUnderM2) {
    return units === "metric"
      ? `${trimDecimals(areaM2 * cm2PerM2, 1)} cm2`
      : `${trimDecimals((areaM2 / m2PerFt2) * in2PerFt2, 1)} in2`;
  }
  return units === "metric" ? `${areaM2.toFixed(2)} m2` : `${(areaM2 / m2PerFt2).toFixed(1)} ft2`;
}

/** A volume for people: whole millilitres under a litre, then litres; or fluid ounces, quarts and gallons. */
export function formatVolume(volumeMl: number, volumes: VolumeSystem): string {
  if (volumes === "litres") {
    return volumeMl < 995 ? `${Math.ceil(volumeMl - 1e-9)} ml` : `${trimDecimals(volumeMl / 1000, 2)} L`;
  }
  if (volumeMl < mlPerUnit.qt) {
    const ounces = volumeMl / mlPerUnit["fl oz"];
    // A chip's paint is not nothing.
    return `${trimDecimals(ounces, ounces < 0.1 ? 2 : 1)} fl oz`;
  }
  if (volumeMl < mlPerUnit.gal) return `${trimDecimals(volumeMl / mlPerUnit.qt, 2)} qt`;
  return `${trimDecimals(volumeMl / mlPerUnit.gal, 2)} gal`;
}

/**
 * The size on a tin's label. Labels are round in their own system, whatever the job is measured in:
 * whole millilitres are metric tins and pots, others US ones.
 */
export function formatTin(volumeMl: number): string {
  const isMetric = Math.abs(volumeMl - Math.round(volumeMl)) < 1e-6;
  return formatVolume(volumeMl, isMetric ? "litres" : "us");
}

/** What a spread rate is told in: an area of the job's units by the litre or the gallon. */
export function spreadUnit(units: UnitSystem, volumes: VolumeSystem): string {
  return `${units === "metric" ? "m2" : "ft2"} a ${volumes === "litres" ? "litre" : "gallon"}`;
}

/** A spread rate of m2 a litre as a number in `spreadUnit`. */
export function convertSpread(m2PerL: number, units: UnitSystem, volumes: VolumeSystem): number {
  const area = units === "metric" ? m2PerL : m2PerL / m2PerFt2;
  return volumes === "litres" ? area : (area * mlPerUnit.gal) / mlPerUnit.l;
}

/** A spread rate for people: `11 m2 a litre`, `118 ft2 a litre`, `448 ft2 a gallon`. */
export function formatSpread(m2PerL: number, units: UnitSystem, volumes: VolumeSystem): string {
  const rate = convertSpread(m2PerL, units, volumes);
  return `${trimDecimals(rate, rate < 20 ? 1 : 0)} ${spreadUnit(units, volumes)}`;
}

/** What a room's warmth is told in: where tins are in gallons, degrees are Fahrenheit's. */
export const temperatureUnit = (volumes: VolumeSystem): string => (volumes === "us" ? "°F" : "°C");

/** Celsius as a number in `temperatureUnit`; 1.8 degrees and an offset of 32, exact by definition. */
export const convertTemperature = (celsius: number, volumes: VolumeSystem): number =>
  volumes === "us" ? celsius * 1.8 + 32 : celsius;

/** The way back: a number in `temperatureUnit` as Celsius. */
export const readTemperature = (shown: number, volumes: VolumeSystem): number =>
  volumes === "us" ? (shown - 32) / 1.8 : shown;

/** A temperature for people: `18.5 °C`, `65 °F`. */
export function formatTemperature(celsius: number, volumes: VolumeSystem): string {
  const shown = convertTemperature(celsius, volumes);
  return `${trimDecimals(shown, volumes === "us" ? 0 : 1)} ${temperatureUnit(volumes)}`;
}

/** By how many degrees, whole ones and never fewer than are needed: `4 °C`, `8 °F`. */
export const formatDegrees = (celsius: number, volumes: VolumeSystem): string =>
  `${Math.ceil((volumes === "us" ? celsius * 1.8 : celsius) - 1e-9)} ${temperatureUnit(volumes)}`;

/** A run of tape: metres or feet with one decimal. */
export function formatRun(lengthM: number, units: UnitSystem): string {
  return units === "metric"
    ? `${lengthM.toFixed(1)} m`
    : `${((lengthM * 1000) / mmPerInch / inchesPerFoot).toFixed(0)} ft`;
}

/** Minutes as hours and minutes: `6 h 20`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours === 0) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, "0")}`;
}
