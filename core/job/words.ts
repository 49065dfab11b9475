import type { Words } from "../findings/said";
import { finishWords } from "../finishes/crafts";
import { workWords } from "../work/words";

/** Every sentence of the work: what all finishes share, and what each brings. */
export const allWords: Words = { ...workWords, ...finishWords };
