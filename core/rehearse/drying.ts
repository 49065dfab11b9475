import type { Job } from "../job/schema";
import { openShare, waitFactor } from "../trade/climate";

type Paint = Job["paints"][number];

/** What something that lies on paint asks of it. */
export type Ready = "touch" | "coat" | "recoat" | "tape";

/** Minutes that are told as whole ones hide so much. */
const slackMin = 1;

/** How long the paints of a job take in its air, by their labels. */
export class Drying {
  readonly factor: number;
  private readonly open: number;
  private readonly paints: ReadonlyMap<string, Paint>;

  constructor(private readonly job: Job) {
    this.factor = waitFactor(job.work);
    this.open = openShare(job.work);
    this.paints = new Map(job.paints.map((paint) => [paint.id, paint]));
  }

  paint = (id: string): Paint | undefined => this.paints.get(id);

  /** Minutes from the end of a coat until it is ready for something: `recoat` for its own next coat, `coat` for another's. */
  minutesUntil(id: string, ready: Ready): number {
    const paint = this.paints.get(id);
    if (!paint) return 0;
    const { touchDryMin, recoatMin, tapeOverMin } = paint;
    const isByTouch = ready === "recoat" && this.job.work.secondCoat === "touch";
    const minutes =
      ready === "touch"
        ? touchDryMin
        : ready === "tape"
          ? tapeOverMin
          : isByTouch
            ? Math.min(touchDryMin, recoatMin)
            : recoatMin;
    return minutes * this.factor;
  }

  /** Whether what ended then is not ready yet. */
  isTooEarly = (id: string, ready: Ready, ended: number, now: number): boolean =>
    now < ended + this.minutesUntil(id, ready) - slackMin;

  /** How something goes wrong that comes onto paint: that is wet still, or only too young; null where it is ready. */
  harmOf(id: string, ready: Ready, ended: number, now: number): "touches-wet" | "on-too-early" | null {
    if (!this.isTooEarly(id, ready, ended, now)) return null;
    return this.isTooEarly(id, "touch", ended, now) ? "touches-wet" : "on-too-early";
  }

  /** The same for a wait that is not a paint's: filler, washed walls, prints. */
  isUnderWait = (minutes: number, ended: number, now: number): boolean =>
    now < ended + minutes * this.factor - slackMin;

  /** How long an edge of a paint stays wet. */
  openMinutes = (id: string): number => (this.paints.get(id)?.openMin ?? 0) * this.open;
}
