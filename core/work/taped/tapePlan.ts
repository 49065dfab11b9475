import { laidBefore } from "../../tape/nameTape";
import { isCaulk } from "../../tape/sealEdge";
import type { EdgePiece } from "../../tape/tapePiece";
import { openShare } from "../../trade/climate";
import { climbingMin } from "../room/access";
import type { WorkInput, WorkWall } from "../workInput";
import { bundleTape, type TapeBundle } from "./bundleTape";
import { metresOf } from "./bundles";
import { coatPortions } from "./coatPortions";
import { laidFor } from "./inRounds";
import { RoundRegions } from "./roundRegions";
import { placeOf, runsPast, type RunsPast } from "./runsPast";

/** Tape as it comes off: with the last coat of one colour, or in a visit of its own once that is dry. */
export interface ComingOff {
  readonly bundle: TapeBundle;
  readonly with: string;
  readonly isDry: boolean;
  /** Why what is beside it is dry by then where its tape comes off wet: another round, or more than stays open in one go. */
  readonly strands: "rounds" | "time" | null;
}

/** Which tape lies on each wall when: bundles of the rounds, by their places. */
export class TapePlan {
  private readonly laidOn = new Map<string, readonly (readonly TapeBundle[])[]>();
  private readonly byHandOn = new Map<string, readonly (readonly TapeBundle[])[]>();
  private readonly past = new Map<string, RunsPast>();
  private readonly before = new Map<string, number[][]>();
  private readonly offs = new Map<TapeBundle, ComingOff>();
  private readonly wallOf: ReadonlyMap<string, WorkWall>;
  readonly regions: RoundRegions["of"];
  readonly coloursInTurn: RoundRegions["coloursInTurn"];
  readonly visits: RoundRegions["visits"];

  constructor(private readonly site: WorkInput) {
    ({
      of: this.regions,
      coloursInTurn: this.coloursInTurn,
      visits: this.visits,
    } = new RoundRegions(site.walls));
    this.wallOf = new Map(site.walls.map((wall) => [wall.wall.id, wall]));
    for (const { wall, regions } of site.walls) {
      const groupOf = (region: number) => regions[region]!.group;
      const bundled = (of: WorkInput["laid"], ids?: readonly (readonly string[])[]) =>
        (of.get(wall.id) ?? []).map((pieces, place) =>
          bundleTape({
            on: wall.id,
            pieces,
            ...(ids && { ids: ids[place + 1]! }),
            groupOf,
            offOf: (piece) => {
              const under = piece.under === null ? null : groupOf(piece.under);
              return (
                laidFor(piece, wall.id, site.rounds, under).find(({ laid }) => laid === place)?.off ?? place
              );
            },
          }),
        );
      this.laidOn.set(wall.id, bundled(site.laid, site.tapeIds.get(wall.id)));
      this.byHandOn.set(wall.id, bundled(site.byHand));
    }
  }

  /** What is laid on a wall in a round. */
  laid = (wall: string, place: number): readonly TapeBundle[] => this.laidOn.get(wall)?.[place] ?? [];

  /** Whether some of it comes to a line where tape of an earlier round lay. */
  isLaidAgain(wall: string, place: number): boolean {
    const laid = this.site.laid.get(wall) ?? [];
    let before = this.before.get(wall);
    if (!before) this.before.set(wall, (before = laidBefore(wall, laid)));
    return (before[place] ?? []).some((times, index) => times > 0 && laid[place]![index]!.cuts !== null);
  }

  /** What is laid in a round and painted up to from a wall: its own, and that around its corners. */
  paintedUpTo = (wall: string, place: number): TapeBundle[] => this.seenFrom(wall, place, this.laidOn);

  /** What is done by hand from a wall in a round. */
  byHand = (wall: string, place: number): TapeBundle[] => this.seenFrom(wall, place, this.byHandOn);

  /** What edges that are done by hand from a wall lie beside, and on which wall that is. */
  besideHand(wall: string, place: number): { readonly on: string; readonly bundle: TapeBundle }[] {
    return [...this.byHandOn].flatMap(([on, rounds]) =>
      rounds[place]!.flatMap((bundle) => ((bundle.corner ?? on) === wall ? [{ on, bundle }] : [])),
    );
  }

  /** What of the tape that is painted up to from a wall comes off in a round. */
  comingOff(wall: string, place: number): ComingOff[] {
    const on = this.wallOf.get(wall);
    if (!on) return [];
    return this.offAt(wall, place).map((bundle) => this.comesOff(on, bundle));
  }

  /** How far what is painted on a wall in a round is carried past its boundaries, under what comes later there. */
  runningPast(wall: string, place: number): RunsPast {
    const key = `${wall} ${place}`;
    let known = this.past.get(key);
    if (!known) {
      known = runsPast(this.wallOf.get(wall)!, this.edgesOf(wall), this.site.rounds, place);
      this.past.set(key, known);
    }
    return known;
  }

  /** Whether all of a wall is rolled in the colour of a round, and its lines struck on that: no tape of the round is laid by them. */
  isStruckOn = (wall: string, place: number): boolean =>
    this.runningPast(wall, place).restM2 > 0 &&
    !this.laid(wall, place).some(({ pieces }) => pieces.some(({ piece }) => piece.cuts !== null));

  /** Whether what is painted on a wall in a round meets, at an external corner, what is floated up to it only later. */
  turnsArris(wall: string, place: number): boolean {
    const { regions } = this.wallOf.get(wall)!;
    const { group } = this.site.rounds[place]!;
    return this.edgesOf(wall).some(
      ({ under, byHand, upTo }) =>
        byHand === "float" &&
        under !== null &&
        regions[under]!.group === group &&
        upTo.every((side) => placeOf(side.group, this.site.rounds) > place),
    );
  }

  /** Whether tape of a round lies on a colour that was carried past the line: what is beyond it is painted for the first time now. */
  liesOnCarried = ({ over, underGroup, upTo }: TapeBundle, place: number): boolean =>
    over !== null &&
    underGroup !== null &&
    underGroup > 0 &&
    upTo.every((side) => placeOf(side.group, this.site.rounds) === place);

  /** All edges on a wall, taped and done by hand. */
  private edgesOf = (wall: string): EdgePiece[] => [
    ...(this.site.laid.get(wall)?.flat() ?? []),
    ...(this.site.byHand.get(wall)?.flat() ?? []),
  ];

  private comesOff(on: WorkWall, bundle: TapeBundle): ComingOff {
    let known = this.offs.get(bundle);
    if (!known) this.offs.set(bundle, (known = this.decideOff(on, bundle)));
    return known;
  }

  private decideOff(on: WorkWall, bundle: TapeBundle): ComingOff {
    const round = this.site.rounds[bundle.off]!;
    const { wall, peel } = on;
    const inRound = bundle.upTo.filter(
      ({ group, paint }) => group === round.group && round.paints.has(paint),
    );
    const inTurn = this.coloursInTurn(wall.id, round);
    const last = inRound.reduce(
      (late, { paint }) => (inTurn.indexOf(paint) > inTurn.indexOf(late) ? paint : late),
      inRound[0]!.paint,
    );
    // A wet film is laid anew for each coat, and off again with it.
    const strands =
      inRound.length < bundle.upTo.length && !isCaulk(bundle.sealWith)
        ? "rounds"
        : inRound.length > 1 && !this.canJoin(wall.id, bundle.off, inRound)
          ? "time"
          : null;
    // A school that is asked for is kept, and told what it does.
    const isDry = peel.when === "dry" || (strands !== null && peel.why !== "asked");
    return { bundle, with: last, isDry, strands };
  }

  /**
   * Whether the last coats of several colours can follow each other before the first of them sets. Others that share tape
   * with them come between, and then the peeling of all that comes off counts too.
   */
  private canJoin(wall: string, place: number, sides: TapeBundle["upTo"]): boolean {
    const own = sides.map(({ paint }) => paint);
    const between = this.sharingBetween(wall, place, own);
    const peeling =
      between.length === 0 ? 0 : metresOf(this.offAt(wall, place)) / this.site.work.rates.peeling_m_min;
    const minutes = [...own, ...between].reduce(
      (sum, paint) => sum + Math.ceil(this.coatMinutes(wall, place, paint)),
      peeling,
    );
    return minutes <= Math.min(...own.map((paint) => this.openMinutes(paint)));
  }

  /** The colours that are painted between some and share tape with one of them, so that they cannot be painted before or after. */
  private sharingBetween(wall: string, place: number, own: readonly string[]): string[] {
    const inTurn = this.coloursInTurn(wall, this.site.rounds[place]!);
    const places = own.map((paint) => inTurn.indexOf(paint));
    const shared = this.offAt(wall, place).map(({ upTo }) => upTo.map(({ paint }) => paint));
    return inTurn
      .slice(Math.min(...places), Math.max(...places))
      .filter(
        (paint) =>
          !own.includes(paint) &&
          shared.some((sides) => sides.includes(paint) && own.some((other) => sides.includes(other))),
      );
  }

  /** What of the tape that is painted up to from a wall is to come off in a round. */
  private offAt(wall: string, place: number): TapeBundle[] {
    return this.site.rounds.flatMap((_, laidIn) =>
      laidIn > place ? [] : this.paintedUpTo(wall, laidIn).filter(({ off }) => off === place),
    );
  }

  /** How long an edge of a paint stays wet in the room's air. */
  openMinutes = (paint: string): number => this.site.paints.get(paint)!.openMin * openShare(this.site.work);

  /** A coat of one paint on a wall in a round, without its peeling. */
  coatMinutes(wall: string, place: number, paint: string): number {
    const round = this.site.rounds[place]!;
    const regions = this.regions(wall, round, paint);
    const byHand = this.byHand(wall, place).filter(({ upTo }) => upTo.some((side) => side.paint === paint));
    const along = { byHand, peeledM: 0, sealedM: 0, climbingMin: climbingMin(this.wallOf.get(wall)!) };
    const { rates } = this.site.work;
    const { restM2 } = this.runningPast(wall, place);
    return coatPortions(regions, along, rates, this.visits(round, paint), restM2).reduce(
      (sum, { minutes }) => sum + minutes,
      0,
    );
  }

  private seenFrom(
    wall: string,
    place: number,
    of: ReadonlyMap<string, readonly (readonly TapeBundle[])[]>,
  ): TapeBundle[] {
    return [...of].flatMap(([on, rounds]) =>
      (rounds[place] ?? []).filter(({ corner }) => (corner ?? on) === wall),
    );
  }
}
