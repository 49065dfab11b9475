import type { Cure } from "../../findings/finding";
import { layOutTapeLines, type TapeLinesLayout } from "./layout";

/** Seeds that are tried, on walls with no more lines than this: each lays the wall out anew. */
const seedsTried = 4;
const mostLines = 24;

/** Another seed that leaves no neighbours alike, or the base among the colours where that leaves fewer. */
export function cureAlike({ spec, strip, context, alike }: TapeLinesLayout): Cure | undefined {
  const { shuffle, id } = spec;
  if (!shuffle || spec.lines.length > mostLines) return undefined;
  const alikeWith = (changed: typeof shuffle) =>
    layOutTapeLines({ ...spec, shuffle: changed }, strip, context).alike;
  for (let more = 1; more <= seedsTried; more++) {
    const changed = { ...shuffle, seed: shuffle.seed + more };
    if (alikeWith(changed) === 0)
      return { kind: "other-seed", count: 0, finish: id, set: { shuffle: changed } };
  }
  const { base } = strip.parts[0]!.wall;
  const changed = { ...shuffle, colours: [...shuffle.colours, base] };
  const helps = !shuffle.colours.includes(base) && alikeWith(changed) < alike;
  return helps ? { kind: "add-base", count: 0, finish: id, set: { shuffle: changed } } : undefined;
}
