import { leastVisitMin } from "../../trade/constants";
import type { Rates } from "../schema";
import type { WorkRegion } from "../workInput";
import type { TapeBundle } from "./bundleTape";
import type { Portion } from "./stretches";

/** Minutes beside rolling and cutting in that a coat takes: along which edges, m. */
export interface AlongEdges {
  /** Done by hand up to a dry neighbour, or floated on. */
  readonly byHand: readonly TapeBundle[];
  readonly peeledM: number;
  readonly sealedM: number;
  /** Minutes for climbing and moving what one stands on. */
  readonly climbingMin: number;
}

/**
 * The regions of one coat with their minutes. Over tape one rolls; the brush goes where nothing guards: along the ends,
 * floor, ceiling and openings, and up to what is done by hand. The smallest visit takes its minutes, whatever it paints;
 * `visits` is on how many walls the colour is used in one go, `restM2` what is rolled with the regions beyond their lines.
 */
export function coatPortions(
  regions: readonly WorkRegion[],
  { byHand, peeledM, sealedM, climbingMin }: AlongEdges,
  rates: Rates,
  visits: number,
  restM2 = 0,
): Portion[] {
  const edges = regions.reduce((sum, { edgeMm }) => sum + edgeMm, 0);
  const surface = Math.max(
    1e-9,
    regions.reduce((sum, { areaM2 }) => sum + areaM2, 0),
  );
  const along = peeledM / rates.peeling_m_min + sealedM / rates.sealing_m_min + handMinutes(byHand, rates);
  const portions = regions.map(({ id, areaM2, perimeterMm, edgeMm }) => ({
    region: id,
    minutes:
      perimeterMm / 1000 / rates.cuttingIn_m_min +
      (areaM2 * (1 + restM2 / surface)) / rates.rolling_m2_min +
      (along * edgeMm) / edges +
      (climbingMin * areaM2) / surface,
  }));
  const total = portions.reduce((sum, { minutes }) => sum + minutes, 0);
  const least = leastVisitMin / visits;
  if (total >= least) return portions;
  return portions.map(({ region, minutes }) => ({ region, minutes: (minutes * least) / total }));
}

const handMinutes = (byHand: readonly TapeBundle[], rates: Rates): number =>
  byHand.reduce(
    (sum, { byHand: how, metres }) =>
      sum + metres / (how === "float" ? rates.floating_m_min : rates.handEdge_m_min),
    0,
  );
