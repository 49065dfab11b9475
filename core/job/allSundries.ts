import { finishSundries } from "../finishes/registry";
import type { SundryKind } from "../work/contribution";
import { sundryKinds } from "../work/sundries";
import { toolKinds } from "../work/tools";

/** Everything that is bought beside paint, in the order in which it is listed. */
export const allSundries: Readonly<Record<string, SundryKind>> = {
  ...sundryKinds,
  ...finishSundries,
  ...toolKinds,
};
