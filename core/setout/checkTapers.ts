import type { Cure, Finding } from "../findings/finding";
import type { WallLine } from "../pattern/pattern";
import { judgeTaper, taperFinding, type Taper } from "../wall/judgeTaper";
import type { Surface } from "../wall/surface";
import type { SideName } from "../wall/wallShape";

/** A set-out line and the wedge between it and a side of the wall. */
export interface LineTaper extends Taper {
  readonly line: WallLine;
}

/** The tapers of the lines that stand nearest to each side: level ones to floor and ceiling, plumb ones to the ends. */
export function listTapers(
  lines: readonly WallLine[],
  surface: Surface,
  viewingDistance: number,
): LineTaper[] {
  return (["bottom", "top", "left", "right"] as const).flatMap((side) => {
    const line = nearestTo(side, lines);
    const taper = line && judgeTaper(line.path, side, surface, viewingDistance);
    return line && taper ? [{ line, ...taper }] : [];
  });
}

function nearestTo(side: SideName, lines: readonly WallLine[]): WallLine | undefined {
  const isLevelSide = side === "top" || side === "bottom";
  const axis = isLevelSide ? "y" : "x";
  const sign = side === "top" || side === "right" ? -1 : 1;
  return lines
    .filter((line) => !line.isTick && runsAlong(line, isLevelSide))
    .reduce<WallLine | undefined>(
      (best, line) => (best && sign * best.path.a[axis] <= sign * line.path.a[axis] ? best : line),
      undefined,
    );
}

/** Slopes up to 3 degrees are looked along a side, as a line is that follows the floor; tan of that. */
const slightSlope = 0.0525;

function runsAlong({ kind, path: { a, b } }: WallLine, isLevelSide: boolean): boolean {
  if (kind !== "slant") return kind === (isLevelSide ? "level" : "plumb");
  const [across, along] = isLevelSide ? [b.y - a.y, b.x - a.x] : [b.x - a.x, b.y - a.y];
  return Math.abs(across) < slightSlope * Math.abs(along);
}

/** Lines whose wedge against a side that is out may show or will. */
export function checkTapers(
  tapers: readonly LineTaper[],
  viewingDistance: number,
  cureOf: (line: WallLine, side: SideName) => Cure | null,
): Finding[] {
  return tapers
    .filter(({ verdict }) => verdict !== "won't show")
    .map(({ line, ...taper }) => {
      const severity = taper.verdict === "will show" ? "check" : "note";
      const finding = taperFinding(line.between ?? line.use, line.path, taper, severity, viewingDistance);
      const cure = cureOf(line, taper.side);
      return cure ? { ...finding, cure } : finding;
    });
}
