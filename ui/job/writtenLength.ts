import { parseLength } from "@/core/measure/parseLength";

/** mm of a length as it is written in a document; 0 for one that is not there yet. */
export function mmOf(written: number | string | undefined): number {
  if (typeof written === "number") return written;
  const parsed = written === undefined ? null : parseLength(written);
  return parsed?.ok ? parsed.value : 0;
}
