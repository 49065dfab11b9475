import type { Sheet } from "../stencil/cutSheet";
import type { Contribution } from "../work/contribution";
import { waitFactor } from "../work/climate";
import type { PrintMethod } from "../work/prints/constants";
import {
  partPrintTables,
  printedPaint,
  printedSundries,
  printSteps,
  type Printing,
} from "../work/prints/printSteps";
import type { Laid, Share, Site } from "./defineFinish";
import { overlaysOf } from "./stencilMotif";

interface PrintingSpec {
  readonly id: string;
  readonly method: PrintMethod;
  readonly fixing: "tape" | "adhesive";
}

/** What printing with a sheet brings to a job, whatever is printed where. */
export function workPrints(
  { layout: { spec }, walls }: Share<Laid<PrintingSpec>>,
  sheet: Sheet,
  { paints, rate, ready, work }: Site,
): Contribution {
  const own: Printing = {
    finish: spec.id,
    method: spec.method,
    fixing: spec.fixing,
    eachMin: rate(spec.method === "brush" ? "stencilBrush_min" : "stencilRoller_min"),
    overlays: overlaysOf(sheet),
    narrowestMm: new Map(sheet.slots.map(({ slot, narrowestMm }) => [slot, narrowestMm])),
    walls,
    paints,
    ready,
    airFactor: waitFactor(work),
  };
  return {
    steps: printSteps(own),
    paint: printedPaint(own),
    sundries: printedSundries(own),
    tables: partPrintTables(own),
    findings: [],
  };
}
