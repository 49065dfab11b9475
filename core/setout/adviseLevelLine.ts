import type { Finding } from "../findings/finding";
import { roundToDivision } from "../measure/roundToDivision";
import { levellingTools } from "../trade/constants";
import { heightAt } from "../wall/polyline";
import type { Surface } from "../wall/surface";
import { chooseLevelLine, crossedBy, floorAtLeft, isWithinReach } from "./chooseLevelLine";

/** Where the level line is (or should be struck), how to draw it, and how to prove it. Lengths in mm. */
export interface LevelLineAdvice {
  readonly at: number;
  readonly aboveFloor: number;
  readonly crosses: readonly string[];
  readonly isWithinReach: boolean;
  /** A height that is clear and in reach where the surveyed line is not; from the datum. */
  readonly better: number | null;
  readonly ticks: readonly { readonly tool: string; readonly every: number }[];
  /** A reading down to the floor far from the start: the same after the laser has moved, or the line has moved too. */
  readonly proof: { readonly x: number; readonly down: number };
}

/** A line struck at one end and the tool laid from tick to tick: it must always meet two, so they stand half its length apart. */
const ticksPerTool = 2;

/** Advice for the level line of a wall: a survey's own, or where to strike one on a quick wall. */
export function adviseLevelLine(surface: Surface, tapeDivision: number): LevelLineAdvice {
  const { wall, shape, extent } = surface;
  const floor = floorAtLeft(surface);
  const chosen = floor + roundToDivision(chooseLevelLine(surface) - floor, tapeDivision);
  // What lies on a table is read from its lower edge.
  const at = wall.survey || wall.object ? 0 : chosen;
  const crosses = crossedBy(surface, at);
  const inReach = isWithinReach(surface, at);
  const isFine = wall.object !== undefined || (crosses.length === 0 && inReach);
  const hasBetter = !isFine && crossedBy(surface, chosen).length === 0;
  const x = wall.survey ? wall.survey.stations.at(-1)!.x : extent.maxX;
  return {
    at,
    aboveFloor: at - floor,
    crosses,
    isWithinReach: inReach,
    better: hasBetter && chosen !== at ? chosen : null,
    ticks: Object.entries(levellingTools).map(([tool, length]) => {
      const gaps = Math.max(1, Math.ceil((ticksPerTool * wall.width) / length));
      return { tool, every: roundToDivision(wall.width / gaps, tapeDivision) };
    }),
    proof: { x, down: at - heightAt(shape.floor, x, "highest") },
  };
}

/** A surveyed line that runs across things or out of reach. A quick wall's line is chosen so that it does not. */
export function checkLevelLine(advice: LevelLineAdvice | null, isSurveyed: boolean): Finding[] {
  if (!advice || !isSurveyed) return [];
  const { at, crosses, aboveFloor, better } = advice;
  const findings: Finding[] = [];
  if (crosses.length > 0) {
    const values = { things: crosses, better };
    findings.push({ code: "level-line-crosses", severity: "note", values, at: { x: 0, y: at } });
  }
  if (!advice.isWithinReach) {
    findings.push({
      code: "level-line-reach",
      severity: "note",
      values: { aboveFloor, better },
      at: { x: 0, y: at },
    });
  }
  return findings;
}
