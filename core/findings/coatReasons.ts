/** Why a colour wants more or fewer coats than usual. */
export type CoatsReason = "paler" | "much-paler" | "weak-hue" | "weak-paint" | "good-paint";

/** As the end of a sentence. */
export const coatReasons: Record<CoatsReason, string> = {
  paler: "it is paler than what is under it",
  "much-paler": "it is much paler than what is under it",
  "weak-hue": "strong yellows and reds hide badly",
  "weak-paint": "this paint hides little",
  "good-paint": "though this paint hides well",
};
