import type { Said, Speech, Values } from "./speech";

/** Sentences by what they are called, each made of its own values in the job's own units. */
export type Words = Readonly<Record<string, Saying>>;

/** (Written as a method so that sentences of different values can stand in one list.) */
type Saying = { say(values: Values, speech: Speech): string }["say"];

/** The values that a sentence is made of. */
export type ValuesOf<Sentence> = Sentence extends (values: infer Own, ...rest: never[]) => string
  ? unknown extends Own
    ? Record<never, never>
    : Own
  : never;

/** Says it; throws for what has no words, which a test of all words finds first. */
export function speak({ code, values }: Said, words: Words, speech: Speech): string {
  const saying = Object.hasOwn(words, code) ? words[code] : undefined;
  if (!saying) throw new Error(`There are no words for ${code}`);
  return saying(values, speech);
}
