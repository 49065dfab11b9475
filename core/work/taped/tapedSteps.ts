import type { Finding } from "../../findings/finding";
import type { Paint } from "../../paint/schema";
import type { Round } from "../../rounds/listPasses";
import { warmestOpenShare } from "../../trade/climate";
import { isCaulk } from "../../tape/sealEdge";
import { cautionsOfPaint } from "../cautions";
import { paintStep, roundStep, wallStep, wholeStep } from "../keys";
import { nextCoat } from "../nextCoat";
import { againMm } from "../../trade/constants";
import { climbingMin } from "../room/access";
import { floorCovered } from "../room/protectRoom";
import { leftOfWait } from "../room/youngBase";
import { groundClear, wallReady } from "../room/besideBases";
import { isOfPaperAlone, markWall } from "../room/markWall";
import type { WorkInput, WorkWall } from "../workInput";
import { waitFor, waitIfAny, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { besideOthers, noOthers } from "./besideOthers";
import { edgeMetresOf, metresOf, sealsOf } from "./bundles";
import { isUpTo, workOfCoat } from "./coatOfRound";
import { coatPortions } from "./coatPortions";
import { layTape } from "./layTape";
import { markAgain, type Passes } from "./markAgain";
import { specialUnderTape, strandedTape } from "./checkTaping";
import { peelDry } from "./peelDry";
import { divideIntoGoes } from "./stretches";
import { PaintedSteps } from "./paintedSteps";
import { TapePlan, type ComingOff } from "./tapePlan";

/**
 * Setting out, taping, sealing, painting and peeling of every round. `ready` tells for each wall what has to be over before anything
 * more is done on it: all that was painted there, and the tape that lay on it off again.
 */
export function listTapedSteps(site: WorkInput): {
  readonly steps: readonly StepDraft[];
  readonly ready: ReadonlyMap<string, readonly Wait[]>;
  /** The same until only its base is on. */
  readonly based: ReadonlyMap<string, readonly Wait[]>;
  readonly findings: readonly Finding[];
} {
  const taped = new TapedSteps(site);
  const based = new Map([...taped.onWall].map(([id, waits]) => [id, [...waits]] as const));
  for (const wall of site.walls) if (taped.struckOn(wall) === null) taped.addMarks(wall);
  site.rounds.forEach((round, place) => {
    for (const wall of site.walls) taped.addTaping(wall, round, place);
    for (const wall of site.walls) taped.addPainting(wall, round, place);
    for (const wall of site.walls) if (taped.struckOn(wall) === place) taped.addMarks(wall);
  });
  const onMarked = site.walls.flatMap(({ wall }) => {
    const tape = site.rounds.flatMap((_, place) => taped.plan.laid(wall.id, place));
    return specialUnderTape(wall, tape, site.paints);
  });
  return { steps: taped.steps, ready: taped.onWall, based, findings: [...taped.findings, ...onMarked] };
}

/** What goes on anew may find its room put back. */
const openedFor = ({ anew }: Round): readonly Wait[] => (anew ? [floorCovered] : []);

class TapedSteps {
  readonly steps: StepDraft[] = [];
  readonly findings: Finding[] = [];
  readonly plan: TapePlan;
  private readonly walls: readonly WorkWall[];
  private readonly paints: ReadonlyMap<string, Paint>;
  private readonly painted: PaintedSteps;
  private readonly passes: Passes = new Map();
  /** What all was done on a wall that the next thing there waits for: its base, coats, and tape that is off again. */
  readonly onWall = new Map<string, Wait[]>();

  constructor(private readonly site: WorkInput) {
    ({ paints: this.paints, walls: this.walls } = site);
    this.plan = new TapePlan(site);
    this.painted = new PaintedSteps(site);
    for (const { wall } of site.walls) {
      const base = this.paints.get(wall.base)!;
      this.onWall.set(
        wall.id,
        [
          waitIfAny(wholeStep(wall.id, "base", base.coats), "recoat", base.recoatMin),
          waitIfAny(wallStep(wall.id, "peel-base")),
          leftOfWait(wall, base.recoatMin, "recoat", site.work),
        ].filter((wait) => wait !== null),
      );
    }
  }

  /** The round whose colour is rolled over all of a wall, so that its lines are struck on that; null where there is none. */
  struckOn = ({ wall }: WorkWall): number | null => {
    const place = this.site.rounds.findLastIndex((_, at) => this.plan.isStruckOn(wall.id, at));
    return place < 0 ? null : place;
  };

  /** What a wall's marks are struck on is dry by then. */
  addMarks(on: WorkWall): void {
    const dry = this.struckOn(on) === null ? [] : this.onWall.get(on.wall.id)!;
    this.steps.push(...markWall(on, this.site, dry));
  }

  /** What has to be over before anything of a round is put on a wall. */
  private isReady = (on: WorkWall, place: number): (Wait | null)[] =>
    place <= (this.struckOn(on) ?? -1) || isOfPaperAlone(on.marking)
      ? groundClear(on, this.paints)
      : wallReady(on, this.paints);

  addTaping(on: WorkWall, round: Round, place: number): void {
    const { wall } = on;
    const tape = this.plan.laid(wall.id, place);
    if (tape.length === 0) return;
    const done = this.onWall.get(wall.id)!;
    const ids = { tape: roundStep(wall.id, "tape", round), seal: roundStep(wall.id, "seal", round) };
    const under = tape.map((bundle) => this.painted.waitUnder(wall.id, bundle));
    const again = this.addMarking(on, round, place);
    this.steps.push(
      ...layTape(
        {
          wall: wall.id,
          round: round.round,
          coat: round.coat,
          ids,
          tape,
          after: [...this.isReady(on, place), ...openedFor(round), ...under, ...done, again],
          say: said("tape", {
            wall: wall.id,
            round: round.round,
            amount: metresOf(tape),
            again: this.plan.isLaidAgain(wall.id, place) ? againMm : null,
          }),
          heightMm: on.workTopMm,
        },
        this.site,
      ),
    );
    done.push(waitFor(ids.tape)!);
  }

  /** Marks that a colour was carried over are struck again; answers the wait for that. */
  private addMarking(on: WorkWall, round: Round, place: number): Wait | null {
    const { id } = on.wall;
    const struckOn = this.struckOn(on);
    const tape = this.plan
      .laid(id, place)
      // What a wall was set out on covers no mark.
      .filter(({ underGroup }) => struckOn === null || underGroup !== this.site.rounds[struckOn]!.group)
      .filter((bundle) => this.plan.liesOnCarried(bundle, place));
    const dry = tape.flatMap(({ over, underGroup }) => {
      const step = this.painted.stepUnder(id, over!, underGroup!);
      return step === null ? [] : [waitIfAny(step, "touch-dry", this.paints.get(over!)!.touchDryMin)];
    });
    const again = markAgain(on, { round: round.round, tape, dry, passes: this.passes }, this.site.work);
    if (!again) return null;
    this.steps.push(again);
    return waitFor(again.id);
  }

  addPainting(wall: WorkWall, round: Round, place: number): void {
    const id = wall.wall.id;
    const off = this.plan.comingOff(id, place);
    const painted = new Map<string, Wait>();
    for (const colour of this.plan.coloursInTurn(id, round)) {
      const paint = this.paints.get(colour)!;
      const step = this.addCoats(wall, round, place, paint, off, painted);
      this.painted.add(id, colour, round.group, step);
      painted.set(colour, waitFor(step, "recoat", paint.recoatMin)!);
    }
    const steps = [...painted.values()];
    if (steps.length === 0) return;
    this.findings.push(...strandedTape(wall, off));
    const peel = peelDry(wall, round, off, painted, this.site);
    if (peel) this.steps.push(peel);
    const peeling = peel && waitFor(peel.id);
    this.onWall.get(id)!.push(...steps, ...(peeling ? [peeling] : []));
    // Tape around the corner comes off with it; nothing goes on there, and no second coat under that tape, before.
    const after = peeling ? [peeling] : steps.map(({ step }) => waitFor(step)!);
    for (const other of this.walls) {
      const isTaped = this.plan.laid(other.wall.id, place).some(({ corner }) => corner === id);
      if (isTaped) this.onWall.get(other.wall.id)!.push(...after);
    }
  }

  /** The coats that one paint gets in a round; answers the last of them. `painted` is what of the round is on before. */
  private addCoats(
    wall: WorkWall,
    round: Round,
    place: number,
    paint: Paint,
    off: readonly ComingOff[],
    painted: ReadonlyMap<string, Wait>,
  ): string {
    const id = (coat: number) => paintStep(wall.wall.id, round, paint.id, coat);
    const first = round.coat ?? 1;
    const last = round.coat ?? paint.coats;
    const before = this.painted.latest(wall.wall.id, paint.id, round.group);
    const { secondCoat } = this.site.work;
    const regions = this.plan.regions(wall.wall.id, round, paint.id);
    const visits = this.plan.visits(round, paint.id);
    const peeled = off.filter(({ with: colour, isDry }) => colour === paint.id && !isDry);
    const wet = this.plan
      .paintedUpTo(wall.wall.id, place)
      .filter((bundle) => isCaulk(bundle.sealWith) && isUpTo(bundle, paint.id));
    const byHand = this.plan.byHand(wall.wall.id, place).filter((bundle) => isUpTo(bundle, paint.id));
    const isFloated = byHand.some((bundle) => bundle.byHand === "float");
    for (let coat = first; coat <= last; coat++) {
      const peeledM = coat === last ? metresOf(peeled.map(({ bundle }) => bundle)) : 0;
      // A film of the wet school is laid anew for each coat; elsewhere the first coat is laid into it.
      const sealed = coat === first || this.site.sealsWet ? wet : [];
      const sealedM = edgeMetresOf(sealed);
      const seals = sealed.length === 0 ? null : sealsOf(sealed);
      const along = { byHand, peeledM, sealedM, climbingMin: climbingMin(wall) };
      const past = this.plan.runningPast(wall.wall.id, place);
      const portions = coatPortions(regions, along, this.site.work.rates, visits, past.restM2);
      // A wall that is rolled all over is one field, as under its base.
      const limit = past.restM2 > 0 ? Infinity : paint.openMin * warmestOpenShare;
      const goes = divideIntoGoes(portions, limit);
      const minutes = goes.reduce((sum, go) => sum + go.minutes, 0);
      const shared = coat === last ? besideOthers(peeled, paint, minutes, painted, this.plan) : noOthers;
      const off = coat === last ? peeled.map(({ bundle }) => bundle) : [];
      const work = workOfCoat(wall, {
        past,
        paint,
        coat,
        pass: round.anew?.pass ?? 1,
        regions,
        portions,
        goes,
        off,
        sealed,
        isFloated,
      });
      this.steps.push({
        id: id(coat),
        phase: "colour",
        verb: "paint",
        wall: wall.wall.id,
        round: round.round,
        session: String(round.round),
        ...(round.anew && { isAnew: true }),
        colour: paint.id,
        coat,
        ...work,
        minutes,
        after: [
          ...(coat === first
            ? [
                ...this.readyToPaint(wall, round, place),
                ...(before ? nextCoat(before, paint, secondCoat) : []),
              ]
            : nextCoat(id(coat - 1), paint, secondCoat)),
          ...shared.after,
        ],
        ...(shared.within.length > 0 && { within: shared.within }),
        say: said("paint", {
          wall: wall.wall.id,
          colour: paint.id,
          coat,
          isPeeled: peeledM > 0,
          isFloated,
          handM: metresOf(byHand.filter((bundle) => bundle.byHand === "cut")),
          stretches: goes.length,
          turns: this.plan.turnsArris(wall.wall.id, place),
          past: past.restM2 === 0 && work.does.some(({ pastMm = 0 }) => pastMm > 0) ? past.pastMm : null,
          overAll: past.restM2 > 0,
          seals,
          sealedM: this.site.sealsWet ? null : sealedM,
        }),
        cautions: cautionsOfPaint(paint, seals ?? []),
        evening: [],
      });
    }
    return id(last);
  }

  /** Tape and seal here, and on walls whose tape is painted up to from here; a dry ground, and dry neighbours. */
  private readyToPaint(on: WorkWall, round: Round, place: number): (Wait | null)[] {
    const { wall } = on;
    const taped = this.walls.filter(
      (other) =>
        other.wall.id === wall.id ||
        this.plan.laid(other.wall.id, place).some(({ corner }) => corner === wall.id),
    );
    return [
      ...this.isReady(on, place),
      ...openedFor(round),
      // What is cut in by hand beside it needs no tape, but has to be dry.
      ...(this.onWall.get(wall.id) ?? []),
      ...this.plan.besideHand(wall.id, place).map(({ on, bundle }) => this.painted.waitBeside(on, bundle)),
      ...taped.flatMap((other) => {
        const sealed = this.plan.laid(other.wall.id, place).filter(({ sealWith }) => sealWith === "colour");
        const colours = new Set(sealed.map(({ sealPaint }) => sealPaint!));
        const dry = Math.max(0, ...[...colours].map((colour) => this.paints.get(colour)!.touchDryMin));
        return [
          waitIfAny(roundStep(other.wall.id, "tape", round)),
          waitIfAny(roundStep(other.wall.id, "seal", round), "touch-dry", dry),
        ];
      }),
    ];
  }
}
