"use client";

import { useParams, usePathname } from "next/navigation";
import { stations, type StationSlug } from "./stations";

/** The wall and the station that the address names. */
export function useAddress(): { wallId: string | null; station: StationSlug | null } {
  const { wallId } = useParams<{ wallId?: string }>();
  const last = usePathname().split("/").at(-1);
  return {
    wallId: wallId === undefined ? null : decodeURIComponent(wallId),
    station: stations.find((station) => station.slug === last)?.slug ?? null,
  };
}
