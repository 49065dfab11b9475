import type { Said } from "../../findings/speech";
import { inOrderOfMaking } from "../../paint/mix";
import type { Paint } from "../../paint/schema";
import { floorCovered } from "./protectRoom";
import { paintsIn, waitFor, type StepDraft } from "../step";
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
  const stepOf = (paint: string) => `mix/${paint}`;
  const isMade = (paint: string) => made.some(({ id }) => id === paint);
  const mixing = made.map(({ id, mix }): StepDraft => {
    const parts = mix!.parts.map((part) => ({
      paint: "paint" in part ? part.paint : null,
      parts: part.parts,
    }));
    const components = parts.flatMap(({ paint }) => (paint === null ? [] : [paint]));
    return {
      id: stepOf(id),
      phase: "protect",
      verb: "mix",
      minutes: mixingMin,
      after: [floorCovered, ...components.filter(isMade).map((paint) => waitFor(stepOf(paint)))],
      say: said("mix", { colour: id, parts }),
      cautions: [],
      evening: [
        said("ready-tins", { colours: components.filter((paint) => !isMade(paint)) }),
        said("ready-mixing", {}),
      ],
    };
  });
  const mixedFirst = steps.map((step) => {
    const own = paintsIn(step).filter(isMade);
    const evening = withoutMixes(step.evening, isMade);
    return own.length === 0
      ? { ...step, evening }
      : { ...step, evening, after: [...step.after, ...own.map((paint) => waitFor(stepOf(paint)))] };
  });
  // Once the floor is covered, before anything is opened.
  const place = steps.findIndex(({ id }) => id === floorCovered.step) + 1;
  return [...mixedFirst.slice(0, place), ...mixing, ...mixedFirst.slice(place)];
}

const withoutMixes = (evening: readonly Said[], isMade: (paint: string) => boolean): Said[] =>
  evening.flatMap((line): Said[] => {
    if (line.code !== "ready-tins") return [line];
    const colours = (line.values as { colours: readonly string[] }).colours.filter((paint) => !isMade(paint));
    return colours.length === 0 ? [] : [said("ready-tins", { colours })];
  });
