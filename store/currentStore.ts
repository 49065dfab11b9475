import type { Store } from "./files/openStore";

/** Kept on globalThis: the server opens the store before Next.js loads, and hot reload must not open it again. */
const holder = globalThis as typeof globalThis & { jacarandaStore?: Promise<Store> };

/** The store that this process has open. */
export function currentStore(): Promise<Store> {
  if (!holder.jacarandaStore)
    throw new Error("The store is not open; the program is started with npm start.");
  return holder.jacarandaStore;
}

/** Opens the store once a process. */
export function keepStore(open: () => Promise<Store>): Promise<Store> {
  holder.jacarandaStore ??= open();
  return holder.jacarandaStore;
}

/** Closes it; another may be opened after that. */
export async function leaveStore(): Promise<void> {
  const store = await holder.jacarandaStore;
  delete holder.jacarandaStore;
  await store?.close();
}
