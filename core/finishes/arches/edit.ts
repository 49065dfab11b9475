import { arcByAngles, segment } from "../../geometry/curve";
import { distance, midpoint, type Point } from "../../geometry/point";
import { directionOf } from "../../geometry/trig";
import { fillTool, tidy, written, type Editing, type Handle } from "../editing";
import { designArches } from "./design";
import type { ArchesLayout } from "./layout";
import type { ArchesSpec } from "./spec";

const least = 1;
const degrees = (radians: number): number => (radians * 180) / Math.PI;
const radians = (angle: number): number => (angle * Math.PI) / 180;

/** The centre, every string's end and the two ends of the bands; what is not taken hold of stays where it is. */
export function editArches(layout: ArchesLayout): Editing {
  const { spec, centre, bands } = layout;
  const fill = fillTool((place, colour) => {
    const piece = designArches(layout)[0]!.pieceAt(place, "");
    const number = bands.find((band) => piece?.key === `band-${band.number}`)?.number;
    const painted = spec.bands.flatMap((band, index) => ("gap" in band ? [] : [index]));
    return number === undefined ? null : { path: ["bands", painted[number - 1]!], set: { colour } };
  });
  const whole: Handle = {
    id: "centre",
    name: "the centre",
    at: centre,
    along: null,
    path: [],
    moveTo: (place) => ({ set: { centre: written(place) } }),
  };
  const ends =
    spec.to - spec.from < 360 ? (["from", "to"] as const).map((key) => endHandle(spec, centre, key)) : [];
  return { handles: [whole, ...radiusHandles(spec, centre), ...ends], tools: [fill] };
}

const sizeOf = (band: ArchesSpec["bands"][number]): number => ("gap" in band ? band.gap : band.width);

/** The band or gap inside a string takes up its change, and the next one in gives it back. */
function radiusHandles(spec: ArchesSpec, centre: Point): Handle[] {
  const { bands, outerRadius } = spec;
  const sized = (index: number, by: number) => {
    const band = bands[index]!;
    const size = tidy(sizeOf(band) + by);
    return size < least ? null : { [index]: "gap" in band ? { gap: size } : { ...band, width: size } };
  };
  const middle = radians((spec.from + spec.to) / 2);
  let radius = outerRadius;
  const radii = [outerRadius, ...bands.map((band) => (radius -= sizeOf(band)))];
  return radii.flatMap((own, place): Handle[] => {
    if (own < least) return [];
    const at = arcByAngles(centre, own, middle, middle + 1).a;
    return [
      {
        id: `string-${place + 1}`,
        name: place === 0 ? "the longest string" : `string ${place + 1}`,
        at,
        along: null,
        path: [arcByAngles(centre, own, radians(spec.from), radians(spec.to))],
        moveTo: (to) => {
          const by = distance(to, centre) - own;
          // Outwards the band outside the string gets narrower and the one inside it wider.
          const outside = place > 0 ? sized(place - 1, -by) : {};
          const inside = place < bands.length ? sized(place, by) : {};
          if (!outside || !inside) return null;
          const next = bands.map((band, index) => ({ ...outside, ...inside })[index] ?? band);
          return { set: { bands: next, ...(place === 0 && { outerRadius: tidy(own + by) }) } };
        },
      },
    ];
  });
}

function endHandle(spec: ArchesSpec, centre: Point, key: "from" | "to"): Handle {
  const inner = spec.outerRadius - spec.bands.reduce((sum, band) => sum + sizeOf(band), 0);
  const [far, near] = [spec.outerRadius, Math.max(0, inner)].map(
    (radius) => arcByAngles(centre, Math.max(radius, 1e-3), radians(spec[key]), radians(spec[key]) + 1).a,
  ) as [Point, Point];
  return {
    id: key,
    name: key === "from" ? "the first end" : "the second end",
    at: midpoint(near, far),
    along: null,
    path: [segment(near, far)],
    moveTo: (to) => {
      // Whole degrees; the turn that is nearest to where the end was.
      const angle = Math.round(degrees(directionOf(to.y - centre.y, to.x - centre.x)));
      const turned = angle + 360 * Math.round((spec[key] - angle) / 360);
      const [from, until] = key === "from" ? [turned, spec.to] : [spec.from, turned];
      return until - from < 1 || until - from > 360 ? null : { set: { [key]: turned } };
    },
  };
}
