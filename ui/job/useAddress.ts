"use client";

import { useParams, usePathname } from "next/navigation";

/** The wall and the station that the address names. */
export function useAddress(): { wallId: string | null; station: string | null } {
  const { wallId } = useParams<{ wallId?: string }>();
  const last = usePathname().split("/").at(-1) ?? null;
  return wallId === undefined
    ? { wallId: null, station: null }
    : { wallId: decodeURIComponent(wallId), station: last };
}

export const stationPath = (jobId: string, wallId: string, slug: string): string =>
  `/jobs/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}/${slug}`;
