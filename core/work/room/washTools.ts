import { groupBy } from "../../geometry/groupBy";
import { did, paintsIn } from "../act";
import { washStep } from "../keys";
import type { WorkInput } from "../workInput";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";

/** Whether a step puts its paint on with a roller out of a tray, as against stamps, spreaders and brushes of its own. */
export const isRolled = ({ does }: Pick<StepDraft, "does">): boolean =>
  does.some(({ rolledM2 }) => rolledM2 !== undefined);

/** Wrapped tools stay wet for so long between two uses, minutes by the labels. */
const wrappedMin = 360;

/** What a step's paint is put on with: a roller out of a tray, or what finishes have for it; what is done anew is begun with clean ones. */
const toolsOf = (step: StepDraft): string =>
  `${isRolled(step) ? "roller" : "own"} ${step.isAnew ? step.session : ""}`;

/**
 * The uses of a colour's tools from wetting them to washing them: all that is done with the same ones, as long as the next
 * use is due, by the labels, while they stay wet in their wrapping.
 */
export function toolSessions(steps: readonly StepDraft[]): (colour: string) => StepDraft[][] {
  const times = timesByLabels(steps);
  return (colour) => {
    const own = steps.filter((step) => step.session !== undefined && paintsIn(step).includes(colour));
    const inTurn = own.sort((a, b) => times.get(a.id)!.start - times.get(b.id)!.start);
    return [...groupBy(inTurn, toolsOf).values()].flatMap((uses) => {
      const sessions: StepDraft[][] = [];
      let wetUntil = -Infinity;
      for (const use of uses) {
        const { start, end } = times.get(use.id)!;
        if (start <= wetUntil) sessions.at(-1)!.push(use);
        else sessions.push([use]);
        wetUntil = Math.max(wetUntil, end + wrappedMin);
      }
      return sessions;
    });
  };
}

/** When steps could be done if nothing but waits held them, as the labels count them, whatever the painter's school. */
function timesByLabels(steps: readonly StepDraft[]) {
  const times = new Map<string, { readonly start: number; readonly end: number }>();
  for (const { id, after, minutes } of steps) {
    const start = Math.max(
      0,
      ...after.flatMap((wait) => {
        const before = wait && times.get(wait.step);
        return before ? [before.end + (wait.byLabel ?? wait.minutes)] : [];
      }),
    );
    times.set(id, { start, end: start + minutes });
  }
  return times;
}

/** A colour's tools are washed once a session, after the last wall that uses it; between coats they are wrapped. */
export function washTools(steps: readonly StepDraft[], { work, paints }: WorkInput): StepDraft[] {
  const sessionsOf = toolSessions(steps);
  return [...paints.keys()].flatMap((colour) => {
    const named = new Map<string, number>();
    return sessionsOf(colour).map((used, index): StepDraft => {
      const { session, round } = used.at(-1)!;
      const time = (named.get(session!) ?? 0) + 1;
      named.set(session!, time);
      return {
        id: washStep(colour, session!, time),
        phase: "clean",
        verb: "wash-tools",
        does: [did("clean", "tool", [colour], { pass: index + 1 })],
        colour,
        round,
        minutes: work.rates.washingUp_min,
        after: used.map(({ id }) => waitFor(id)),
        say: said("wash-tools", { colour, isRolled: used.some(isRolled) }),
        cautions: [said("care-drain", {})],
        evening: [],
      };
    });
  });
}
