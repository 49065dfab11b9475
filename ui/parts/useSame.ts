import equal from "fast-deep-equal";
import { useState } from "react";

/** A value that stays the same object while it is equal, so that what hangs on it is not made anew. */
export function useSame<Value>(value: Value): Value {
  const [kept, setKept] = useState(value);
  if (equal(kept, value)) return kept;
  setKept(value);
  return value;
}
