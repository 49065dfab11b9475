import { applyEdits, modify } from "jsonc-parser";

/**
 * A job document's text with another name, and nothing else changed: numbers that this program would write in another way, and
 * all that others have put there under "x-", stay as they were written.
 */
export function renameJob(text: string, name: string): string {
  const renamed = applyEdits(text, modify(text, ["name"], name, {}));
  // Of a key that is written twice a reader takes the last, the editor the first.
  const { name: read } = JSON.parse(renamed) as { name: unknown };
  return read === name ? renamed : JSON.stringify({ ...(JSON.parse(text) as object), name }, null, 2);
}
