import type { Cure, Finding } from "../../findings/finding";
import { segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import { placeTolerance } from "../../wall/outline";
import type { Strip } from "../../wall/strip";
import { checkRelations } from "../checkRelations";
import { once } from "../../geometry/once";
import { tidy } from "../editing";
import { editBands } from "./edit";
import type { Band, BandsLayout } from "./layout";
import type { BandsSpec } from "./spec";

/** Whether heights are told from the level line, whatever half of is followed. */
const isFromLevel = ({ datum }: BandsSpec): boolean => datum === "level" || datum === "split";

/** Bands that are off the wall or overlap after all, and edges that just miss something. */
export function checkBands(layout: BandsLayout): Finding[] {
  const { spec, strip, bands } = layout;
  const findings: Finding[] = [];
  const { minX, maxX, minY, maxY } = strip.extent;
  const height = maxY - minY;
  for (const [place, { from, to, index }] of bands.entries()) {
    const isOff = isFromLevel(spec) ? to <= minY || from >= maxY : to <= 0 || from >= height;
    if (isOff) {
      findings.push({
        code: "off-wall",
        severity: "check",
        values: { thing: `band ${index + 1}` },
        at: null,
        cure: ontoWall(spec, index, from, to, strip),
      });
    }
    const isBase = (colour: string | undefined) =>
      colour === undefined || strip.parts.every(({ wall }) => wall.base === colour);
    if (isBase(spec.bands[index]!.colour) && isBase(spec.above) && isBase(spec.below)) {
      findings.push({
        code: "in-base-colour",
        severity: "note",
        values: { thing: `band ${index + 1}` },
        at: null,
      });
    }
    const [low, high] = isFromLevel(spec) ? [minY, maxY] : [0, height];
    const over = Math.max(low - from, to - high);
    if (!isOff && over > placeTolerance) {
      findings.push({
        code: "off-the-wall",
        severity: "check",
        values: { thing: `band ${index + 1}`, over },
        at: null,
        cure: withinWall(spec, index, from, to, [Math.ceil(low), Math.floor(high)]),
      });
    }
    const before = bands[place - 1];
    if (before && from < before.to - 1e-6) {
      const values = { first: `band ${before.index + 1}`, second: `band ${index + 1}` };
      const cure = closeGap(spec, before, bands[place]!);
      findings.push({ code: "bands-overlap", severity: "stop", values, at: null, cure });
    }
  }
  if (spec.datum !== "level") return findings;
  const edges = bands.flatMap(({ from, to }) => [from, to]).filter((y) => y > minY && y < maxY);
  const lines = edges.map((y) => segment({ x: minX, y }, { x: maxX, y }));
  const handles = once(() => editBands(layout).handles);
  return [...findings, ...checkRelations(spec.id, relateLines(lines, obstaclesOf(strip)), handles)];
}

/** A band moved until it lies on the wall whole, or as wide as that is; in whole millimetres, so as to stay within. */
function withinWall(
  { id, bands }: BandsSpec,
  index: number,
  from: number,
  to: number,
  [low, high]: readonly [number, number],
): Cure | undefined {
  const size = Math.min(to - from, high - low);
  if (bands[index]!.around !== undefined || size <= 0) return undefined;
  const start = from < low ? low : tidy(high - size);
  const set = { from: start, to: Math.min(high, tidy(start + size)) };
  return { kind: "onto-wall", count: 0, finish: id, path: ["bands", index], set };
}

/** A band back onto the wall by the shortest way. */
function ontoWall(
  spec: BandsSpec,
  index: number,
  from: number,
  to: number,
  { extent }: Strip,
): Cure | undefined {
  const { id, bands } = spec;
  if (bands[index]!.around !== undefined) return undefined;
  const [low, high] = isFromLevel(spec) ? [extent.minY, extent.maxY] : [0, extent.maxY - extent.minY];
  const start = from < low ? low : Math.max(low, high - (to - from));
  const set = { from: tidy(start), to: tidy(start + to - from) };
  return { kind: "onto-wall", count: 0, finish: id, path: ["bands", index], set };
}

/** The gap of one that lies around something, narrowed until it only meets its neighbour. */
function closeGap({ id, bands }: BandsSpec, before: Band, after: Band): Cure | undefined {
  const over = before.to - after.from;
  const narrowed = [before, after].flatMap(({ index }) => {
    const { around, gap = 0 } = bands[index]!;
    return around !== undefined && gap >= over ? [{ index, gap: tidy(gap - over) }] : [];
  })[0];
  return (
    narrowed && {
      kind: "close-gap",
      count: 0,
      finish: id,
      path: ["bands", narrowed.index],
      set: { gap: narrowed.gap },
    }
  );
}
