"use client";

import { notFound } from "next/navigation";
import { useAddress } from "@/ui/job/useAddress";
import { stationOf } from "@/ui/stations/registry";

/** The card of the station that the address names. */
export function StationCard() {
  const { wallId, station: slug } = useAddress();
  const station = stationOf(slug);
  if (!station || wallId === null) notFound();
  return <station.Card wallId={wallId} />;
}
