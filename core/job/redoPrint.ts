import type { Speech } from "../findings/speech";
import { judgeDifference, visibleTolerance, type Visibility } from "../trade/visibleDifference";
import { waitFactor } from "../work/climate";
import type { Mending } from "../work/mend/mendPlan";
import { partPrintFactor, printDryMin } from "../work/prints/constants";
import type { PlanPrint } from "./planPrintTypes";
import type { PlanWall } from "./planTypes";
import type { Job } from "./schema";

/** What is to be done about a print that sits wrong. */
export interface Redo {
  readonly verdict: Visibility;
  /** Up to so much is not seen from where people stand, mm. */
  readonly tolerance: number;
  /** None where it stays as it is. */
  readonly steps: readonly Mending[];
  /** Of hands, and with all that dries between. */
  readonly minutes: number;
  readonly wholeMin: number;
}

const baseOutMin = 8;
const markingMin = 3;
const printMin = 3;

/**
 * Mends one misprint, by its id in the plan, that sits `offMm` beside its place: judged against its own size from where
 * people stand; where it shows, the place is based out, dries until tape and a sheet may lie on it, is marked anew from the datum, and every
 * overlay of it is printed again in its turn. Null for an id that is not on the wall.
 */
export function redoPrint(
  job: Job,
  plan: PlanWall,
  printId: string,
  offMm: number,
  speech: Speech,
): Redo | null {
  const all = (plan.prints ?? []).flatMap(({ list }) => list);
  const print = all.find(({ id }) => id === printId);
  const wall = job.walls.find(({ id }) => id === plan.id);
  const under = job.paints.find(({ id }) => id === wall?.base);
  if (!print || !under) return null;
  const tolerance = visibleTolerance(Math.min(print.width, print.height), job.viewingDistance);
  const verdict = judgeDifference(Math.abs(offMm), tolerance);
  if (verdict === "won't show") return { verdict, tolerance, steps: [], minutes: 0, wholeMin: 0 };
  const factor = waitFactor(job.work);
  const overlays = all
    .filter((other) => other.row === print.row && other.column === print.column && isSamePlace(other, print))
    .sort((a, b) => a.order - b.order);
  const steps: Mending[] = [
    {
      say: `Base it out with ${speech.paint(under.id)}, as often as it shows through; what is still wet is wiped off first.`,
      minutes: baseOutMin,
      dryMin: Math.ceil(under.tapeOverMin * factor),
    },
    { say: markAnew(print, wall?.survey !== undefined, speech), minutes: markingMin, dryMin: 0 },
    ...overlays.map((overlay, index): Mending => ({
      say: `Print ${overlays.length > 1 ? `overlay ${overlay.overlay} of it` : "it"} again in ${paintsOf(overlay, plan).map(speech.paint).join(" and ")}, the tool nearly dry.`,
      minutes: printMin * (overlay.share < 1 ? partPrintFactor : 1),
      dryMin: index < overlays.length - 1 ? Math.ceil(printDryMin * factor) : 0,
    })),
  ];
  const minutes = steps.reduce((sum, step) => sum + step.minutes, 0);
  const wholeMin = minutes + steps.reduce((sum, { dryMin }) => sum + dryMin, 0);
  return { verdict, tolerance, steps, minutes, wholeMin };
}

const sameMm = 0.01;
const isSamePlace = (a: PlanPrint, b: PlanPrint): boolean =>
  Math.abs(a.at[0] - b.at[0]) < sameMm && Math.abs(a.at[1] - b.at[1]) < sameMm;

function markAnew({ at: [x, y] }: PlanPrint, isSurveyed: boolean, speech: Speech): string {
  const height = isSurveyed
    ? `${speech.length(Math.abs(y))} ${y < 0 ? "below" : "above"} the level line`
    : `${speech.length(y)} up from the floor at the left`;
  return `Mark its middle anew from the datum, ${speech.length(x)} from the left plumb line and ${height}; never from the print beside it.`;
}

const paintsOf = ({ motif, overlay }: PlanPrint, { motifs = [] }: PlanWall): string[] => [
  ...new Set(
    motifs
      .filter(({ id }) => id === motif)
      .flatMap(({ cutouts }) => cutouts.filter((cut) => cut.overlay === overlay).map(({ colour }) => colour)),
  ),
];
