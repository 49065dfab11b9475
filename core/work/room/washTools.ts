import { groupBy } from "../../geometry/groupBy";
import { did, paintsIn } from "../act";
import { washStep } from "../keys";
import type { WorkInput } from "../workInput";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";

/** Whether a step puts its paint on with a roller out of a tray, as against stamps, spreaders and brushes of its own. */
export const isRolled = ({ does }: Pick<StepDraft, "does">): boolean =>
  does.some(({ rolledM2 }) => rolledM2 !== undefined);

/** A colour's tools are washed once a session, after the last wall that uses it; between coats they are wrapped. */
export function washTools(steps: readonly StepDraft[], { work, paints }: WorkInput): StepDraft[] {
  return [...paints.keys()].flatMap((colour) => {
    const own = steps.filter((step) => step.session !== undefined && paintsIn(step).includes(colour));
    return [...groupBy(own, ({ session }) => session!)].map(([session, used], index): StepDraft => ({
      id: washStep(colour, session),
      phase: "clean",
      verb: "wash-tools",
      does: [did("clean", "tool", [colour], { pass: index + 1 })],
      colour,
      round: used[0]!.round,
      minutes: work.rates.washingUp_min,
      after: used.map(({ id }) => waitFor(id)),
      say: said("wash-tools", { colour, isRolled: used.some(isRolled) }),
      cautions: [said("care-drain", {})],
      evening: [],
    }));
  });
}
