import { finishSundries } from "../finishes/registry";
import type { UnitSystem } from "../measure/units";
import type { SundryKind } from "../work/contribution";
import { sundryKinds } from "../work/sundries";
import { toolKinds } from "../work/toolKinds";

/** Everything that is bought beside paint, in the order in which it is listed. */
export const allSundries: Readonly<Record<string, SundryKind>> = {
  ...sundryKinds,
  ...finishSundries,
  ...toolKinds,
};

/** As its label reads in a job's units; what is no longer listed by its item. */
export function sundryName(item: string, units: UnitSystem): string {
  const name = allSundries[item]?.name ?? item;
  return typeof name === "string" ? name : name[units];
}
