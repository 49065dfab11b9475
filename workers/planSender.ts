import { emitCompact } from "@/core/job/emitPlan";
import type { Progress } from "@/core/job/layOutJob";
import { parseJobText } from "@/core/job/parseJob";
import { planWallsFirst } from "@/core/job/plan";
import { keepUnchanged, type StagedPlan } from "@/core/job/planInStages";
import type { PlanWall } from "@/core/plan/planTypes";

/** The text of each wall; null for one that is as it was sent last. */
export type SentWalls = readonly (string | null)[];

/**
 * Plans jobs one after the other and answers each in two parts, of which only what has changed is sent: the walls, and then all
 * the rest. Works out again only what has changed, too.
 */
export class PlanSender {
  private readonly stages = keepUnchanged();
  private sent: readonly PlanWall[] = [];
  private staged: StagedPlan | null = null;

  /** The walls of a document's plan; null for a document that does not hold. */
  walls(text: string, progress?: Progress): SentWalls | null {
    const parsed = parseJobText(text);
    this.staged = parsed.ok ? planWallsFirst(parsed.job, this.stages, progress) : null;
    return this.staged && this.send(this.staged.walls);
  }

  /** The rest of the same plan, and the walls that it has changed. */
  rest(): { readonly walls: SentWalls; readonly rest: string } {
    const { walls, ...rest } = this.staged!.rest();
    return { walls: this.send(walls), rest: emitCompact(rest) };
  }

  private send(walls: readonly PlanWall[]): SentWalls {
    const texts = walls.map((wall, index) => (wall === this.sent[index] ? null : emitCompact(wall)));
    this.sent = walls;
    return texts;
  }
}
