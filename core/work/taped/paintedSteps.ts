import { wholeStep } from "../keys";
import { leftOfWait } from "../room/youngBase";
import { waitIfAny, type Wait } from "../step";
import type { WorkInput } from "../workInput";
import type { TapeBundle } from "./bundleTape";

/** Which step last painted a colour of a group on a wall, and what is waited for where something lies on that. */
export class PaintedSteps {
  private readonly steps = new Map<string, string>();

  constructor(private readonly site: WorkInput) {}

  add(wall: string, paint: string, group: number, step: string): void {
    this.steps.set(`${wall} ${paint} ${group}`, step);
  }

  latest = (wall: string, paint: string, group: number): string | undefined =>
    this.steps.get(`${wall} ${paint} ${group}`);

  /** Paint under tape has to be ready for it; a base that is already on has long been. */
  waitUnder(wall: string, { over, underGroup }: TapeBundle): Wait | null {
    if (over === null || underGroup === null) return null;
    const { tapeOverMin } = this.site.paints.get(over)!;
    const { wall: on } = this.site.walls.find((other) => other.wall.id === wall)!;
    if (underGroup === 0 && on.baseAge !== undefined)
      return leftOfWait(on, tapeOverMin, "tape-over", this.site.work);
    const step = this.stepUnder(wall, over, underGroup);
    return step === null ? null : waitIfAny(step, "tape-over", tapeOverMin);
  }

  /** A neighbour that is painted up to without tape has to be as dry as for another coat. */
  waitBeside(wall: string, { over, underGroup }: TapeBundle): Wait | null {
    if (over === null || underGroup === null) return null;
    const step = this.stepUnder(wall, over, underGroup);
    return step === null ? null : waitIfAny(step, "recoat", this.site.paints.get(over)!.recoatMin);
  }

  stepUnder(wall: string, paint: string, group: number): string | null {
    if (group === 0) return wholeStep(wall, "base", this.site.paints.get(paint)!.coats);
    return this.latest(wall, paint, group) ?? null;
  }
}
