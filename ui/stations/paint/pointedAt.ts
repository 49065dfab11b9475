import { create } from "zustand";
import type { PlanPoint } from "@/core/plan/planTypes";

/** What is pointed at on the wall: how far a step has come, and the place at which something went wrong. */
interface PointedAt {
  /** Whose next step is in hand. */
  readonly person: number | null;
  readonly piece: { readonly step: string; readonly id: string } | null;
  readonly isPlacing: boolean;
  readonly place: { readonly wall: string; readonly at: PlanPoint } | null;
  forPerson(person: number): void;
  pointAt(piece: PointedAt["piece"]): void;
  startPlacing(isPlacing: boolean): void;
  placeAt(place: PointedAt["place"]): void;
}

export const usePointedAt = create<PointedAt>((set) => ({
  person: null,
  piece: null,
  isPlacing: false,
  place: null,
  forPerson: (person) => set({ person, piece: null }),
  pointAt: (piece) => set({ piece }),
  startPlacing: (isPlacing) => set({ isPlacing }),
  placeAt: (place) => set({ place, isPlacing: false }),
}));
