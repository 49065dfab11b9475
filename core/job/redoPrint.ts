import { printDryMin } from "../trade/constants";
import { listed } from "../findings/listed";
import type { Speech } from "../findings/speech";
import { isInsideContour, polygonContour } from "../geometry/contour";
import { judgeDifference, visibleTolerance, type Visibility } from "../trade/visibleDifference";
import { waitFactor } from "../trade/climate";
import { mendingOf, type Mending, type MendPlan } from "../work/mend/mendPlan";
import { redoing } from "../work/mend/mishaps";
import { partPrintFactor } from "../work/prints/constants";
import type { PlanPrint } from "../plan/planPrintTypes";
import type { PlanPoint } from "../plan/planPoint";
import type { PlanWall } from "../plan/planTypes";
import type { Job } from "./schema";

/** What is to be done about a print that sits wrong; no step where it stays as it is. */
export interface Redo extends MendPlan {
  readonly verdict: Visibility;
  /** Up to so much is not seen from where people stand, mm. */
  readonly tolerance: number;
}

/**
 * Mends one misprint, by its id in the plan, that sits `offMm` beside its place: judged against its own size from where
 * people stand; where it shows, the place is painted out in what lies under it, dries until a sheet may be taped there, is
 * marked anew from the datum, and every overlay of it is printed again in its turn. Null for an id that is not on the wall.
 */
export function redoPrint(
  job: Job,
  plan: PlanWall,
  printId: string,
  offMm: number,
  speech: Speech,
): Redo | null {
  const own = (plan.prints ?? []).find(({ list }) => list.some(({ id }) => id === printId));
  const print = own?.list.find(({ id }) => id === printId);
  const wall = job.walls.find(({ id }) => id === plan.id);
  if (!own || !print || !wall) return null;
  const ground = paintAt(plan, print.at) ?? wall.base;
  const under = job.paints.find(({ id }) => id === ground);
  if (!under) return null;
  const tolerance = visibleTolerance(Math.min(print.width, print.height), job.viewingDistance);
  const verdict = judgeDifference(Math.abs(offMm), tolerance);
  if (verdict === "won't show") return { verdict, tolerance, ...mendingOf([]) };
  const factor = waitFactor(job.work);
  const overlays = own.list.filter((other) => isSamePlace(other, print)).sort((a, b) => a.order - b.order);
  const shades = shadesOf(job, own.finish);
  const steps: Mending[] = [
    {
      say: `Base it out with ${speech.paint(under.id)}, as often as it shows through; what is still wet is wiped off first.`,
      minutes: redoing.baseOutMin,
      dryMin: Math.ceil(under.tapeOverMin * factor),
    },
    { say: markAnew(print, wall.survey !== undefined, speech), minutes: redoing.markMin, dryMin: 0 },
    ...overlays.map((overlay, index): Mending => ({
      say: `Print ${overlays.length > 1 ? `overlay ${overlay.overlay} of it` : "it"} again in ${inPaints(overlay, plan, shades, speech)}, the tool nearly dry.`,
      minutes: redoing.printMin * (overlay.share < 1 ? partPrintFactor : 1),
      dryMin: index < overlays.length - 1 ? Math.ceil(printDryMin * factor) : 0,
    })),
  ];
  return { verdict, tolerance, ...mendingOf(steps) };
}

/** The paint of the piece of the wall that a place lies in. */
function paintAt({ regions }: PlanWall, [x, y]: PlanPoint): string | undefined {
  const isIn = (ring: readonly PlanPoint[]) =>
    isInsideContour({ x, y }, polygonContour(ring.map(([u, v]) => ({ x: u, y: v }))));
  return regions.find(({ outline, holes }) => isIn(outline) && !holes.some(isIn))?.colour;
}

/** The second paints of a finish's sheet, by the colour of its holes. */
function shadesOf({ finishes }: Job, finishId: string): Readonly<Record<string, string>> {
  const finish = finishes.find(({ id }) => id === finishId);
  return finish && "shades" in finish ? finish.shades : {};
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

/** `kelp and brine`, `kelp, shaded in brine`. */
function inPaints(
  { motif, overlay }: PlanPrint,
  { motifs = [] }: PlanWall,
  shades: Readonly<Record<string, string>>,
  speech: Speech,
): string {
  const holes = motifs
    .filter(({ id }) => id === motif)
    .flatMap(({ cutouts }) => cutouts.filter((cut) => cut.overlay === overlay));
  const named = (ids: readonly string[]) => listed([...new Set(ids)].map((id) => speech.paint(id)));
  const shaded = holes.flatMap(({ slot }) => shades[slot] ?? []);
  return `${named(holes.map(({ colour }) => colour))}${shaded.length > 0 ? `, shaded in ${named(shaded)}` : ""}`;
}
