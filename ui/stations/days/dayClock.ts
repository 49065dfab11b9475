import { create } from "zustand";

/** The moment that the painter looks at, in minutes from midnight before the first day; null for the finished work. */
interface DayClock {
  readonly at: number | null;
  lookAt(at: number | null): void;
}

export const useDayClock = create<DayClock>((set) => ({
  at: null,
  lookAt: (at) => set({ at }),
}));
