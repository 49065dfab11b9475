import type { Cure } from "../../findings/finding";
import { heightAt } from "../../wall/polyline";
import { partAt } from "../../wall/strip";
import { tidy } from "../editing";
import { referenceOf } from "./design";
import type { BandsLayout } from "./layout";

/** Level bands measured from the floor or the ceiling instead, where they stay in the middle of the strip. */
export function followSide({ spec, strip }: BandsLayout, side: "top" | "bottom"): Cure | null {
  if (spec.datum !== "level" || spec.bands.some(({ around }) => around !== undefined)) return null;
  const datum = side === "top" ? "ceiling" : "floor";
  const { minX, maxX } = strip.extent;
  const middle = (minX + maxX) / 2;
  const at = heightAt(referenceOf({ ...spec, datum }, strip, partAt(strip, middle)), middle, "highest");
  const bands = spec.bands.map(({ from, to, ...band }) =>
    datum === "ceiling"
      ? { ...band, from: tidy(Math.round(at - to!)), to: tidy(Math.round(at - from!)) }
      : { ...band, from: tidy(Math.round(from! - at)), to: tidy(Math.round(to! - at)) },
  );
  return { kind: "follow", count: 0, finish: spec.id, set: { datum, bands } };
}
