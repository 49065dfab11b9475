import type { PlanTable } from "@/core/plan/planTypes";
import { Fragment } from "react";
import { Measure } from "./Measure";
import { TakeAlong } from "./TakeAlong";

interface Props {
  readonly tables: readonly PlanTable[] | undefined;
  /** Those of this wall, and those of the whole job. */
  readonly wall: string;
  /** Of a line: its rule and spacing. */
  readonly line?: string;
  /** On a screen they can be taken along. */
  readonly canBeTaken?: true;
}

/** What finishes bring to be read off at the wall. */
export function PlanTables({ tables = [], wall, line = "border-t border-hairline", canBeTaken }: Props) {
  return tables
    .filter((table) => table.wall === undefined || table.wall === wall)
    .map(({ id, title, columns, cells }) => (
      <Fragment key={id}>
        <table className="mt-3 w-full border-collapse text-left tabular-nums">
          <caption className="pb-1 text-left font-bold">{title}</caption>
          <thead>
            <tr>
              {columns.map(({ key, label }) => (
                <th key={key} className="pr-3 text-[0.8125rem] font-semibold">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {cells.map((row, index) => (
              <tr key={index} className={`break-inside-avoid ${line}`}>
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
            <TakeAlong name={title} columns={columns.map(({ label }) => label)} rows={() => cells} />
          </div>
        )}
      </Fragment>
    ));
}
