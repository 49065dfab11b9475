import type { Cure, Finding } from "../../findings/finding";
import { trueWithinMm } from "../../trade/constants";
import { obstaclesOf, type Obstacle } from "../../wall/clearance";
import { nameOf } from "../../wall/surface";
import { layOutPaper, type PaperLayout } from "./layout";
import { mostSheets, spareAt, spareMm } from "./sheets";

/** An end sheet under this share of a roll's width is a sliver. */
export const narrowShare = 0.25;
/** A strip of a sheet beside an opening that is narrower tears and lifts, mm. */
const leastStripMm = 40;
/** Sheets that no roll is long enough for, slivers at ends and openings, seams over plates, ends out of plumb, rough grounds. */
export function checkPaper(layout: PaperLayout): Finding[] {
  const { spec, strip, drops, count } = layout;
  if (count > mostSheets)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "sheets" }, at: null }];
  const longest = drops.reduce((most, { length }) => Math.max(most, length), 0);
  if (drops.some(({ roll }) => roll === 0)) {
    const values = { drop: longest, roll: spec.roll.length };
    return [{ own: true, code: "roll-too-short", severity: "stop", values, at: null }];
  }
  return [
    ...checkEnds(layout),
    ...checkStrips(layout),
    ...thingsUnderSeams(layout).map(({ thing, centre }): Finding => ({
      own: true,
      code: "seam-on-plate",
      severity: "note",
      values: { thing },
      at: centre,
    })),
    ...checkPlumb(layout),
    ...strip.parts
      .filter(({ wall }) => wall.texture !== "smooth")
      .map(({ wall }): Finding => ({
        own: true,
        code: "paper-on-texture",
        severity: "check",
        values: { wall: wall.id },
        at: null,
      })),
  ];
}

/** The plates that a seam runs over. */
export function thingsUnderSeams({ strip, drops }: PaperLayout): Obstacle[] {
  const plates = obstaclesOf(strip).filter(({ kind }) => kind === "plate");
  const seams = drops.slice(1).map(({ from }) => from);
  return plates.filter(({ box }) => seams.some((x) => x > box.minX && x < box.maxX));
}

/** Other starts, with the one that leaves the widest narrowest end first. */
function checkEnds(layout: PaperLayout): Finding[] {
  const { spec, strip, context, lastWidth } = layout;
  if (lastWidth >= spec.roll.width * narrowShare) return [];
  const cure = (): Cure | undefined => {
    const others = (["left", "right", "centre", "seam"] as const).map((start) => ({
      start,
      width: layOutPaper({ ...spec, start }, strip, context).lastWidth,
    }));
    const best = others.reduce((a, b) => (b.width > a.width + 0.5 ? b : a));
    if (best.width < lastWidth + 1) return undefined;
    return { kind: "best-start", count: best.width, finish: spec.id, set: { start: best.start } };
  };
  const values = { width: lastWidth, roll: spec.roll.width };
  return [{ own: true, code: "narrow-sheet", severity: "check", values, at: null, later: cure }];
}

/** Seams that leave a strip of a sheet beside an opening. */
function checkStrips({ strip, drops }: PaperLayout): Finding[] {
  return strip.parts.flatMap(({ wall, offset }) =>
    wall.openings.flatMap((opening): Finding[] => {
      const { x, width, casing, y, height } = opening;
      const [left, right] = [x - casing + offset, x + width + casing + offset];
      const beside = drops.slice(1).flatMap(({ from }) => {
        const strips = [left - from, from - right].filter((gap) => gap > 0.5 && gap < leastStripMm);
        return strips.map((gap) => ({ gap, at: { x: from - offset, y: y + height / 2 } }));
      });
      return beside.map(({ gap, at }) => ({
        own: true,
        code: "narrow-strip",
        severity: "check",
        values: { width: gap, thing: nameOf(opening) },
        at,
      }));
    }),
  );
}

/** How far each end of the strip is out of plumb, mm: what a plumb sheet has to have spare there. */
export function outOfPlumb({ parts }: PaperLayout["strip"]): { left: number; right: number } {
  const of = (offs: readonly { readonly off: number }[] = []) =>
    offs.length === 0 ? 0 : Math.max(...offs.map(({ off }) => off)) - Math.min(...offs.map(({ off }) => off));
  return { left: of(parts[0]!.wall.survey?.left), right: of(parts.at(-1)!.wall.survey?.right) };
}

/** A first sheet that is butted to an end that is out of plumb: the other end is truer, or it is hung with some spare there. */
function checkPlumb({ spec, strip }: PaperLayout): Finding[] {
  const { start, roll } = spec;
  if (start !== "left" && start !== "right") return [];
  const out = outOfPlumb(strip);
  const other = start === "left" ? "right" : "left";
  if (out[start] <= trueWithinMm || spareAt(strip)[start] > 0) return [];
  const { minX, maxX } = strip.extent;
  const seam = start === "left" ? minX + roll.width - spareMm : maxX - roll.width + spareMm;
  const cure: Cure =
    out[other] <= trueWithinMm
      ? { kind: "truer-end", count: 1, finish: spec.id, set: { start: other } }
      : { kind: "spare-at-end", count: spareMm, finish: spec.id, set: { start: { seam } } };
  const values = { side: start, out: out[start] };
  return [{ own: true, code: "paper-into-corner", severity: "check", values, at: null, cure }];
}
