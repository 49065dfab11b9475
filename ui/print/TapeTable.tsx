import type { PlanTape } from "@/core/plan/planTypes";
import { tapeRows } from "@/ui/stations/mark/tapeRows";
import { Row } from "./Row";

interface TapeTableProps {
  readonly tape: readonly PlanTape[];
  readonly nameOf: (id: string | null | undefined) => string;
  readonly length: (mm: number) => string;
}

/** Pieces of one kind in one row: how many, how long, on which side, on what. */
export function TapeTable({ tape, nameOf, length }: TapeTableProps) {
  if (tape.length === 0) return <p>No tape.</p>;
  return (
    <table className="w-full border-collapse text-left">
      <thead>
        <Row cells={["Round", "Pieces", "Each", "Tape lies", "On", "Edge of", "Seal with"]} isHead />
      </thead>
      <tbody>
        {tapeRows(tape, nameOf, length).map(({ id, round, count, each, lies, on, edgeOf, sealWith }) => (
          <Row key={id} cells={[String(round), String(count), each, lies, on, edgeOf, sealWith]} />
        ))}
      </tbody>
    </table>
  );
}
