import type { Act } from "../act";
import { waitFor, type StepDraft, type Wait } from "../step";

/** What spatters, drips or makes dust. */
const wetOrDusty: ReadonlySet<Act> = new Set([
  "wash",
  "strip",
  "dull",
  "fill",
  "sand",
  "dust",
  "prime",
  "base",
  "coat",
  "print",
  "seal",
]);

const does = ({ does }: StepDraft, acts: (act: Act) => boolean): boolean => does.some(({ act }) => acts(act));
const isSheet = ({ does }: StepDraft): boolean => does.some(({ of }) => of === "drop");

/** Steps in their order, but paper, and what comes after it, once all is done in the room that is wet or dusty. */
export function paperLast(steps: readonly StepDraft[]): StepDraft[] {
  const late = new Set<string>();
  for (const step of steps)
    if (isSheet(step) || step.after.some((wait) => wait && late.has(wait.step))) late.add(step.id);
  if (late.size === 0) return [...steps];
  const before = steps.filter(({ id }) => !late.has(id));
  const waits = before.flatMap((step): Wait[] =>
    does(step, (act) => wetOrDusty.has(act)) ? [waitFor(step.id)!] : [],
  );
  return [
    ...before,
    ...steps.flatMap((step) =>
      late.has(step.id) ? [isSheet(step) ? { ...step, after: [...step.after, ...waits] } : step] : [],
    ),
  ];
}
