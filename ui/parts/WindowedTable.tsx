"use client";

import { flexRender, getCoreRowModel, useReactTable, type ColumnDef } from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef } from "react";
import type { TableProps } from "./tableProps";
import { TakeAlong } from "./TakeAlong";

/** Longer tables are windowed: only what is in sight is drawn. */
const mostDrawn = 60;
const rowPx = 44;
const windowRem = 26;

/** A table with figures in columns, which can be taken along; a long one scrolls in a window of its own. */
export function WindowedTable<Row>(props: TableProps<Row>) {
  const { name, columns, rows, keyOf } = props;
  const definitions = useMemo(
    () =>
      columns.map((column): ColumnDef<Row> => ({
        id: column.key,
        header: column.label,
        cell: ({ row }) => column.show(row.original, row.index),
      })),
    [columns],
  );
  const table = useReactTable({
    data: rows as Row[],
    columns: definitions,
    getRowId: keyOf,
    getCoreRowModel: getCoreRowModel(),
  });
  const all = table.getRowModel().rows;
  const { scroller, isLong, shown, before, after } = useRowWindow(all);
  const sideOf = (key: string) =>
    columns.find((column) => column.key === key)?.isFigure ? "text-right whitespace-nowrap" : "";
  return (
    <>
      <div
        ref={scroller}
        {...(isLong && { tabIndex: 0, role: "region", "aria-label": `${name}, to be scrolled` })}
        className={isLong ? "overflow-y-auto" : undefined}
        style={isLong ? { maxHeight: `${windowRem}rem` } : undefined}
      >
        <table
          className="w-full text-[0.9375rem] tabular-nums"
          aria-label={name}
          aria-rowcount={all.length + 1}
        >
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((header) => (
                  <th
                    key={header.id}
                    scope="col"
                    className={`small-caps-label sticky top-0 bg-card py-1 pr-3 text-left ${sideOf(header.id)}`}
                  >
                    {flexRender(header.column.columnDef.header, header.getContext())}
                  </th>
                ))}
              </tr>
            ))}
          </thead>
          <tbody>
            {before > 0 && <Gap height={before} columns={columns.length} />}
            {shown.map((row) => (
              <tr
                key={row.id}
                aria-rowindex={row.index + 2}
                className={`border-t border-hairline ${props.isPointedAt?.(row.original) ? "bg-violet-wash" : ""}`}
                onPointerEnter={props.onPoint && (() => props.onPoint!(row.original))}
                onPointerLeave={props.onPoint && (() => props.onPoint!(null))}
              >
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id} className={`py-1 pr-3 align-baseline ${sideOf(cell.column.id)}`}>
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            ))}
            {after > 0 && <Gap height={after} columns={columns.length} />}
          </tbody>
        </table>
      </div>
      <div className="flex justify-end">
        <TakeAlong
          name={name}
          columns={columns.map(({ label }) => label)}
          rows={() => rows.map((row, index) => columns.map(({ value }) => value(row, index)))}
        />
      </div>
    </>
  );
}

/** Of a long table the rows in sight, and the room that those before and after them take. */
function useRowWindow<Item>(all: readonly Item[]) {
  const scroller = useRef<HTMLDivElement>(null);
  const isLong = all.length > mostDrawn;
  const virtual = useVirtualizer({
    count: all.length,
    enabled: isLong,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 10,
    initialRect: { width: 300, height: windowRem * 16 },
  });
  const shown = isLong ? virtual.getVirtualItems().map(({ index }) => all[index]!) : all;
  const before = isLong ? (virtual.getVirtualItems()[0]?.start ?? 0) : 0;
  const after = isLong ? virtual.getTotalSize() - (virtual.getVirtualItems().at(-1)?.end ?? 0) : 0;
  return { scroller, isLong, shown, before, after };
}

/** The room of rows that are not drawn. */
const Gap = ({ height, columns }: { height: number; columns: number }) => (
  <tr aria-hidden="true">
    <td colSpan={columns} style={{ height, padding: 0 }} />
  </tr>
);
