import { groupBy } from "../../geometry/groupBy";
import type { Paint } from "../../paint/schema";
import { rolled } from "../../pattern/pattern";
import type { Round } from "../../rounds/listPasses";
import { curvedTapingShare } from "../../trade/constants";
import { cautionsOfPaint, cautionsOfSeals, cautionsOnSteps } from "../cautions";
import { warmestOpenShare } from "../climate";
import { nextCoat } from "../nextCoat";
import { groundReady } from "../room/groundReady";
import type { Rates } from "../schema";
import type { WorkRegion, WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import type { TapeBundle } from "./bundleTape";
import { divideIntoStretches, type Portion } from "./stretches";

/**
 * Taping, sealing, painting and peeling of every round. `ready` tells for each wall what has to be over before anything
 * more is done on it: all that was painted there, and the tape that lay on it off again.
 */
export function listTapedSteps(site: WorkSite): {
  readonly steps: readonly StepDraft[];
  readonly ready: ReadonlyMap<string, readonly Wait[]>;
} {
  const taped = new TapedSteps(site);
  for (const round of site.rounds) {
    for (const wall of site.walls) taped.addTaping(wall, round);
    for (const wall of site.walls) taped.addPainting(wall, round);
  }
  return { steps: taped.steps, ready: taped.onWall };
}

const tapeOf = (wall: string, { round }: Round) => `${wall}/tape-${round}`;
const sealOf = (wall: string, { round }: Round) => `${wall}/seal-${round}`;
const metres = (tape: readonly TapeBundle[]) => tape.reduce((sum, bundle) => sum + bundle.metres, 0);
/** A curve is laid at a part of the pace. */
const tapingMinutes = (tape: readonly TapeBundle[], rates: Rates) =>
  tape.reduce((sum, bundle) => sum + bundle.metres + bundle.curvedMetres * (1 / curvedTapingShare - 1), 0) /
  rates.taping_m_min;
const edgeMetres = (tape: readonly TapeBundle[]) => tape.reduce((sum, bundle) => sum + bundle.edgeMetres, 0);
const sealsOf = (tape: readonly TapeBundle[]) => [...new Set(tape.map(({ sealWith }) => sealWith))];

/** Tape that is laid on a wall in a round. */
export const laidIn = ({ tape }: WorkWall, { group, paints }: Round): TapeBundle[] =>
  tape.filter((bundle) => bundle.group === group && paints.has(bundle.paints));

class TapedSteps {
  readonly steps: StepDraft[] = [];
  private readonly walls: readonly WorkWall[];
  private readonly paints: ReadonlyMap<string, Paint>;
  /** The step that last painted a colour of a group on a wall. */
  private readonly latest = new Map<string, string>();
  /** What all was done on a wall that the next thing there waits for: its base, coats, and tape that is off again. */
  readonly onWall = new Map<string, Wait[]>();

  constructor(private readonly site: WorkSite) {
    ({ paints: this.paints, walls: this.walls } = site);
    for (const { wall } of site.walls) {
      const base = this.paints.get(wall.base)!;
      this.onWall.set(wall.id, [waitFor(`${wall.id}/base-${base.coats}`, "recoat", base.recoatMin)!]);
    }
  }

  addTaping(on: WorkWall, round: Round): void {
    const { wall } = on;
    const { rates } = this.site.work;
    const pieces = laidIn(on, round);
    if (pieces.length === 0) return;
    const crossings = pieces.reduce((sum, bundle) => sum + bundle.crossings, 0);
    const over = pieces.map((bundle) => this.waitUnder(wall.id, bundle));
    this.steps.push({
      id: tapeOf(wall.id, round),
      phase: "mask",
      verb: "tape",
      wall: wall.id,
      round: round.round,
      ...(round.coat !== undefined && { coat: round.coat }),
      minutes: tapingMinutes(pieces, rates) + crossings * rates.crossing_min,
      after: [waitFor(`${wall.id}/mark`), ...groundReady(wall), ...over, ...(this.onWall.get(wall.id) ?? [])],
      say: said("tape", { wall: wall.id, round: round.round, amount: metres(pieces) }),
      cautions: [said("care-knife", {}), ...cautionsOnSteps(wall)],
      evening: [said("ready-tape", {})],
    });
    this.onWall.get(wall.id)!.push(waitFor(tapeOf(wall.id, round))!);
    const sealed = pieces.filter(({ sealWith }) => sealWith !== "press");
    if (this.site.sealsWet || sealed.length === 0) return;
    const seals = sealsOf(sealed);
    this.steps.push({
      id: sealOf(wall.id, round),
      phase: "mask",
      verb: "seal",
      wall: wall.id,
      round: round.round,
      minutes: edgeMetres(sealed) / rates.sealing_m_min,
      after: [waitFor(tapeOf(wall.id, round))],
      say: said("seal", { wall: wall.id, amount: edgeMetres(sealed), seals }),
      cautions: [...cautionsOfSeals(seals), ...cautionsOnSteps(wall)],
      evening: [],
    });
  }

  addPainting(wall: WorkWall, round: Round): void {
    const own = wall.regions.filter(({ group, technique }) => group === round.group && technique === rolled);
    const steps = [...groupBy(own, ({ colour }) => colour)].flatMap(([colour, regions]) => {
      const paint = this.paints.get(colour)!;
      if (!round.paints.has(colour)) return [];
      const step = this.addCoats(wall, round, paint, regions);
      this.latest.set(`${wall.wall.id} ${colour} ${round.group}`, step);
      return [waitFor(step, "recoat", paint.recoatMin)!];
    });
    if (steps.length === 0) return;
    const peeling = wall.peel === "dry" ? this.addPeeling(wall, round, steps) : null;
    this.onWall.get(wall.wall.id)!.push(...steps, ...(peeling ? [peeling] : []));
    // Tape around the corner comes off with it; nothing goes on there, and no second coat under that tape, before.
    const off = peeling ? [peeling] : steps.map(({ step }) => waitFor(step)!);
    for (const other of this.walls) {
      const isTaped = laidIn(other, round).some(({ corner }) => corner === wall.wall.id);
      if (isTaped) this.onWall.get(other.wall.id)!.push(...off);
    }
  }

  /** The coats that one paint gets in a round; answers the last of them. */
  private addCoats(wall: WorkWall, round: Round, paint: Paint, regions: readonly WorkRegion[]): string {
    const id = (coat: number) => `${wall.wall.id}/paint-${round.round}-${paint.id}-${coat}`;
    const first = round.coat ?? 1;
    const last = round.coat ?? paint.coats;
    const before = this.latest.get(`${wall.wall.id} ${paint.id} ${round.group}`);
    const { secondCoat } = this.site.work;
    for (let coat = first; coat <= last; coat++) {
      const isPeeled = coat === last && wall.peel === "wet";
      const limit = paint.openMin * warmestOpenShare;
      const stretches = divideIntoStretches(this.portionsOf(wall, round, paint, regions, isPeeled), limit);
      const onBefore = before ? nextCoat(before, paint, secondCoat) : [];
      const seals = this.site.sealsWet ? sealsOf(this.paintedUpTo(wall.wall.id, round)) : null;
      this.steps.push({
        id: id(coat),
        phase: "colour",
        verb: "paint",
        wall: wall.wall.id,
        round: round.round,
        session: String(round.round),
        colour: paint.id,
        coat,
        coatsM2: regions.reduce((sum, { areaM2 }) => sum + areaM2, 0),
        stretches,
        minutes: stretches.reduce((sum, { minutes }) => sum + minutes, 0),
        after:
          coat === first
            ? [...this.readyToPaint(wall, round), ...onBefore]
            : nextCoat(id(coat - 1), paint, secondCoat),
        say: said("paint", {
          wall: wall.wall.id,
          colour: paint.id,
          coat,
          isPeeled,
          stretches: stretches.length,
          seals,
        }),
        cautions: cautionsOfPaint(paint, wall.wall, seals ?? []),
        evening: [said("ready-tins", { colours: [paint.id] }), said("ready-rollers", {})],
      });
    }
    return id(last);
  }

  /** Tape and seal here, and on walls whose tape is painted up to from here; a dry ground. */
  private readyToPaint({ wall }: WorkWall, round: Round): (Wait | null)[] {
    const taped = this.walls.filter(
      (other) => other.wall.id === wall.id || other.tape.some(({ corner }) => corner === wall.id),
    );
    return [
      waitFor(`${wall.id}/mark`),
      ...groundReady(wall),
      // What is cut in by hand beside it needs no tape, but has to be dry.
      ...(this.onWall.get(wall.id) ?? []),
      ...taped.flatMap((other) => {
        const sealed = laidIn(other, round).filter((bundle) => bundle.sealWith === "colour");
        const colours = new Set(sealed.map(({ over }) => over!));
        const dry = Math.max(0, ...[...colours].map((colour) => this.paints.get(colour)!.touchDryMin));
        return [
          waitFor(tapeOf(other.wall.id, round)),
          waitFor(sealOf(other.wall.id, round), "touch-dry", dry),
        ];
      }),
    ];
  }

  private portionsOf(
    wall: WorkWall,
    round: Round,
    paint: Paint,
    regions: readonly WorkRegion[],
    isPeeled: boolean,
  ): Portion[] {
    const { rates } = this.site.work;
    const pieces = this.paintedUpTo(wall.wall.id, round).filter((piece) => piece.paints === paint.id);
    const edges = regions.reduce((sum, { edgeMm }) => sum + edgeMm, 0);
    const peeling = isPeeled ? metres(pieces) / rates.peeling_m_min : 0;
    const sealing = this.site.sealsWet ? edgeMetres(pieces) / rates.sealing_m_min : 0;
    return regions.map(({ id, areaM2, edgeMm }) => ({
      region: id,
      minutes:
        edgeMm / 1000 / rates.cuttingIn_m_min +
        areaM2 / rates.rolling_m2_min +
        ((peeling + sealing) * edgeMm) / edges,
    }));
  }

  private addPeeling({ wall }: WorkWall, round: Round, painted: readonly Wait[]): Wait | null {
    const pieces = this.paintedUpTo(wall.id, round);
    if (pieces.length === 0) return null;
    const colours = new Set(pieces.map(({ paints }) => paints));
    const dry = Math.max(...[...colours].map((colour) => this.paints.get(colour)!.touchDryMin));
    const id = `${wall.id}/peel-${round.round}`;
    this.steps.push({
      id,
      phase: "unmask",
      verb: "peel",
      wall: wall.id,
      round: round.round,
      minutes: metres(pieces) / this.site.work.rates.peeling_m_min,
      after: painted.map(({ step }) => waitFor(step, "touch-dry", dry)),
      say: said("peel", { wall: wall.id, round: round.round, amount: metres(pieces) }),
      cautions: cautionsOnSteps(wall),
      evening: [],
    });
    return waitFor(id);
  }

  /** Tape of a round that is painted up to from a wall: its own, and that around its corners. */
  private paintedUpTo(wall: string, round: Round): TapeBundle[] {
    return this.walls.flatMap((other) =>
      laidIn(other, round).filter(({ corner }) => (corner ?? other.wall.id) === wall),
    );
  }

  /** Paint under tape has to be ready for it; a base that is already on has long been. */
  private waitUnder(wall: string, { over, underGroup }: TapeBundle): Wait | null {
    if (over === null || underGroup === null) return null;
    const paint = this.paints.get(over)!;
    const step =
      underGroup === 0 ? `${wall}/base-${paint.coats}` : this.latest.get(`${wall} ${over} ${underGroup}`);
    return waitFor(step ?? null, "tape-over", paint.tapeOverMin);
  }
}
