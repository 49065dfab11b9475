"use client";

import { useParams } from "next/navigation";

/** The wall and the station that the address names. */
export function useAddress(): { wallId: string | null; station: string | null } {
  const { wallId, station } = useParams<{ wallId?: string; station?: string }>();
  return { wallId: wallId === undefined ? null : decodeURIComponent(wallId), station: station ?? null };
}

export const stationPath = (jobId: string, wallId: string, slug: string): string =>
  `/jobs/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}/${slug}`;
