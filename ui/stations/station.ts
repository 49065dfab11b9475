import type { ComponentType } from "react";
import type { Plan, PlanFinding, PlanMark, PlanWall } from "@/core/plan/planTypes";
import type { Margins } from "@/ui/wall-view/useView";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** How a station stands: stopped, with so much to decide, done, or none of these. */
export type Standing = { kind: "done" } | { kind: "check"; count: number } | { kind: "stop" } | null;

/** What a station tells its standing from. */
export interface Seen {
  readonly plan: Plan;
  readonly wall: PlanWall | null;
  readonly isMarked: (mark: PlanMark) => boolean;
}

/**
 * A station of the folding rule; it takes its place there, and its number, from the registry. Its card is brought by its
 * page, so that each page ships its own card alone (decision 16).
 */
export interface Station {
  readonly slug: string;
  readonly title: string;
  /** What it draws over the wall. */
  readonly Layer: ComponentType<{ wallId: string; frame: LayerFrame }>;
  /** What it shows under the wall, where there is room for it. */
  readonly Below?: ComponentType<{ wallId: string }>;
  /** Whether walls that the finish in hand goes on over are drawn beside this one. */
  readonly unfoldsRun?: true;
  /** What its layer needs free around the wall. */
  readonly room?: (wall: PlanWall, plan: Plan) => Margins;
  readonly standing: (seen: Seen) => Standing;
}

/** Stopped by a stop, then what there is to decide; without either it is done or not. */
export function standingOf(findings: readonly Pick<PlanFinding, "severity">[], isDone: boolean): Standing {
  if (findings.some(({ severity }) => severity === "stop")) return { kind: "stop" };
  const count = findings.filter(({ severity }) => severity === "check").length;
  if (count > 0) return { kind: "check", count };
  return isDone ? { kind: "done" } : null;
}
