import { segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import { heightAt } from "../../wall/polyline";
import { partAt, type Strip } from "../../wall/strip";
import { fillTool, north, tidy, type Editing, type Handle, type SpecChange } from "../editing";
import { findThing } from "../findThing";
import { referenceOf } from "./design";
import type { Band, BandsLayout } from "./layout";
import type { BandsSpec } from "./spec";

/** The edges of bands go up and down, and so does a whole band; a new one is drawn from its one edge to the other. */
export function editBands({ spec, strip, bands }: BandsLayout): Editing {
  const distanceAt = (place: Point): number => {
    const reference = heightAt(referenceOf(spec, strip, partAt(strip, place.x)), place.x, "highest");
    return tidy(spec.datum === "ceiling" ? reference - place.y : place.y - reference);
  };
  return {
    handles: bands.flatMap((band) => handlesOf(spec, strip, band, distanceAt)),
    tools: [
      {
        id: "band",
        name: "Draw a band",
        asks: ["one edge of the band", "its other edge"],
        most: 2,
        paints: true,
        snaps: true,
        draw: ([first, second], colour) => {
          const [from, to] = [distanceAt(first!), distanceAt(second!)].sort((a, b) => a - b) as [
            number,
            number,
          ];
          return to - from < 1
            ? null
            : { path: ["bands"], set: { [spec.bands.length]: { from, to, colour } } };
        },
      },
      fillTool((place, paint) => fillAt(spec, bands, distanceAt(place), paint)),
    ],
  };
}

function handlesOf(
  spec: BandsSpec,
  strip: Strip,
  { from, to, index }: Band,
  distanceAt: (place: Point) => number,
): Handle[] {
  const { minX, maxX } = strip.extent;
  const path = ["bands", index] as const;
  const name = `band ${index + 1}`;
  const remove =
    spec.bands.length > 1
      ? () => ({ set: { bands: spec.bands.filter((_, place) => place !== index) } })
      : undefined;
  const handle = (
    id: string,
    label: string,
    distance: number,
    change: (to: number) => SpecChange["set"] | null,
  ): Handle => {
    const x = (minX + maxX) / 2;
    const reference = heightAt(referenceOf(spec, strip, partAt(strip, x)), x, "highest");
    const y = spec.datum === "ceiling" ? reference - distance : reference + distance;
    return {
      id: `band-${index + 1}-${id}`,
      name: `${name}, ${label}`,
      at: { x, y },
      along: north,
      path: [segment({ x: minX, y }, { x: maxX, y })],
      moveTo: (place) => {
        const set = change(distanceAt(place));
        return set && { path, set };
      },
      remove,
    };
  };
  const { around } = spec.bands[index]!;
  if (around !== undefined) {
    const thing = findThing(strip, around)!;
    const gap = (value: number) => (value >= 0 ? { gap: tidy(value) } : null);
    return [
      handle("to", "its gap", to, (distance) => gap(distance - thing.y - thing.height)),
      handle("from", "its gap", from, (distance) => gap(thing.y - distance)),
    ];
  }
  const [near, far] = spec.datum === "ceiling" ? ["upper edge", "lower edge"] : ["lower edge", "upper edge"];
  return [
    handle("from", near!, from, (distance) => (distance < to - 1 ? { from: distance } : null)),
    handle("to", far!, to, (distance) => (distance > from + 1 ? { to: distance } : null)),
    {
      ...handle("whole", "as a whole", (from + to) / 2, (distance) => {
        const by = distance - (from + to) / 2;
        return { from: tidy(from + by), to: tidy(to + by) };
      }),
      path: [],
    },
  ];
}

function fillAt(spec: BandsSpec, bands: readonly Band[], distance: number, paint: string): SpecChange {
  const band = bands.find(({ from, to }) => distance >= from && distance <= to);
  if (band) return { path: ["bands", band.index], set: { colour: paint } };
  const before = bands.findLast(({ to }) => to < distance);
  if (before && before !== bands.at(-1)) return { set: { between: paint } };
  return { set: { [(before !== undefined) === (spec.datum !== "ceiling") ? "above" : "below"]: paint } };
}
