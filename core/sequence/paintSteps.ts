import { groupBy } from "../geometry/groupBy";
import type { Paint } from "../paint/schema";
import type { Pass } from "../rounds/listPasses";
import type { TapeBundle } from "./bundleTape";
import { groundReady } from "./groundReady";
import { warmestOpenShare } from "./climate";
import { curvedTapingShare } from "../trade/constants";
import type { Rates, Work } from "./schema";
import type { Wait } from "./step";
import { waitFor, type StepList } from "./stepList";
import { divideIntoStretches, type Portion } from "./stretches";
import { isInPass, type WorkRegion, type WorkSite, type WorkWall } from "./workSite";

/** When the next coat of a paint may go on, by the painter's school. */
export function nextCoat(before: string, paint: Paint, school: Work["secondCoat"]): (Wait | null)[] {
  const least = school === "touch" ? Math.min(paint.touchDryMin, paint.recoatMin) : paint.recoatMin;
  return [waitFor(before, "recoat", least), school === "next-day" ? waitFor(before, "next-day") : null];
}

/** Taping, sealing, painting and peeling of every round. */
export function addPaintSteps(list: StepList, walls: readonly WorkWall[], site: WorkSite): void {
  const adder = new PaintSteps(list, walls, site);
  for (const pass of site.passes) {
    for (const wall of walls) adder.addTaping(wall, pass);
    for (const wall of walls) adder.addPainting(wall, pass);
  }
}

const tapeOf = (wall: string, { round }: Pass) => `${wall}/tape-${round}`;
const sealOf = (wall: string, { round }: Pass) => `${wall}/seal-${round}`;
const metres = (tape: readonly TapeBundle[]) => tape.reduce((sum, bundle) => sum + bundle.metres, 0);
/** A curve is laid at a part of the pace. */
const tapingMinutes = (tape: readonly TapeBundle[], rates: Rates) =>
  tape.reduce((sum, bundle) => sum + bundle.metres + bundle.curvedMetres * (1 / curvedTapingShare - 1), 0) /
  rates.taping_m_min;
const edgeMetres = (tape: readonly TapeBundle[]) => tape.reduce((sum, bundle) => sum + bundle.edgeMetres, 0);
const sealsOf = (tape: readonly TapeBundle[]) => [...new Set(tape.map(({ sealWith }) => sealWith))];

class PaintSteps {
  private readonly paints: ReadonlyMap<string, Paint>;
  /** The step that last painted a colour of a group on a wall, and what all was painted on a wall, its base first. */
  private readonly latest = new Map<string, string>();
  private readonly onWall = new Map<string, Wait[]>();

  constructor(
    private readonly list: StepList,
    private readonly walls: readonly WorkWall[],
    private readonly site: WorkSite,
  ) {
    this.paints = new Map(site.paints.map((paint) => [paint.id, paint]));
    for (const { wall } of walls) {
      const base = this.paints.get(wall.base)!;
      this.onWall.set(wall.id, [waitFor(`${wall.id}/base-${base.coats}`, "recoat", base.recoatMin)!]);
    }
  }

  addTaping(on: WorkWall, pass: Pass): void {
    const { wall } = on;
    const { rates } = this.site.work;
    const pieces = this.laidOn(on, pass);
    if (pieces.length === 0) return;
    const crossings = pieces.reduce((sum, bundle) => sum + bundle.crossings, 0);
    const over = pieces.map((bundle) => this.waitUnder(wall.id, bundle));
    this.list.add({
      id: tapeOf(wall.id, pass),
      kind: "tape",
      wall: wall.id,
      round: pass.round,
      ...(pass.coat !== undefined && { coat: pass.coat }),
      amount: metres(pieces),
      minutes: tapingMinutes(pieces, rates) + crossings * rates.crossing_min,
      after: [waitFor(`${wall.id}/mark`), ...groundReady(wall), ...over, ...(this.onWall.get(wall.id) ?? [])],
    });
    const sealed = pieces.filter(({ sealWith }) => sealWith !== "press");
    if (this.site.sealsWet || sealed.length === 0) return;
    this.list.add({
      id: sealOf(wall.id, pass),
      kind: "seal",
      wall: wall.id,
      round: pass.round,
      amount: edgeMetres(sealed),
      seals: sealsOf(sealed),
      minutes: edgeMetres(sealed) / rates.sealing_m_min,
      after: [waitFor(tapeOf(wall.id, pass))],
    });
  }

  addPainting(wall: WorkWall, pass: Pass): void {
    const own = wall.regions.filter(({ group }) => group === pass.group);
    const steps = [...groupBy(own, ({ colour }) => colour)].flatMap(([colour, regions]) => {
      const paint = this.paints.get(colour)!;
      if (!isInPass(paint, pass)) return [];
      const step = this.addCoats(wall, pass, paint, regions);
      this.latest.set(`${wall.wall.id} ${colour} ${pass.group}`, step);
      return [waitFor(step, "recoat", paint.recoatMin)!];
    });
    if (steps.length === 0) return;
    this.onWall.set(wall.wall.id, [...(this.onWall.get(wall.wall.id) ?? []), ...steps]);
    if (wall.peel === "dry") this.addPeeling(wall.wall.id, pass, steps);
  }

  /** The coats that one paint gets in a pass; answers the last of them. */
  private addCoats(wall: WorkWall, pass: Pass, paint: Paint, regions: readonly WorkRegion[]): string {
    const id = (coat: number) => `${wall.wall.id}/paint-${pass.round}-${paint.id}-${coat}`;
    const first = pass.coat ?? 1;
    const last = pass.coat ?? paint.coats;
    const before = this.latest.get(`${wall.wall.id} ${paint.id} ${pass.group}`);
    const { secondCoat } = this.site.work;
    for (let coat = first; coat <= last; coat++) {
      const isPeeled = coat === last && wall.peel === "wet";
      const limit = paint.openMin * warmestOpenShare;
      const stretches = divideIntoStretches(this.portionsOf(wall, pass, paint, regions, isPeeled), limit);
      const onBefore = before ? nextCoat(before, paint, secondCoat) : [];
      this.list.add({
        id: id(coat),
        kind: "paint",
        wall: wall.wall.id,
        round: pass.round,
        colour: paint.id,
        coat,
        isPeeled,
        ...(this.site.sealsWet && { seals: sealsOf(this.paintedUpTo(wall.wall.id, pass)) }),
        amount: regions.reduce((sum, { areaM2 }) => sum + areaM2, 0),
        stretches,
        minutes: stretches.reduce((sum, { minutes }) => sum + minutes, 0),
        after:
          coat === first
            ? [...this.readyToPaint(wall, pass), ...onBefore]
            : nextCoat(id(coat - 1), paint, secondCoat),
      });
    }
    return id(last);
  }

  /** Tape and seal here, and on walls whose tape is painted up to from here; a dry ground. */
  private readyToPaint({ wall }: WorkWall, pass: Pass): (Wait | null)[] {
    const taped = this.walls.filter(
      (other) => other.wall.id === wall.id || other.tape.some(({ corner }) => corner === wall.id),
    );
    return [
      waitFor(`${wall.id}/mark`),
      ...groundReady(wall),
      // What is cut in by hand beside it needs no tape, but has to be dry.
      ...(this.onWall.get(wall.id) ?? []),
      ...taped.flatMap((other) => {
        const sealed = this.laidOn(other, pass).filter((bundle) => bundle.sealWith === "colour");
        const colours = new Set(sealed.map(({ over }) => over!));
        const dry = Math.max(0, ...[...colours].map((colour) => this.paints.get(colour)!.touchDryMin));
        return [waitFor(tapeOf(other.wall.id, pass)), waitFor(sealOf(other.wall.id, pass), "touch-dry", dry)];
      }),
    ];
  }

  private portionsOf(
    wall: WorkWall,
    pass: Pass,
    paint: Paint,
    regions: readonly WorkRegion[],
    isPeeled: boolean,
  ): Portion[] {
    const { rates } = this.site.work;
    const pieces = this.paintedUpTo(wall.wall.id, pass).filter((piece) => piece.paints === paint.id);
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

  private addPeeling(wall: string, pass: Pass, painted: readonly Wait[]): void {
    const pieces = this.paintedUpTo(wall, pass);
    if (pieces.length === 0) return;
    const colours = new Set(pieces.map(({ paints }) => paints));
    const dry = Math.max(...[...colours].map((colour) => this.paints.get(colour)!.touchDryMin));
    const id = this.list.add({
      id: `${wall}/peel-${pass.round}`,
      kind: "peel",
      wall,
      round: pass.round,
      amount: metres(pieces),
      minutes: metres(pieces) / this.site.work.rates.peeling_m_min,
      after: painted.map(({ step }) => waitFor(step, "touch-dry", dry)),
    });
    this.onWall.get(wall)!.push(waitFor(id)!);
  }

  private laidOn({ tape }: WorkWall, pass: Pass): TapeBundle[] {
    return tape.filter(
      ({ group, paints }) => group === pass.group && isInPass(this.paints.get(paints)!, pass),
    );
  }

  /** Tape of a pass that is painted up to from a wall: its own, and that around its corners. */
  private paintedUpTo(wall: string, pass: Pass): TapeBundle[] {
    return this.walls.flatMap((other) =>
      this.laidOn(other, pass).filter(({ corner }) => (corner ?? other.wall.id) === wall),
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
