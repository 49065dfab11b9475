import { segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import { lineBetween, type Design, type Divider, type Piece, type SetOutLine } from "../../pattern/pattern";
import { heightAt, type Polyline } from "../../wall/polyline";
import type { Strip, StripPart } from "../../wall/strip";
import { shapeOfWall } from "../../wall/wallShape";
import type { Band, BandsLayout } from "./layout";
import type { BandsSpec } from "./spec";

/** One line at every edge of a band, and the band that a height belongs to. */
export function designBands({ spec, strip, bands }: BandsLayout): Design[] {
  const edges = [...new Set(bands.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  const lines = edges.flatMap((at, index) => linesAt(spec, strip, at, index, calledAt(spec, bands, at)));
  const dividers = lines.map((line): Divider => ({ curve: line.path, source: line.id, wall: line.wall }));
  const references = new Map(strip.parts.map((part) => [part.wall.id, referenceOf(spec, strip, part)]));
  const pieceAt = ({ x, y }: Point, wall: string): Piece | null => {
    const reference = heightAt(references.get(wall)!, x, "highest");
    return pieceOf(spec, bands, spec.datum === "ceiling" ? reference - y : y - reference);
  };
  return [{ lines, dividers, pieceAt }];
}

/** The line that a part's distances are taken from, in the strip's coordinates. */
export function referenceOf(spec: BandsSpec, strip: Strip, { wall, offset }: StripPart): Polyline {
  const { datum } = spec;
  if (datum === "level") return [{ x: 0, y: 0 }];
  if (datum !== "split") return shapeOfWall(wall)[datum].map(({ x, y }) => ({ x: x + offset, y }));
  const side = sideOfSplit(spec, strip);
  const atLeft = shapeOfWall(strip.parts[0]!.wall)[side][0]!.y;
  return shapeOfWall(wall)[side].map(({ x, y }) => ({ x: x + offset, y: (y - atLeft) / 2 }));
}

/** Whether half of the floor's or of the ceiling's departure from level is followed: where it does not say, of the nearer. */
function sideOfSplit({ against, bands }: BandsSpec, { extent: { minY, maxY } }: Strip): "floor" | "ceiling" {
  if (against) return against;
  const heights = bands.flatMap(({ from, to }) => (from === undefined ? [] : [(from + to!) / 2]));
  const middle = heights.reduce((sum, y) => sum + y, 0) / Math.max(1, heights.length);
  return maxY - middle < middle - minY ? "ceiling" : "floor";
}

type Called = ReturnType<typeof lineBetween>;

function linesAt(spec: BandsSpec, strip: Strip, at: number, index: number, called: Called): SetOutLine[] {
  const id = `line-${index + 1}`;
  if (spec.datum === "level") {
    const { minX, maxX } = strip.extent;
    return [{ id, index, kind: "level", path: segment({ x: minX, y: at }, { x: maxX, y: at }), ...called }];
  }
  const by = spec.datum === "ceiling" ? -at : at;
  return strip.parts.flatMap((part) => {
    const pieces = stretchesOver(referenceOf(spec, strip, part), part, by);
    return pieces.map(([a, b], place): SetOutLine => ({
      id: pieces.length > 1 ? `${id}-${place + 1}` : id,
      index,
      kind: a.y === b.y ? "level" : a.x === b.x ? "plumb" : "slant",
      path: segment(a, b),
      ...called,
      wall: part.wall.id,
    }));
  });
}

/** The straight stretches of a floor or ceiling over one wall, lifted by `by` mm; steps included. */
function stretchesOver(
  reference: Polyline,
  { wall, surface, offset }: StripPart,
  by: number,
): [Point, Point][] {
  const { minX, maxX } = surface?.extent ?? { minX: 0, maxX: wall.width };
  const [from, to] = [minX + offset, maxX + offset];
  const points = [
    { x: from, y: heightAt(reference, from, "highest") },
    ...reference.filter(({ x }) => x > from && x < to),
    { x: to, y: heightAt(reference, to, "highest") },
  ].map(({ x, y }) => ({ x, y: y + by }));
  return points.slice(1).flatMap((b, index): [Point, Point][] => {
    const a = points[index]!;
    return a.x === b.x && a.y === b.y ? [] : [[a, b]];
  });
}

function pieceOf(spec: BandsSpec, bands: readonly Band[], distance: number): Piece | null {
  const band = bands.find(({ from, to }) => distance >= from && distance <= to);
  if (band) {
    const number = band.index + 1;
    return {
      key: `band-${number}`,
      name: `band ${number}`,
      noun: "band",
      numbers: [number],
      colour: band.colour,
    };
  }
  const before = bands.findLast(({ to }) => to < distance);
  const [near, far] =
    spec.datum === "ceiling" ? (["above", "below"] as const) : (["below", "above"] as const);
  if (before && before !== bands.at(-1)) {
    const colour = spec.between ?? spec.above;
    const key = `between-${bands.indexOf(before) + 1}`;
    return colour === undefined ? null : { key, name: "between the bands", colour };
  }
  const where = before ? far : near;
  const colour = spec[where];
  return colour === undefined ? null : { key: where, name: `${where} the bands`, colour };
}

const hair = 1e-6;

/** What lies under and over an edge: "band 1 | above the bands". */
function calledAt(spec: BandsSpec, bands: readonly Band[], at: number): Called {
  const [before, after] = [-hair, hair].map(
    (by) => pieceOf(spec, bands, at + by)?.name ?? "what is there",
  ) as [string, string];
  return spec.datum === "ceiling" ? lineBetween(after, before) : lineBetween(before, after);
}
