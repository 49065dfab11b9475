import type { Planner } from "./planner";

/** Kept on globalThis, as the store is: the server makes it before Next.js loads. */
const holder = globalThis as typeof globalThis & { jacarandaPlanner?: Planner };

/** The planner of this process. */
export function currentPlanner(): Planner {
  if (!holder.jacarandaPlanner)
    throw new Error("There is no planner; the program is started with npm start.");
  return holder.jacarandaPlanner;
}

export function keepPlanner(make: () => Planner): Planner {
  holder.jacarandaPlanner ??= make();
  return holder.jacarandaPlanner;
}
