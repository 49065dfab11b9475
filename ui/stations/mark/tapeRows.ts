import type { PlanTape } from "@/core/plan/planTypes";

/** Pieces of one kind in one row, in words. */
export interface TapeRow {
  readonly id: string;
  readonly round: number;
  readonly count: number;
  readonly each: string;
  readonly lies: string;
  readonly on: string;
  readonly edgeOf: string;
  readonly sealWith: string;
}

const againstWords = {
  ceiling: "the ceiling",
  trim: "the trim",
  neighbour: "the neighbouring surface",
  opening: "the opening",
} as const;

const sealWords = { clear: "clear sealer", white: "white sealer", press: "press only" } as const;

/** Tape as it is laid: how many pieces, how long each, on which side, on what. Lines between colours come first, round by round. */
export function tapeRows(
  tape: readonly PlanTape[],
  nameOf: (id: string | null | undefined) => string,
  length: (mm: number) => string,
): TapeRow[] {
  const groups = new Map<string, { piece: PlanTape; count: number }>();
  for (const piece of tape) {
    const { round, lies, centred, over, cuts, against, sealWith, flexible } = piece;
    const side = centred ? "centred" : lies;
    const key = [round, side, over, cuts, against, sealWith, flexible, length(piece.length)].join();
    groups.set(key, { piece, count: (groups.get(key)?.count ?? 0) + 1 });
  }
  return [...groups.values()].sort(bySide).map(({ piece, count }) => ({
    id: piece.id,
    round: piece.round,
    count,
    each: length(piece.length),
    lies: `${whereItLies(piece)}${piece.flexible ? ", flexible" : ""}`,
    on: piece.over ? nameOf(piece.over) : againstWords[piece.against!],
    edgeOf: nameOf(piece.cuts),
    sealWith: piece.sealWith === "colour" ? nameOf(piece.seal) : sealWords[piece.sealWith],
  }));
}

/** Lines between colours first, round by round; the masks around the wall after them. */
const bySide = (a: { piece: PlanTape }, b: { piece: PlanTape }): number =>
  Number(a.piece.cuts === undefined) - Number(b.piece.cuts === undefined) || a.piece.round - b.piece.round;

function whereItLies({ centred, lies, cuts }: PlanTape): string {
  if (centred) return "centred on the line";
  const isBeside = lies === "left" || lies === "right";
  return `${lies} ${isBeside ? (cuts ? "of the mark" : "of the edge") : cuts ? "the line" : "the edge"}`;
}
