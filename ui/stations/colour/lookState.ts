import { create } from "zustand";
import type { Lighting } from "@/core/look/views";

/** Where someone stands, mm: along the wall from its left end, away from it, and how high their eyes are. */
export interface Spot {
  readonly x: number;
  readonly away: number;
  readonly high: number;
}

interface LookState {
  readonly lighting: Lighting;
  /** Null: in front of the wall's middle, as far off as the job says that it is looked at from. */
  readonly spot: Spot | null;
  light(lighting: Lighting): void;
  stand(spot: Spot): void;
}

/** In what light and from where walls are looked at, while the job is open. */
export const useLookState = create<LookState>((set) => ({
  lighting: { by: "day", from: "left" },
  spot: null,
  light: (lighting) => set({ lighting }),
  stand: (spot) => set({ spot }),
}));

export const usualEyeMm = 1600;
