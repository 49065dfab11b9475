import type { PlanTable } from "@/core/plan/planTypes";
import { ReadingTable } from "./ReadingTable";

interface Props {
  readonly tables: readonly PlanTable[] | undefined;
  /** Those of this wall, and those of the whole job. */
  readonly wall: string;
  readonly line?: string;
  readonly canBeTaken?: true;
}

/** What finishes bring to be read off at the wall. */
export function PlanTables({ tables = [], wall, line, canBeTaken }: Props) {
  return tables
    .filter((table) => table.wall === undefined || table.wall === wall)
    .map(({ id, title, columns, cells }) => (
      <ReadingTable
        key={id}
        title={title}
        columns={columns.map(({ label }) => label)}
        cells={cells}
        line={line}
        canBeTaken={canBeTaken}
      />
    ));
}
