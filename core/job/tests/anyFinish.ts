import fc from "fast-check";
import { finishKinds } from "../../finishes/registry";

interface OfFolder {
  readonly arbitrary: fc.Arbitrary<{ readonly kind: string }>;
}

/** Each finish, as its own folder makes it up at random: a new one is among them as soon as it is in the list. */
export const arbitraries = await Promise.all(
  finishKinds.map(async (kind) => {
    const { arbitrary } = (await import(`../../finishes/${kind}/tests/arbitrary.ts`)) as OfFolder;
    return arbitrary;
  }),
);

/** Any of them. */
export const anyFinish = fc.oneof(...arbitraries);
