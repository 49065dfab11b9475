import { readLocal, writeLocal } from "@/ui/job/localKept";

/** What was typed into a field of a page and not taken, since it is not understood yet: by the page and the field's label. */
interface Kept {
  readonly text: string;
  /** ms since 1970. */
  readonly at: number;
}

const slot = "jacaranda-typed";
const keptForMs = 86_400_000;
const mostKept = 40;

/**
 * What a field of the page that is open is kept by. To be asked for when the field comes: as it goes, the address may be
 * the next page's already.
 */
export const typingName = (label: string): string => `${window.location.pathname} ${label}`;

function read(): Record<string, Kept> {
  try {
    return JSON.parse(readLocal(slot) ?? "{}") as Record<string, Kept>;
  } catch {
    // Another program wrote over it.
    return {};
  }
}

function write(all: Record<string, Kept>): void {
  const young = Object.entries(all)
    .filter(([, { at }]) => at > Date.now() - keptForMs)
    .sort(([, a], [, b]) => b.at - a.at)
    .slice(0, mostKept);
  writeLocal(slot, JSON.stringify(Object.fromEntries(young)));
}

/** Keeps what stands in a field that is about to go. */
export const keepTyping = (name: string, text: string): void =>
  write({ ...read(), [name]: { text, at: Date.now() } });

/** What was kept of a field, once; null where nothing was. */
export function takeTyping(name: string): string | null {
  const { [name]: kept, ...others } = read();
  if (!kept) return null;
  write(others);
  return kept.at > Date.now() - keptForMs ? kept.text : null;
}
