"use client";

import dynamic from "next/dynamic";
import type { ReactNode } from "react";
import type { TableProps } from "./tableProps";

/** A table with figures in columns, which can be taken along; a long one is windowed. It comes when it is looked at. */
export const DataTable = dynamic(() =>
  import("./WindowedTable").then(({ WindowedTable }) => WindowedTable),
) as <Row>(props: TableProps<Row>) => ReactNode;
