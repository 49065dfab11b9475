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

/**
 * The uses of a colour's tools from wetting them to washing them: those of one round, or of one finish, and the next round's
 * too where that is due, by the labels, while they stay wet in their wrapping.
 */
export function toolSessions(steps: readonly StepDraft[]): (colour: string) => StepDraft[][] {
  const times = timesByLabels(steps);
  return (colour) => {
    const own = steps.filter((step) => step.session !== undefined && paintsIn(step).includes(colour));
    const sessions: StepDraft[][] = [];
    for (const used of groupBy(own, ({ session }) => session!).values()) {
      const before = sessions.at(-1);
      const due = Math.min(...used.map(({ id }) => times.get(id)!.start));
      const done = before && Math.max(...before.map(({ id }) => times.get(id)!.end));
      const isWrapped = done !== undefined && due - done <= wrappedMin;
      if (before && isWrapped && before.some(isRolled) && used.some(isRolled)) before.push(...used);
      else sessions.push([...used]);
    }
    return sessions;
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
  return [...paints.keys()].flatMap((colour) =>
    sessionsOf(colour).map((used, index): StepDraft => ({
      id: washStep(colour, used.at(-1)!.session!),
      phase: "clean",
      verb: "wash-tools",
      does: [did("clean", "tool", [colour], { pass: index + 1 })],
      colour,
      round: used.at(-1)!.round,
      minutes: work.rates.washingUp_min,
      after: used.map(({ id }) => waitFor(id)),
      say: said("wash-tools", { colour, isRolled: used.some(isRolled) }),
      cautions: [said("care-drain", {})],
      evening: [],
    })),
  );
}
