import type { Speech } from "../findings/speech";
import { formatReading } from "../measure/formatReading";
import { roundToDivision } from "../measure/roundToDivision";
import { listLater } from "../setout/listLater";
import { washableDays } from "../trade/constants";
import { nameOf } from "../wall/surface";
import type { OrderedWall } from "./orderedWall";
import type { PlanWall } from "../plan/planTypes";
import type { Job } from "./schema";

/** What goes up over the finished work of a wall: where to drill, what it hides, and not before when. */
export function describeLater(
  { units, tapeDivision }: Pick<Job, "units" | "tapeDivision">,
  { wall, laid }: OrderedWall,
  speech: Speech,
): Pick<PlanWall, "later"> {
  const later = listLater(wall, laid!.pattern);
  if (later.length === 0) return {};
  const reading = (mm: number) => formatReading(roundToDivision(Math.abs(mm), tapeDivision), units);
  return {
    later: later.map(({ thing, fixings, hidesMm }) => ({
      id: thing.id,
      fixings: fixings.map(({ x, y }) => ({
        at: [x, y],
        along: reading(x),
        up: `${reading(y)}${y < 0 ? " down" : ""}`,
      })),
      hides_m: hidesMm / 1000,
      notBefore_days: washableDays,
      say: `${nameOf(thing)}: up not before ${washableDays} days after the last coat. Look for cables and pipes before drilling.${hidesMm > 0 ? ` It hides ${speech.run(hidesMm / 1000)} of edge, which need not be crisp.` : ""}`,
    })),
  };
}
