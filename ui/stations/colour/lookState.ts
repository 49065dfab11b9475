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
  /** The finish of which thin places are being marked on the wall, and the section that is looked at; null for none, and for the next. */
  readonly missing: string | null;
  readonly section: string | null;
  /** The board that is being pinned to the wall; null for none. */
  readonly pinning: string | null;
  /** The job and its set in whose colours walls are shown; null for the document's own. */
  readonly worn: { readonly job: string; readonly set: string } | null;
  light(lighting: Lighting): void;
  stand(spot: Spot): void;
  mark(finish: string | null): void;
  lookAt(section: string | null): void;
  pin(board: string | null): void;
  wear(worn: LookState["worn"]): void;
}

/** In what light and from where walls are looked at, while the job is open. */
export const useLookState = create<LookState>((set) => ({
  lighting: { by: "day", from: "left" },
  spot: null,
  light: (lighting) => set({ lighting }),
  missing: null,
  section: null,
  pinning: null,
  stand: (spot) => set({ spot }),
  mark: (missing) => set({ missing }),
  lookAt: (section) => set({ section }),
  pin: (pinning) => set({ pinning }),
  worn: null,
  wear: (worn) => set({ worn }),
}));

export const usualEyeMm = 1600;
