import { Measure } from "./Measure";
import { TakeAlong } from "./TakeAlong";

interface Props {
  readonly title: string;
  /** What it is called when it is taken along, where that is shorter. */
  readonly name?: string;
  readonly columns: readonly string[];
  readonly cells: readonly (readonly string[])[];
  /** Of a line: its rule and spacing. */
  readonly line?: string;
  /** On a screen it can be taken along. */
  readonly canBeTaken?: true;
}

/** Readings that are read off at the wall, from a screen or from paper. */
export function ReadingTable({ title, name = title, columns, cells, line, canBeTaken }: Props) {
  return (
    <>
      <table className="mt-3 w-full border-collapse text-left tabular-nums">
        <caption className="pb-1 text-left font-bold">{title}</caption>
        <thead>
          <tr>
            {columns.map((label) => (
              <th key={label} scope="col" className="pr-3 text-[0.8125rem] font-semibold">
                <Measure>{label}</Measure>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {cells.map((row, index) => (
            <tr key={index} className={`break-inside-avoid ${line ?? "border-t border-hairline"}`}>
              {row.map((cell, column) => (
                <td key={column} className="py-0.5 pr-3">
                  <Measure>{cell}</Measure>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {canBeTaken && (
        <div className="flex justify-end">
          <TakeAlong name={name} columns={columns} rows={() => cells} />
        </div>
      )}
    </>
  );
}
