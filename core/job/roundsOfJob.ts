import { listPasses, roundsOf, type Round, type School } from "../rounds/listPasses";
import { nameTape } from "../tape/nameTape";
import type { EdgePiece } from "../tape/tapePiece";
import { isFor, isPaintedIn, laidFor } from "../work/taped/inRounds";
import type { LaidOutJob, OrderedWall } from "./orderedWall";

/** The rounds of a job in a school: round k of every wall is one round. */
export function roundsOfJob({ job, walls }: LaidOutJob, school: School): Round[] {
  const coatsOf = new Map(job.paints.map((paint) => [paint.id, paint.coats]));
  const coatsOfGroups: number[] = [];
  for (const { laid, groups } of walls) {
    groups.forEach((group, index) => {
      if (group === 0) return;
      const coats = coatsOf.get(laid!.pattern.regions[index]!.colour)!;
      coatsOfGroups[group - 1] = Math.max(coatsOfGroups[group - 1] ?? 0, coats);
    });
  }
  const taping = job.edges.seal === "caulk" ? "each coat" : "once";
  const rounds = roundsOf(listPasses(coatsOfGroups, school, taping), coatsOf);
  return [...rounds, ...roundsAnew({ job, walls }, rounds.length, taping === "once" ? coatsOf : null)];
}

/**
 * Rounds of their own for coats that were asked for when tape was off already: one for all coats of a paint, of which `atOnce` tells how
 * many there are, where tape lies on for them.
 */
function roundsAnew(
  { job, walls }: LaidOutJob,
  before: number,
  atOnce: ReadonlyMap<string, number> | null,
): Round[] {
  const rounds: Round[] = [];
  for (const anew of job.anew ?? []) {
    const { paint, coats, regions } = anew;
    const isOf = ({ id, colour }: { readonly id: string; readonly colour: string }) =>
      colour === paint && (regions?.includes(id) ?? true);
    const groups = new Set(
      walls
        .filter(({ wall }) => anew.walls.includes(wall.id))
        .flatMap((on) => on.groups.filter((_, index) => isOf(on.laid!.pattern.regions[index]!))),
    );
    const isAll = coats[0] === 1 && coats.length === atOnce?.get(paint);
    const inTurn: readonly Pick<Round, "coat">[] = isAll ? [{}] : coats.map((coat) => ({ coat }));
    for (const coat of inTurn)
      for (const group of [...groups].filter((one) => one > 0).sort((a, b) => a - b))
        rounds.push({ round: before + rounds.length + 1, group, ...coat, paints: new Set([paint]), anew });
  }
  return rounds;
}

/** What is laid on a wall in each round, and what edges are done there by hand, each round by its place. */
export interface EdgesInRounds {
  /** The masks around each wall while its base goes on. */
  readonly baseMasks: ReadonlyMap<string, readonly EdgePiece[]>;
  /** The ids of what is taped on each wall: of the masks of its base, and then round by round. */
  readonly tapeIds: ReadonlyMap<string, readonly (readonly string[])[]>;
  readonly laid: ReadonlyMap<string, readonly (readonly EdgePiece[])[]>;
  readonly byHand: ReadonlyMap<string, readonly (readonly EdgePiece[])[]>;
}

/**
 * The edges of each wall in each round: what is painted up to in it. Tape that stays on is laid once; a further coat is
 * taped beside what was painted later, too.
 */
export function edgesInRounds({ walls }: LaidOutJob, rounds: readonly Round[]): EdgesInRounds {
  const inRounds = walls.map((on) => [on.wall.id, edgesOfWall(on, rounds)] as const);
  const of = (isTaped: boolean) =>
    new Map(
      inRounds.map(([id, edges]) => [
        id,
        edges.map((pieces) => pieces.filter(({ byHand }) => (byHand === null) === isTaped)),
      ]),
    );
  const laid = of(true);
  const baseMasks = new Map(
    walls.map((on) => [on.wall.id, on.baseMasks.filter(({ byHand }) => byHand === null)]),
  );
  const tapeIds = new Map(
    [...laid].map(([id, rounds]) => [id, nameTape(id, [baseMasks.get(id)!, ...rounds])]),
  );
  return { laid, byHand: of(false), baseMasks, tapeIds };
}

function edgesOfWall(
  { wall, tape, tapeAgain, groups }: OrderedWall,
  rounds: readonly Round[],
): EdgePiece[][] {
  const first = byGroup(tape);
  const painted = new Set<number>();
  return rounds.map((round, place) => {
    const { group } = round;
    const own = (first.get(group) ?? []).filter((piece) => {
      const under = piece.under === null ? null : groups[piece.under]!;
      return laidFor(piece, wall.id, rounds, under).some(({ laid }) => laid === place);
    });
    const isLaterDry = [...painted].some((other) => other > group);
    const again = isLaterDry
      ? tapeAgain().filter(
          (piece) =>
            isFor(round, piece, wall.id) &&
            isPaintedIn(round, piece) &&
            (piece.under === null || painted.has(groups[piece.under]!)),
        )
      : [];
    painted.add(group);
    return [...own, ...again];
  });
}

function byGroup(pieces: readonly EdgePiece[]): Map<number, EdgePiece[]> {
  const groups = new Map<number, EdgePiece[]>();
  for (const piece of pieces) {
    let last = -1;
    for (const { group } of piece.upTo) {
      if (group === last) continue;
      last = group;
      const own = groups.get(group);
      if (!own) groups.set(group, [piece]);
      else if (own.at(-1) !== piece) own.push(piece);
    }
  }
  return groups;
}
