import { inOrderOfMaking } from "../../paint/mix";
import type { Paint } from "../../paint/schema";
import { did, paintsIn } from "../act";
import { mixStep } from "../keys";
import { floorCovered } from "./protectRoom";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";

/** Measuring, stirring to the bottom, boxing batches, and a dab dried beside the sample. */
const mixingMin = 15;

/** The steps with what they are painted in mixed before them; what is mixed is not opened, but what it is made of is. */
export function mixPaints(steps: readonly StepDraft[], paints: ReadonlyMap<string, Paint>): StepDraft[] {
  const mixed = [...paints.values()].filter(({ mix }) => mix);
  if (mixed.length === 0) return [...steps];
  const needed = new Set(steps.flatMap(paintsIn));
  const { order } = inOrderOfMaking([...paints.values()]);
  for (const { id, mix } of order)
    if (mix && needed.has(id)) for (const part of mix.parts) if ("paint" in part) needed.add(part.paint);
  const made = [...order].reverse().filter(({ id, mix }) => mix && needed.has(id));
  const isMade = (paint: string) => made.some(({ id }) => id === paint);
  const mixing = made.map(({ id, mix }): StepDraft => {
    const parts = mix!.parts.map((part) => ({
      paint: "paint" in part ? part.paint : null,
      parts: part.parts,
    }));
    const components = parts.flatMap(({ paint }) => (paint === null ? [] : [paint]));
    return {
      id: mixStep(id),
      phase: "protect",
      verb: "mix",
      does: [did("mix", "paint", [id])],
      minutes: mixingMin,
      after: [floorCovered, ...components.filter(isMade).map((paint) => waitFor(mixStep(paint)))],
      say: said("mix", { colour: id, parts }),
      cautions: [],
      evening: [],
    };
  });
  const mixedFirst = steps.map((step) => {
    const own = paintsIn(step).filter(isMade);
    return own.length === 0
      ? step
      : { ...step, after: [...step.after, ...own.map((paint) => waitFor(mixStep(paint)))] };
  });
  // Once the floor is covered, before anything is opened.
  const place = steps.findIndex(({ id }) => id === floorCovered.step) + 1;
  return [...mixedFirst.slice(0, place), ...mixing, ...mixedFirst.slice(place)];
}
