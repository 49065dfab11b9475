import { EventEmitter } from "node:events";

/** Kept on globalThis, as the planner is: pages and routes are bundled apart. */
const holder = globalThis as typeof globalThis & { jacarandaLive?: EventEmitter };
const live = (holder.jacarandaLive ??= new EventEmitter().setMaxListeners(0));

/** Says that a job's document is another, or that something was told of it. */
export const announce = (job: string): void => void live.emit(job);

/** Hears when a job goes on; answers how to end it. */
export function hearChanges(job: string, listener: () => void): () => void {
  live.on(job, listener);
  return () => void live.off(job, listener);
}

/** Not the id of a job: ids have no blanks. */
const stopping = "the program is stopping";

/** Ends every line: the program is stopping, and waits for none of them. */
export const endLines = (): void => void live.emit(stopping);

/** Hears that; answers how to end it. */
export function hearEnd(listener: () => void): () => void {
  live.on(stopping, listener);
  return () => void live.off(stopping, listener);
}
