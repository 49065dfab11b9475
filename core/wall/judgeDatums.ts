import { segment } from "../geometry/curve";
import type { Visibility } from "../trade/visibleDifference";
import { heightAt, offsetAt } from "./polyline";
import { judgeTaper, type Taper } from "./judgeTaper";
import type { Surface } from "./surface";
import { insideTrim } from "./wallShape";

export type DatumChoice = "level" | "floor" | "ceiling" | "split";

/** A horizontal line drawn by one datum, and the wedge that it leaves at the nearer of floor and ceiling. */
export interface JudgedDatum {
  readonly choice: DatumChoice;
  readonly against: "floor" | "ceiling";
  /** Gaps at the left and at the right end, mm. */
  readonly left: number;
  readonly right: number;
  /** Between the greatest and the least gap. */
  readonly taper: number;
  readonly verdict: Visibility;
  /** How far its right end stands above its left, mm. */
  readonly rise: number;
}

export interface DatumAdvice {
  readonly datums: readonly JudgedDatum[];
  readonly recommended: DatumChoice;
}

/**
 * What a line at the height y (at the left end) would show if it were level, followed the floor or the ceiling, or
 * split the difference between level and the nearer of the two. Recommended is the most level one that won't show;
 * where none is level enough, the line follows. Null where y is not on the wall.
 */
export function judgeDatums(surface: Surface, y: number, viewingDistance: number): DatumAdvice | null {
  const { wall, shape } = surface;
  const inside = insideTrim(shape, wall.skirting, wall.cornice);
  const [x0, x1] = [offsetAt(shape.left, y), offsetAt(shape.right, y)];
  const risesBy = (side: "floor" | "ceiling") => {
    const pick = side === "floor" ? "highest" : "lowest";
    return heightAt(inside[side], x1, pick) - heightAt(inside[side], x0, pick);
  };
  const judge = (choice: DatumChoice, rise: number): JudgedDatum | null => {
    const line = segment({ x: x0, y }, { x: x1, y: y + rise });
    const followed = choice === "floor" ? "bottom" : choice === "ceiling" ? "top" : null;
    const tapers = (["top", "bottom"] as const).flatMap((side) => {
      const taper = judgeTaper(line, side, surface, viewingDistance);
      // A line that follows a side keeps its distance from it, whatever the side does between its ends.
      return taper ? [side === followed ? evenAt(taper) : taper] : [];
    });
    const near = tapers.sort((a, b) => a.least - b.least)[0];
    return near ? { choice, rise, ...describe(near) } : null;
  };
  if (y <= heightAt(inside.floor, x0, "highest") || y >= heightAt(inside.ceiling, x0, "lowest")) return null;
  const level = judge("level", 0);
  if (!level) return null;
  const nearer = risesBy(level.against);
  const datums = [
    level,
    judge("floor", risesBy("floor")),
    judge("ceiling", risesBy("ceiling")),
    judge("split", nearer / 2),
  ].filter((datum): datum is JudgedDatum => datum !== null);
  return { datums, recommended: recommend(datums, level.against) };
}

const evenAt = (taper: Taper): Taper => ({
  ...taper,
  last: taper.first,
  least: taper.first,
  most: taper.first,
  verdict: "won't show",
});

const describe = ({ side, first, last, least, most, verdict }: Taper) =>
  ({
    against: side === "top" ? "ceiling" : "floor",
    left: first,
    right: last,
    taper: most - least,
    verdict,
  }) as const;

function recommend(datums: readonly JudgedDatum[], nearest: "floor" | "ceiling"): DatumChoice {
  const hides = (choice: DatumChoice) =>
    datums.some((datum) => datum.choice === choice && datum.verdict === "won't show");
  return hides("level") ? "level" : hides("split") ? "split" : nearest;
}
