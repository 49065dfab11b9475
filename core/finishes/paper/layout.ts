import type { PaperSheet, SheetsOnWall } from "../../pattern/pattern";
import { OnSurface } from "../../wall/onSurface";
import type { Strip, StripPart } from "../../wall/strip";
import type { Surface } from "../../wall/surface";
import type { FinishContext, Laid } from "../defineFinish";
import { assignRolls, dropsPerRoll, roundedUp } from "./rolls";
import { heightBetween, leastPart, mostSheets, seamOf, sheetsAcross } from "./sheets";
import type { PaperSpec } from "./spec";

export interface PaperLayout extends Laid<PaperSpec> {
  /** Those that are hung, each with the walls that it lies on, from the left. */
  readonly drops: readonly Drop[];
  readonly onWalls: ReadonlyMap<string, SheetsOnWall>;
  /** Of the longest drop; 0 where that is longer than a roll. */
  readonly dropsPerRoll: number;
  readonly rolls: number;
  /** The narrower of the two end sheets, mm. */
  readonly lastWidth: number;
  /** How many there would be, where they are too many. */
  readonly count: number;
}

/** A sheet in the strip, as it is cut off its roll. */
export interface Drop {
  /** From 1, from the left. */
  readonly n: number;
  readonly from: number;
  readonly to: number;
  readonly length: number;
  readonly cut: number;
  /** 0 where no roll is long enough. */
  readonly roll: number;
  /** How far into the pattern its top is, mm. */
  readonly phase: number;
  readonly areaM2: number;
  /** Whether an opening is cut out of it. */
  readonly isCutOut: boolean;
}

/** Sheets of paper over a strip, going on around its corners, and the rolls that they come off. */
export function layOutPaper(spec: PaperSpec, strip: Strip, context: FinishContext): PaperLayout {
  const { roll } = spec;
  const { minX, maxX } = strip.extent;
  const laid = { spec, strip, context };
  const count = Math.ceil((maxX - minX) / roll.width) + 1;
  if (count > mostSheets)
    return { ...laid, drops: [], onWalls: new Map(), dropsPerRoll: 0, rolls: 0, lastWidth: 0, count };
  const across = sheetsAcross(seamOf(spec, strip), roll.width, strip);
  const repeat = spec.match === "free" ? null : spec.repeat!;
  const parts = strip.parts.filter((part): part is StripPart & { surface: Surface } => part.surface !== null);
  const surfaces = new Map(parts.map(({ wall, surface }) => [wall.id, new OnSurface(surface)]));
  const found = across.flatMap((sheet, index): Found[] => {
    const on = parts.flatMap((part) => partOf(part, sheet, surfaces.get(part.wall.id)!));
    if (on.length === 0) return [];
    const length = Math.max(...on.map(({ height }) => height)) + 2 * spec.allowance;
    const isLate = spec.match === "half-drop" && index % 2 === 1;
    return [{ n: index + 1, ...sheet, length, cut: roundedUp(length, repeat), isLate, on }];
  });
  const rolls = assignRolls(found, roll.length, repeat);
  const longest = found.reduce((most, { length }) => Math.max(most, length), 0);
  const drops = found.map(({ on, isLate, ...drop }, index): Drop => ({
    ...drop,
    roll: rolls ? rolls[index]! : 0,
    phase: isLate ? repeat! / 2 : 0,
    areaM2: on.reduce((sum, { areaM2 }) => sum + areaM2, 0),
    isCutOut: on.some(({ isCutOut }) => isCutOut),
  }));
  const ends = [found[0], found.at(-1)].flatMap((sheet) => (sheet ? [sheet.to - sheet.from] : []));
  return {
    ...laid,
    drops,
    onWalls: new Map(parts.map((part) => [part.wall.id, onWall(part, found, drops, roll.width)])),
    dropsPerRoll:
      found.length === 0
        ? 0
        : dropsPerRoll(roll.length, { length: longest, cut: roundedUp(longest, repeat) }),
    rolls: Math.max(0, ...drops.map((drop) => drop.roll)),
    lastWidth: Math.min(...ends, roll.width),
    count: drops.length,
  };
}

/** What of a sheet lies on one wall. */
interface OnPart {
  readonly wall: string;
  readonly from: number;
  readonly to: number;
  readonly height: number;
  readonly areaM2: number;
  readonly isCutOut: boolean;
}

interface Found {
  readonly n: number;
  readonly from: number;
  readonly to: number;
  readonly length: number;
  readonly cut: number;
  readonly isLate: boolean;
  readonly on: readonly OnPart[];
}

function partOf(
  { wall, surface, offset }: StripPart & { surface: Surface },
  sheet: { from: number; to: number },
  on: OnSurface,
): OnPart[] {
  const { minX, maxX, minY, maxY } = surface.extent;
  const [from, to] = [Math.max(minX, sheet.from - offset), Math.min(maxX, sheet.to - offset)];
  if (to - from < leastPart) return [];
  const area = on.areaOf({ minX: from, maxX: to, minY, maxY });
  const height = area > 1 ? heightBetween(surface, from, to) : null;
  if (height === null) return [];
  const isCutOut = wall.openings.some(
    ({ x, width, casing }) => x - casing < to - 1 && x + width + casing > from + 1,
  );
  return [{ wall: wall.id, from, to, height, areaM2: area / 1e6, isCutOut }];
}

function onWall(
  { wall, surface, offset }: StripPart & { surface: Surface },
  found: readonly Found[],
  drops: readonly Drop[],
  width: number,
): SheetsOnWall {
  const list = found.flatMap((sheet, index): PaperSheet[] => {
    const here = sheet.on.find((part) => part.wall === wall.id);
    if (!here) return [];
    const { n, length, cut, roll, phase } = drops[index]!;
    const { from, to } = here;
    return [{ n, from, to, length, cut, roll, phase, isPart: to - from < width - leastPart }];
  });
  const opened = new Set<number>();
  const before = drops.filter(({ from }) => from < surface.extent.minX + offset - leastPart);
  for (const { roll } of before) opened.add(roll);
  const rolls = new Set(list.map(({ roll }) => roll).filter((roll) => roll > 0 && !opened.has(roll)));
  const inner = list
    .slice(1)
    .flatMap(({ from }, index) => (from - list[index]!.to < leastPart ? [from] : []));
  return { list, seams: inner, rolls: rolls.size };
}
