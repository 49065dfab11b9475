import { create } from "zustand";
import type { Point } from "@/core/geometry/point";

/** What the painter has in hand at the Pattern station: a finish, and a tool with the points set so far. */
interface PatternHand {
  /** A finish's id; null for the uppermost of the wall. */
  readonly finish: string | null;
  readonly tool: string | null;
  readonly paint: string | null;
  /** In the coordinates of the finish's strip. */
  readonly points: readonly Point[];
  take(finish: string | null): void;
  takeTool(tool: string | null): void;
  takePaint(paint: string): void;
  setPoints(points: readonly Point[]): void;
}

/** Shared by the card and the wall; nothing of it is saved. */
export const usePatternHand = create<PatternHand>((set) => ({
  finish: null,
  tool: null,
  paint: null,
  points: [],
  take: (finish) => set({ finish, tool: null, points: [] }),
  takeTool: (tool) => set({ tool, points: [] }),
  takePaint: (paint) => set({ paint }),
  setPoints: (points) => set({ points }),
}));
