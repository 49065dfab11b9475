import { create } from "zustand";

interface OrderShown {
  /** The key of the order that is drawn on the wall; null for none. */
  readonly shown: string | null;
  show(key: string | null): void;
}

/** Which order of places is drawn on the wall, while the job is open. */
export const useOrderShown = create<OrderShown>((set) => ({
  shown: null,
  show: (shown) => set({ shown }),
}));
