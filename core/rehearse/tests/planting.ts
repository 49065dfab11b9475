import type { Job } from "../../job/schema";
import type { PlanDid, PlanStep } from "../../plan/planDayTypes";
import type { Plan, PlanTape } from "../../plan/planTypes";
import type { FaultCode } from "../fault";

/** Shorter than that an edge is under the ends of others, mm. */
const shortMm = 30;

/** A plan that is open to be spoiled, and what helps to find where. */
export class Bed {
  constructor(
    readonly job: Job,
    readonly plan: Plan,
    private readonly random: () => number,
  ) {}

  /** One of several; null of none. */
  pick<Value>(from: readonly Value[]): Value | null {
    return from.length === 0
      ? null
      : from[Math.min(from.length - 1, Math.floor(this.random() * from.length))]!;
  }

  /** Work of an act on things of a kind, with its step. */
  work(act: PlanDid["act"], of: PlanDid["of"]): { step: PlanStep; did: PlanDid }[] {
    return this.plan.steps.flatMap((step) =>
      step.does.flatMap((did) =>
        did.act === act && did.of === of && did.ids.length > 0 ? [{ step, did }] : [],
      ),
    );
  }

  /** All tape that is laid, with the wall that it lies on. */
  tape(): { wall: string; piece: PlanTape; laid: PlanStep; off: PlanStep }[] {
    const stepOf = new Map(this.plan.steps.map((step) => [step.id, step]));
    return this.plan.walls.flatMap(({ id, tape }) =>
      tape.flatMap((piece) => {
        const [laid, off] = [stepOf.get(piece.laidIn ?? ""), stepOf.get(piece.offIn ?? "")];
        return laid && off ? [{ wall: id, piece, laid, off }] : [];
      }),
    );
  }

  /**
   * Tape between two colours that is laid on one side of its line, along and over more than scraps: an edge that is hardly longer than a
   * tape is wide lies under the ends of those that meet it.
   */
  edges = () =>
    this.tape().filter(
      ({ wall, piece }) =>
        !this.hasScraps(wall, [piece.over, piece.cuts]) &&
        piece.cuts !== undefined &&
        !piece.centred &&
        piece.length > shortMm &&
        piece.overRegion !== undefined &&
        !piece.corner,
    );

  private hasScraps(wall: string, colours: readonly (string | null | undefined)[]): boolean {
    const { regions } = this.plan.walls.find(({ id }) => id === wall)!;
    return regions.some(({ colour, area_m2 }) => colours.includes(colour) && area_m2 < 0.005);
  }

  paint = (id: string) => this.job.paints.find((paint) => paint.id === id);

  /** A step begins at another time and lasts as long as before. */
  move(step: PlanStep, start: number): void {
    step.end = start + (step.end - step.start);
    step.start = start;
    this.sort();
  }

  sort = (): void => void this.plan.steps.sort((a, b) => a.start - b.start);

  /** Takes one id out of some work, in whose place another is done once more, so that its stretches stay as they are. */
  leaveOut(did: PlanDid, id: string): void {
    const place = did.ids.indexOf(id);
    if (did.ids.length === 1) did.ids = ["left-out"];
    else did.ids[place] = did.ids[place === 0 ? 1 : place - 1]!;
  }

  /** Regions by their ids, with their walls. */
  readonly region = (id: string) =>
    this.plan.walls.flatMap(({ regions }) => regions).find((region) => region.id === id);
}

/** A kind of fault that is planted: what is spoiled, if anything there can be so that it does harm, and what that is called. */
export interface Planting {
  readonly name: string;
  /** By what it is proved that it does harm. */
  readonly harm: string;
  readonly codes: readonly FaultCode[];
  /** Spoils the plan of a bed; false where nothing in it can be spoiled so. */
  plant(bed: Bed): boolean;
}
