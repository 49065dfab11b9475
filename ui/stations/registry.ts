import { buy } from "./buy/station";
import { colour } from "./colour/station";
import { days } from "./days/station";
import { mark } from "./mark/station";
import { measure } from "./measure/station";
import { paint } from "./paint/station";
import { pattern } from "./pattern/station";
import type { Station } from "./station";

/** The stations in working order; each is numbered by its place. */
export const stations: readonly (Station & { readonly number: number })[] = [
  measure,
  pattern,
  colour,
  buy,
  days,
  mark,
  paint,
].map((station, index) => ({ ...station, number: index + 1 }));

export const stationOf = (slug: string | null): Station | undefined =>
  stations.find((station) => station.slug === slug);
