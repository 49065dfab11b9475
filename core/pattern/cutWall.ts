import { arrange, type Arrangement, type Face } from "../geometry/arrange";
import { moveCurve, type Box } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import { placeTolerance } from "../wall/outline";
import { facesOnSurface } from "../wall/facesOnSurface";
import type { Surface } from "../wall/surface";
import { clipToOutline } from "./clipToOutline";
import {
  rolled,
  type Design,
  type Diagonal,
  type Pattern,
  type PatternEdge,
  type Piece,
  type Region,
  type WallCentre,
  type TapedLine,
  type WallBricks,
  type WallLine,
  type WallSheets,
} from "./pattern";
import type { Effect } from "./placement";
import { liesOn } from "./liesOn";
import { placeOn } from "./placeOn";

/** A finish's design over a wall, and where the design's x = 0 lies: the wall's place in the strip. */
export interface Layer {
  readonly finish: string;
  readonly design: Design;
  readonly offset: number;
}

interface Found {
  readonly piece: Piece;
  /** Which layer it belongs to; null for bare base. */
  readonly layer: Layer | null;
}

/**
 * Cuts a wall's surface along the lines of its finishes into connected pieces, in the wall's own coordinates. Later
 * layers lie over earlier ones; what a layer leaves uncovered shows the one below, and lines that are covered divide
 * nothing. Ids are `wall/finish/key`, with a letter where one key has several pieces, from the lower left.
 */
export function cutWall(surface: Surface, layers: readonly Layer[]): Pattern {
  const { wall } = surface;
  const bare: Found = { piece: { key: "wall", name: "the wall", colour: wall.base }, layer: null };
  const foundAt = (point: Point): Found => {
    for (let index = layers.length - 1; index >= 0; index--) {
      const layer = layers[index]!;
      const { offset, design } = layer;
      if (design.extent && isBeyond(point.x + offset, point.y, design.extent)) continue;
      const piece = design.pieceAt(offset === 0 ? point : { x: point.x + offset, y: point.y }, wall.id);
      if (piece) return { piece, layer };
    }
    return bare;
  };
  const { faces, edges } = arrangeLayers(surface, layers, foundAt);
  const isOn = facesOnSurface(surface.curves, { faces, edges });
  const regionOf = new Map<number, number>();
  const found: (Found & { face: Face; at: Point })[] = [];
  faces.forEach((face, index) => {
    if (!isOn[index]) return;
    const at = interiorPoint(face);
    regionOf.set(index, found.length);
    found.push({ face, at, ...foundAt(at) });
  });
  const side = (face: number | null) => (face === null ? null : (regionOf.get(face) ?? null));
  const painted = edges
    .map((edge): PatternEdge => ({ ...edge, left: side(edge.left), right: side(edge.right) }))
    .filter((edge) => edge.left !== edge.right);
  const lines = layers.flatMap((layer) => linesOn(layer, surface));
  const regions = nameRegions(found, wall.id);
  const laid = {
    ...placeOn(surface, layers),
    bricks: layers.flatMap((layer) => bricksOn(layer, wall.id)),
    sheets: layers.flatMap((layer) => sheetsOn(layer, wall.id)),
    effects: layers.flatMap((layer, index) => effectsOn(layer, regions, layers.slice(index + 1))),
  };
  return {
    regions,
    edges: painted,
    lines: layers.length < 2 ? lines : linesSeen(lines, layers, painted, liesOn(laid), wall.id),
    centres: layers.flatMap((layer) => centresOn(layer, surface)),
    tapedLines: layers.flatMap((layer) => tapedOn(layer, wall.id)),
    diagonals: layers.flatMap((layer) => diagonalsOn(layer, surface)),
    ...laid,
  };
}

function sheetsOn({ design: { sheets }, finish }: Layer, wall: string): WallSheets[] {
  const here = sheets?.onWalls.get(wall);
  if (!sheets || !here || here.list.length === 0) return [];
  const { dropsPerRoll, lastWidth, hex, repeat } = sheets;
  return [{ finish, dropsPerRoll, lastWidth, hex, repeat, ...here }];
}

function bricksOn({ design: { bricks }, finish }: Layer, wall: string): WallBricks[] {
  const list = bricks?.list.filter((brick) => brick.wall === wall) ?? [];
  if (!bricks || list.length === 0) return [];
  const { joints, ...work } = bricks;
  return [{ ...work, finish, list, ...joints.get(wall)! }];
}

const isBeyond = (x: number, y: number, { minX, maxX, minY, maxY }: Box): boolean =>
  x < minX || x > maxX || y < minY || y > maxY;

function arrangeLayers(
  surface: Surface,
  layers: readonly Layer[],
  foundAt: (point: Point) => Found,
): Pick<Arrangement<string>, "faces" | "edges"> {
  const { wall } = surface;
  const given = layers.length === 1 ? layers[0]!.design.arrangements?.get(wall.id) : undefined;
  if (given) return withIds(given, layers[0]!, surface);
  const all = layers.map((layer) => dividersOn(layer, wall.id));
  const dividers = layers.length < 2 ? all.flat() : visibleDividers(surface, layers, all, foundAt);
  return arrange<string>([...surface.curves, ...dividers], placeTolerance);
}

/** An arrangement that a finish made, its dividers called by their ids on the wall. */
function withIds({ faces, edges }: Arrangement<string>, layer: Layer, { curves, wall }: Surface) {
  const own = new Set<string>(curves.map(({ source }) => source));
  const named = (source: string) => (own.has(source) ? source : idOn(wall.id, layer, source));
  return { faces, edges: edges.map((edge) => ({ ...edge, sources: edge.sources.map(named) })) };
}

const idOn = (wall: string, { finish }: Layer, id: string) => `${wall}/${finish}/${id}`;

function dividersOn(layer: Layer, wall: string): SourcedCurve<string>[] {
  return layer.design.dividers
    .filter((divider) => divider.wall === undefined || divider.wall === wall)
    .map(({ curve, source }) => ({
      curve: moveCurve(curve, -layer.offset, 0),
      source: idOn(wall, layer, source),
    }));
}

const lineOf = ({ finish }: Layer, { id }: { readonly id: string }) => `${finish}/${id}`;

function linesOn(layer: Layer, surface: Surface): WallLine[] {
  return layer.design.lines.flatMap((line) => {
    if (line.wall !== undefined && line.wall !== surface.wall.id) return [];
    const path = clipToOutline(moveCurve(line.path, -layer.offset, 0), surface);
    const id = idOn(surface.wall.id, layer, line.id);
    return path ? [{ ...line, finish: layer.finish, key: line.id, line: lineOf(layer, line), id, path }] : [];
  });
}

/** Centres of arcs that reach this wall. */
function centresOn(layer: Layer, { wall, extent }: Surface): WallCentre[] {
  const { design, offset } = layer;
  return (design.centres ?? []).flatMap(({ centre, radii, id, use }) => {
    const here = { x: centre.x - offset, y: centre.y };
    const across = Math.max(extent.minX - here.x, here.x - extent.maxX, 0);
    const upright = Math.max(extent.minY - here.y, here.y - extent.maxY, 0);
    const reaching = radii.filter((radius) => radius * radius > across * across + upright * upright);
    return reaching.length === 0
      ? []
      : [{ id: idOn(wall.id, layer, id), line: lineOf(layer, { id }), centre: here, radii: reaching, use }];
  });
}

const tapedOn = (layer: Layer, wall: string): TapedLine[] =>
  (layer.design.tapedLines ?? []).map(({ id, path, width }) => ({
    id: idOn(wall, layer, id),
    path: moveCurve(path, -layer.offset, 0),
    width,
  }));

/** Effects on what they lie over of this wall; what comes later lies over them. */
function effectsOn({ design, finish }: Layer, regions: readonly Region[], above: readonly Layer[]): Effect[] {
  if (!design.effects) return [];
  const later = new Set<string | null>(above.map((layer) => layer.finish));
  const below = regions.filter((region) => !later.has(region.finish));
  return design.effects.map(({ over, ...effect }) => ({
    ...effect,
    finish,
    regions: below.flatMap(({ id, colour }) => (over === "all" || over.paint === colour ? [id] : [])),
  }));
}

/** Diagonals with both ends on this wall, to be read with a tape along it. */
function diagonalsOn({ design, offset }: Layer, { extent }: Surface): Diagonal[] {
  const isOn = ({ x, y }: Point) =>
    x >= extent.minX - placeTolerance &&
    x <= extent.maxX + placeTolerance &&
    y >= extent.minY - placeTolerance &&
    y <= extent.maxY + placeTolerance;
  return (design.diagonals ?? [])
    .map(({ from, to, use }) => ({
      use,
      from: { x: from.x - offset, y: from.y },
      to: { x: to.x - offset, y: to.y },
    }))
    .filter(({ from, to }) => isOn(from) && isOn(to));
}

/**
 * Lines that bound something that is seen. A guide, which divides nothing itself, is needed as long as anything of its
 * finish is seen.
 */
function linesSeen(
  lines: readonly WallLine[],
  layers: readonly Layer[],
  edges: readonly PatternEdge[],
  laidOn: ReadonlySet<string>,
  wall: string,
): WallLine[] {
  const seen = new Set(edges.flatMap((edge) => edge.sources));
  const dividing = new Set<string>();
  const seenFinishes = new Set(laidOn);
  for (const layer of layers) {
    for (const { source } of layer.design.dividers) {
      const id = idOn(wall, layer, source);
      dividing.add(id);
      if (seen.has(id)) seenFinishes.add(layer.finish);
    }
  }
  return lines.filter(({ id, finish }) => (dividing.has(id) ? seen.has(id) : seenFinishes.has(finish)));
}

/** The parts of dividers that bound a piece of their own layer; elsewhere a later layer lies over them. */
function visibleDividers(
  surface: Surface,
  layers: readonly Layer[],
  dividers: readonly (readonly SourcedCurve<string>[])[],
  foundAt: (point: Point) => Found,
): SourcedCurve<string>[] {
  const layerOf = new Map(
    dividers.flatMap((list, index) => list.map(({ source }) => [source, layers[index]!] as const)),
  );
  const { faces, edges } = arrange<string>([...surface.curves, ...dividers.flat()], placeTolerance);
  const top = faces.map((face) => foundAt(interiorPoint(face)).layer);
  return edges.flatMap(({ curve, sources, left, right }) =>
    sources
      .filter((source) => {
        const layer = layerOf.get(source);
        return (
          layer !== undefined &&
          ((left !== null && top[left] === layer) || (right !== null && top[right] === layer))
        );
      })
      .map((source) => ({ curve, source })),
  );
}

function nameRegions(found: readonly (Found & { face: Face; at: Point })[], wall: string): Region[] {
  const stems = found.map(({ piece, layer }) =>
    layer ? idOn(wall, layer, piece.key) : `${wall}/${piece.key}`,
  );
  const ids = new Map<number, string>();
  for (const [stem, indices] of groupBy([...stems.keys()], (index) => stems[index]!)) {
    const sorted = indices.sort((i, j) => fromLowerLeft(found[i]!.at, found[j]!.at));
    sorted.forEach((index, order) => ids.set(index, `${stem}${sorted.length > 1 ? letter(order) : ""}`));
  }
  return found.map(({ face, at, piece, layer }, index) => ({
    id: ids.get(index)!,
    colour: piece.colour,
    name: piece.name,
    noun: piece.noun ?? piece.name,
    numbers: piece.numbers ?? [],
    finish: layer?.finish ?? null,
    technique: piece.technique ?? rolled,
    face,
    at,
  }));
}

/** Pieces at one height go from the left; the last bits of a height decide nothing. */
const fromLowerLeft = (a: Point, b: Point): number =>
  Math.abs(a.y - b.y) > placeTolerance ? a.y - b.y : a.x - b.x;

/** a to z, then aa, ab ... */
function letter(index: number): string {
  const rest = Math.floor(index / 26);
  return (rest > 0 ? letter(rest - 1) : "") + String.fromCharCode(97 + (index % 26));
}
