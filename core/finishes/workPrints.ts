import { rimAround, type StencilSheet } from "../stencil/cutSheet";
import type { Contribution } from "../work/contribution";
import { waitFactor } from "../trade/climate";
import { brushSizeFor, foamRollerMm, type PrintMethod } from "../work/prints/constants";
import { checkPartPrints } from "../work/prints/partPrints";
import { printedSundries } from "../work/prints/needs";
import { paintOfPrints } from "../work/prints/paintOfPrints";
import type { Printing } from "../work/prints/printing";
import { partPrintTables, printSteps } from "../work/prints/printSteps";
import { severalColoursTables } from "../work/prints/severalColours";
import { paceOfPrinting } from "./printingKeys";
import { piecesOf } from "./severalColours";
import type { Box } from "../geometry/curve";
import { placedSheets } from "../work/prints/placedSheets";
import type { FinishPart, PartOfWall, Site } from "./defineCraft";
import type { Laid } from "./defineFinish";

interface PrintingSpec {
  readonly id: string;
  readonly stencil: string;
  readonly colours: Readonly<Record<string, string>>;
  readonly printBy: "print" | "colour";
  readonly shades: Readonly<Record<string, string>>;
  readonly method: PrintMethod;
  readonly fixing: "tape" | "adhesive";
}

/** How prints follow each other, and the sheets that are used. */
interface Way {
  readonly sheets: readonly StencilSheet[];
  readonly passes: Printing["passes"];
  readonly by: Printing["by"];
  readonly carried: Printing["carried"];
  readonly hasTopSheet?: boolean;
}

/** By overlay; a corner's own sheet may have one of the same name. */
function rimsOf(sheets: readonly StencilSheet[]): Map<string, number> {
  const rims = new Map<string, number>();
  for (const sheet of sheets)
    for (const { overlay, contours } of sheet.slots)
      rims.set(overlay, Math.min(rims.get(overlay) ?? Infinity, rimAround(sheet, contours)));
  return rims;
}

/** Where the plastic of all prints on a wall comes to lie. */
export const sheetsOn = ({ placements, motifs }: PartOfWall): Box[] =>
  placedSheets(placements, motifs).map(({ sheet }) => sheet);

/** The widest that is used. */
const toolWidth = (method: PrintMethod, sheets: readonly StencilSheet[]): number =>
  method === "roller"
    ? foamRollerMm
    : Math.max(...sheets.flatMap(({ slots }) => slots.map(({ narrowestMm }) => brushSizeFor(narrowestMm))));

/** What printing with sheets brings to a job, whatever is printed where. */
export function workPrints(
  { layout: { spec, context }, walls }: FinishPart<Laid<PrintingSpec>>,
  { passes, by, carried, sheets, hasTopSheet = false }: Way,
  { paints, rate, readyForTape, work }: Site,
): Contribution {
  const cutouts = walls.flatMap(({ motifs }) => motifs.flatMap((motif) => motif.cutouts));
  const paintOf = new Map(cutouts.map(({ slot, paint }) => [slot, paint]));
  const own: Printing = {
    finish: spec.id,
    method: spec.method,
    fixing: spec.fixing,
    eachMin: rate(paceOfPrinting(spec)),
    passes,
    by,
    carried,
    hasTopSheet,
    pieces: piecesOf(spec, sheets, context),
    shades: new Map(Object.entries(spec.shades)),
    holes: sheets.flatMap(({ slots }) =>
      slots.map(({ slot, narrowestMm }) => ({ slot, narrowestMm, paint: paintOf.get(slot) ?? slot })),
    ),
    rimsMm: rimsOf(sheets),
    toolMm: toolWidth(spec.method, sheets),
    walls,
    paints,
    readyForTape: (wall) =>
      readyForTape(
        wall,
        walls.filter((on) => on.wall.id === wall.id).flatMap((on) => sheetsOn(on)),
      ),
    airFactor: waitFactor(work),
  };
  return {
    steps: printSteps(own),
    paint: paintOfPrints(own),
    sundries: printedSundries(own),
    tables: [...partPrintTables(own), ...severalColoursTables(own.pieces)],
    findings: checkPartPrints(own),
  };
}
