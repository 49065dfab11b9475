import type { Said } from "../findings/speech";
import type { Speech } from "../findings/speech";
import type { Paint } from "../paint/schema";
import { isTaping, paintsIn, type Did } from "./act";
import type { Step } from "./step";
import { eveningWords, said } from "./words";

const inTurn = Object.keys(eveningWords);

/** What is to be ready on the evening before a day, so that it can begin: what its steps ask for, each thing once. */
export function eveningBefore(
  steps: readonly Step[],
  paints: ReadonlyMap<string, Paint>,
  speech: Speech,
): string[] {
  const asked = new Map<string, Said>();
  for (const said of steps.flatMap((step) => [...readyFor(step.does, paints), ...step.evening])) {
    const before = asked.get(said.code);
    asked.set(said.code, before ? { ...said, values: merged(before.values, said.values) } : said);
  }
  const placeOf = ({ code }: Said) => (inTurn.includes(code) ? inTurn.indexOf(code) : inTurn.length);
  return [...asked.values()].sort((a, b) => placeOf(a) - placeOf(b)).map((said) => speech.say(said));
}

/** What work asks for by what it does: tins opened (of what is mixed, those that it is made of), rollers, tape, what is set out with. */
function readyFor(does: readonly Did[], paints: ReadonlyMap<string, Paint>): Said[] {
  const mixed = does.flatMap(({ act, ids }) => (act === "mix" ? ids : []));
  const opened = [...paintsIn({ does }), ...mixed.flatMap((id) => componentsOf(paints.get(id)!))];
  const colours = [...new Set(opened)].filter((id) => !paints.get(id)?.mix);
  const isRolling = does.some(({ tools = [] }) =>
    tools.some((tool) => tool === "liner" || tool === "brush" || tool === "brush-sash"),
  );
  return [
    ...(colours.length > 0 ? [said("ready-tins", { colours })] : []),
    ...(mixed.length > 0 ? [said("ready-mixing", {})] : []),
    ...(does.some(({ act }) => act === "strike") ? [said("ready-setting-out", {})] : []),
    ...(does.some((one) => isTaping(one) && one.of !== "wall") ? [said("ready-tape", {})] : []),
    ...(isRolling ? [said("ready-rollers", {})] : []),
  ];
}

const componentsOf = ({ mix }: Paint): string[] =>
  mix?.parts.flatMap((part) => ("paint" in part ? [part.paint] : [])) ?? [];

/** Lists are joined, each entry once; of everything else the first counts. */
function merged(first: Said["values"], second: Said["values"]): Said["values"] {
  return Object.fromEntries(
    Object.entries(first as Record<string, unknown>).map(([key, value]) => {
      const other = (second as Record<string, unknown>)[key];
      const isList = Array.isArray(value) && Array.isArray(other);
      return [key, isList ? [...new Set([...(value as unknown[]), ...(other as unknown[])])] : value];
    }),
  );
}
