/** By the input: what many owners are asked of is written once. Inputs are never changed. */
const keys = new WeakMap<object, string>();

function keyOf(input: unknown): string {
  if (typeof input !== "object" || input === null) return JSON.stringify(input);
  let key = keys.get(input);
  if (key === undefined) keys.set(input, (key = JSON.stringify(input)));
  return key;
}

interface Kept<Answer> {
  readonly key: string;
  readonly answer: Answer;
}

/**
 * Keeps the last answer of each owner, a name or an object, and gives it again for the very same input: the key is all of that
 * input, so what works out an answer is to be given nothing but the input.
 */
export class Keeping<Answer> {
  private readonly byName = new Map<string, Kept<Answer>>();
  private readonly byObject = new WeakMap<object, Kept<Answer>>();

  answer(owner: string | object, input: unknown, work: () => Answer): Answer {
    const key = keyOf(input);
    const before = typeof owner === "string" ? this.byName.get(owner) : this.byObject.get(owner);
    if (before?.key === key) return before.answer;
    const kept = { key, answer: work() };
    if (typeof owner === "string") this.byName.set(owner, kept);
    else this.byObject.set(owner, kept);
    return kept.answer;
  }
}

/** Keeps every answer of an owner, by its input: what several ask of the same thing, each its own. */
export class KeepingAll<Answer> {
  private readonly kept = new WeakMap<object, Map<string, Answer>>();

  answer(owner: object, input: unknown, work: () => Answer): Answer {
    const own = this.kept.get(owner) ?? new Map<string, Answer>();
    this.kept.set(owner, own);
    const key = keyOf(input);
    const before = own.get(key);
    if (before !== undefined || own.has(key)) return before!;
    const answer = work();
    own.set(key, answer);
    return answer;
  }
}
