import { Measure } from "@/ui/parts/Measure";

/** A line of a printed table. */
export function Row({ cells, isHead }: { cells: readonly string[]; isHead?: boolean }) {
  const Cell = isHead ? "th" : "td";
  return (
    <tr className="break-inside-avoid">
      {cells.map((cell, index) => (
        <Cell
          key={index}
          scope={isHead ? "col" : undefined}
          className={`border-b border-neutral-400 py-[2px] pr-2 align-top max-sm:pr-1 max-sm:text-[8pt] ${isHead ? "text-[9pt] font-semibold" : ""}`}
        >
          <Measure>{cell}</Measure>
        </Cell>
      ))}
    </tr>
  );
}
