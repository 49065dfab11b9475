import type { Tool } from "@/core/finishes/editing";
import type { Point } from "@/core/geometry/point";
import { useJob } from "@/ui/job/JobProvider";
import { usePatternHand } from "@/ui/job/patternHand";
import { useChanging, useHandedFinish, type HandedFinish } from "./useEditing";

export interface Drawing {
  readonly handed: HandedFinish;
  readonly tool: Tool;
  readonly paint: string;
  readonly points: readonly Point[];
  /** What the next point is. */
  readonly asks: string;
  /** Sets a point; the last one makes the change. Answers whether it made one. */
  readonly set: (place: Point) => void;
  /** Shows what a point would make. */
  readonly hover: (place: Point) => void;
  /** Ends a drawing that may have more points, or lays the tool down. */
  readonly end: () => void;
  readonly cancel: () => void;
  /** Whether there are points enough to end with. */
  readonly mayEnd: boolean;
}

/** The tool in hand on a wall and what it has so far; null when there is none. */
export function useDrawing(wallId: string): Drawing | null {
  const job = useJob();
  const handed = useHandedFinish(wallId);
  const { tool: taken, paint: takenPaint, points, takeTool, setPoints } = usePatternHand();
  const { show, cancel: stopShowing, make } = useChanging(handed?.spec);
  const tool = handed?.editing.tools.find(({ id }) => id === taken);
  if (!handed || !tool) return null;
  const base = handed.strip.parts[0]!.wall.base;
  const paint =
    job.paints.find(({ id }) => id === takenPaint)?.id ??
    job.paints.find(({ id }) => id !== base)?.id ??
    base;
  const isOpen = tool.most > tool.asks.length;
  const finish = (all: readonly Point[]) => {
    make(tool.draw(all, paint));
    setPoints([]);
  };
  return {
    handed,
    tool,
    paint,
    points,
    asks: tool.asks[Math.min(points.length, tool.asks.length - 1)]!,
    mayEnd: isOpen && points.length >= 2,
    set: (place) => {
      const all = [...points, place];
      if (all.length >= tool.most) finish(all);
      else setPoints(all);
    },
    hover: (place) => {
      if (points.length > 0) show(tool.draw([...points, place], paint));
    },
    end: () => {
      if (isOpen && points.length >= 2) finish(points);
      else takeTool(null);
    },
    cancel: () => {
      stopShowing();
      if (points.length > 0) setPoints([]);
      else takeTool(null);
    },
  };
}
