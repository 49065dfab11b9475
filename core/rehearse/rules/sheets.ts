import { printName } from "../words";
import type { Box } from "../../geometry/curve";
import { placeBox } from "../../geometry/placeContour";
import { printDryMin } from "../../trade/constants";
import type { PlanPoint } from "../../plan/planPoint";
import type { PlanMotif, PlanPrint, PlanWall } from "../../plan/planTypes";
import type { Fault } from "../fault";
import type { History } from "../history";
import type { Doing } from "../timeline";

/** Whole minutes that are told hide so much. */
const slackMin = 1;
/** A sheet that only comes near does not touch, mm. */
const touchMm = 0.5;
/** The plastic of a sheet that is not told reaches so far beyond its cell, mm. */
const rimMm = 40;

/** One print as it is made: when its stretch is, what of it is wet, and what its sheet covers. */
interface Made {
  readonly doing: Doing;
  readonly print: PlanPrint;
  readonly open: Box;
  readonly sheet: Box;
}

/**
 * Sheets on wet prints. How long each print takes is not told, only when its stretch begins and ends; so a helper who waits
 * wherever a sheet would lie on something wet has failed only where the stretch is over before all of it can be done: the
 * longest chain of prints that wait for each other does not fit.
 */
export function rehearseSheets(history: History): Fault[] {
  return history.plan.walls.flatMap((wall) => (wall.prints ? sheetsOn(history, wall) : []));
}

function sheetsOn(history: History, wall: PlanWall): Fault[] {
  const dryMin = printDryMin * history.drying.factor;
  const made = madeOn(history, wall);
  const faults: Fault[] = [];
  const done: { readonly at: number; readonly open: Box }[] = [];
  let last = { step: "", at: -Infinity };
  for (const { doing, print, open, sheet } of made) {
    const { from, to, step } = doing;
    const earliest = Math.max(from, last.step === step.id ? last.at : -Infinity);
    let at = earliest;
    for (let place = done.length - 1; place >= 0; place--) {
      const before = done[place]!;
      // What was done longer ago than drying takes holds nothing up, nor does what came before that.
      if (before.at + dryMin <= earliest) break;
      if (before.at + dryMin > at && meets(before.open, sheet)) at = before.at + dryMin;
    }
    if (at > to + slackMin) {
      faults.push(
        history.fault(
          "touches-wet",
          { step: step.id, wall: wall.id },
          print.at,
          to,
          `the sheet of ${printName(print)} lies on prints that are still wet: there is no time to wait for them.`,
        ),
      );
      at = to;
    }
    done.push({ at, open });
    last = { step: step.id, at };
  }
  return faults;
}

function madeOn({ job, doings }: History, { id, prints = [], motifs = [] }: PlanWall): Made[] {
  const known = new Map(prints.flatMap(({ list }) => list.map((print) => [print.id, print] as const)));
  const motifOf = new Map(motifs.map((motif) => [motif.id, motif]));
  const sheetOf = new Map(job.stencils.map((stencil) => [stencil.id, stencil]));
  return doings.flatMap((doing): Made[] => {
    if (doing.did.act !== "print" || doing.did.of !== "print" || doing.wall !== id) return [];
    const print = known.get(doing.id);
    const motif = print && motifOf.get(print.motif);
    if (!print || !motif) return [];
    const open = boxOf(
      motif.cutouts
        .filter(({ overlay }) => overlay === print.overlay)
        .flatMap(({ contours }) => contours.flat()),
    );
    const stencil = sheetOf.get(print.motif.slice(print.motif.indexOf("/") + 1));
    const [width, height] = stencil?.sheet
      ? [stencil.sheet.width, stencil.sheet.height]
      : stencil
        ? [stencil.repeat.x + 2 * rimMm, stencil.repeat.y + 2 * rimMm]
        : sizeOf(motif);
    const sheet = { minX: -width / 2, maxX: width / 2, minY: -height / 2, maxY: height / 2 };
    return [{ doing, print, open: placed(open, print), sheet: placed(sheet, print) }];
  });
}

const sizeOf = ({ face: [[x, y], [right, top]] }: PlanMotif): [number, number] => [right - x, top - y];

function boxOf(points: readonly PlanPoint[]): Box {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { minX: Math.min(...xs), maxX: Math.max(...xs), minY: Math.min(...ys), maxY: Math.max(...ys) };
}

/** As it lies at a print. */
const placed = (box: Box, { at: [x, y], turn, mirrored }: PlanPrint): Box =>
  placeBox(box, { at: { x, y }, turn, mirrored: mirrored === true });

const meets = (a: Box, b: Box): boolean =>
  Math.min(a.maxX, b.maxX) - Math.max(a.minX, b.minX) > touchMm &&
  Math.min(a.maxY, b.maxY) - Math.max(a.minY, b.minY) > touchMm;
