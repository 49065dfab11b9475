"use client";

import dynamic from "next/dynamic";
import type { Share } from "./share";

/** What shares of one whole come to, as one bar. The chart comes when it is looked at, not with the page. */
export const ShareBar = dynamic<{ readonly shares: readonly Share[]; readonly say: string }>(
  () => import("./ShareBarChart").then(({ ShareBarChart }) => ShareBarChart),
  { ssr: false, loading: () => <div className="my-2 h-3 rounded-sm border border-hairline" /> },
);
