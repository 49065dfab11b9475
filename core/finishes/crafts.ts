import type { FindingWords } from "../findings/messages";
import type { Words } from "../findings/said";
import { craftList } from "./craftList";
import type { FinishCraft } from "./defineCraft";
import { gather } from "./gather";
import type { AnyLayout, FinishKind } from "./registry";

export const craftOf = (kind: FinishKind): FinishCraft<AnyLayout> => craftList[kind];

const crafts: readonly FinishCraft<AnyLayout>[] = Object.values(craftList);

/** What the finishes bring of their own, by its name; two of one name are refused. */
export const finishWords: Words = gather(crafts.map(({ words }) => words));
export const findingWords: FindingWords = gather(crafts.map(({ findings }) => findings));
