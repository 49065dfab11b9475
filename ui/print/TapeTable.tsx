import type { PlanTape } from "@/core/job/planTypes";
import { Row } from "./Row";

/** Lines between colours first, round by round; the masks around the wall after them. */
const bySide = (a: { piece: PlanTape }, b: { piece: PlanTape }): number =>
  Number(a.piece.cuts === undefined) - Number(b.piece.cuts === undefined) || a.piece.round - b.piece.round;

interface TapeTableProps {
  readonly tape: readonly PlanTape[];
  readonly nameOf: (id: string | null | undefined) => string;
  readonly length: (mm: number) => string;
}

const againstWords = {
  ceiling: "the ceiling",
  trim: "the trim",
  neighbour: "the neighbouring surface",
  opening: "the opening",
} as const;

const sealWords = { clear: "clear sealer", white: "white sealer", press: "press only" } as const;

/** Pieces of one kind in one row: how many, how long, on which side, on what. */
export function TapeTable({ tape, nameOf, length }: TapeTableProps) {
  if (tape.length === 0) return <p>No tape.</p>;
  const groups = new Map<string, { piece: PlanTape; count: number }>();
  for (const piece of tape) {
    const { round, lies, centred, over, cuts, against, sealWith, flexible } = piece;
    const key = [
      round,
      centred ? "centred" : lies,
      over,
      cuts,
      against,
      sealWith,
      flexible,
      length(piece.length),
    ].join();
    const group = groups.get(key);
    groups.set(key, { piece, count: (group?.count ?? 0) + 1 });
  }
  return (
    <table className="w-full border-collapse text-left">
      <thead>
        <Row cells={["Round", "Pieces", "Each", "Tape lies", "On", "Edge of", "Seal with"]} isHead />
      </thead>
      <tbody>
        {[...groups.values()].sort(bySide).map(({ piece, count }) => (
          <Row
            key={piece.id}
            cells={[
              String(piece.round),
              String(count),
              length(piece.length),
              `${whereItLies(piece)}${piece.flexible ? ", flexible" : ""}`,
              piece.over ? nameOf(piece.over) : againstWords[piece.against!],
              nameOf(piece.cuts),
              piece.sealWith === "colour" ? nameOf(piece.seal) : sealWords[piece.sealWith],
            ]}
          />
        ))}
      </tbody>
    </table>
  );
}

function whereItLies({ centred, lies, cuts }: PlanTape): string {
  if (centred) return "centred on the line";
  const isBeside = lies === "left" || lies === "right";
  return `${lies} ${isBeside ? (cuts ? "of the mark" : "of the edge") : cuts ? "the line" : "the edge"}`;
}
