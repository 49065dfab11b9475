import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import { finishStep } from "../../work/keys";
import type { StepDraft } from "../../work/step";
import type { Wall } from "../../wall/schema";
import type { FinishPart, Site } from "../defineCraft";
import { sheetsOn } from "../workPrints";
import type { StencilFieldLayout } from "./layout";
import { readFirst, ticksDrift } from "./ticks";

/** To lay the sheet by two ticks and make those of the places beside it, minutes. */
const eachMin = 0.5;

export const ticksStep = (wall: Wall, finish: string): string => finishStep(wall.id, finish, "ticks");

/**
 * The sheet is walked over all places dry before any is printed, from one that is read from the datum: then every place has
 * its ticks, in whatever turn prints are made so that none lies on a wet one.
 */
export function tickSteps({ layout, walls }: FinishPart<StencilFieldLayout>, site: Site): StepDraft[] {
  const { spec } = layout;
  const first = readFirst(layout);
  if (spec.register !== "ticks" || !first) return [];
  const { columns } = ticksDrift(layout);
  const count = Math.max(...layout.places.map(({ column }) => column));
  return walls.flatMap((on): StepDraft[] => {
    const { wall, placements } = on;
    const overlay = placements[0]?.overlay;
    const ids = placements.filter((print) => print.overlay === overlay).map(({ id }) => id);
    if (ids.length === 0) return [];
    return [
      {
        id: ticksStep(wall, spec.id),
        phase: "set-out",
        verb: "tick",
        wall: wall.id,
        does: [did("mark", "print", ids, { tools: ["tool-measure"], heightMm: heightOf(wall) })],
        minutes: ids.length * eachMin,
        after: site.readyForTape(wall, sheetsOn(on)),
        say: {
          code: "print-ticks",
          values: {
            wall: wall.id,
            places: ids.length,
            column: first.column,
            row: first.row,
            every: count > columns ? columns : null,
          },
        },
        cautions: [],
        evening: [],
      },
    ];
  });
}
