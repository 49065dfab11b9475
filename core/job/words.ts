import { finishSundries, finishWords } from "../finishes/crafts";
import type { Words } from "../findings/said";
import type { SundryKind } from "../work/contribution";
import { sundryKinds } from "../work/sundries";
import { toolKinds } from "../work/tools";
import { workWords } from "../work/words";

/** Every sentence of the work: what all finishes share, and what each brings. */
export const allWords: Words = { ...workWords, ...finishWords };

/** Everything that is bought beside paint, in the order in which it is listed. */
export const allSundries: Readonly<Record<string, SundryKind>> = {
  ...sundryKinds,
  ...finishSundries,
  ...toolKinds,
};
