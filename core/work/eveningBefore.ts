import type { Said } from "../findings/speech";
import type { Speech } from "../findings/speech";
import type { Step } from "./step";
import { eveningWords } from "./words";

const inTurn = Object.keys(eveningWords);

/** What is to be ready on the evening before a day, so that it can begin: what its steps ask for, each thing once. */
export function eveningBefore(steps: readonly Step[], speech: Speech): string[] {
  const asked = new Map<string, Said>();
  for (const said of steps.flatMap(({ evening }) => evening)) {
    const before = asked.get(said.code);
    asked.set(said.code, before ? { ...said, values: merged(before.values, said.values) } : said);
  }
  const placeOf = ({ code }: Said) => (inTurn.includes(code) ? inTurn.indexOf(code) : inTurn.length);
  return [...asked.values()].sort((a, b) => placeOf(a) - placeOf(b)).map((said) => speech.say(said));
}

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
