import type { Contour, Curve } from "@/core/geometry/curve";
import type { Point } from "@/core/geometry/point";
import { roundNumber } from "@/core/job/emitPlan";
import type { LaidOutJob, OrderedWall } from "@/core/job/orderedWall";
import { rectangleContour } from "@/core/geometry/contour";
import { tryCutSheet, type StencilSheet } from "@/core/stencil/cutSheet";
import { placeContour } from "@/core/geometry/placeContour";
import { drawnPattern } from "@/core/pattern/drawnPattern";
import { walkWall, type WallSink } from "@/core/pattern/walkWall";
import { boxOfWall, cornersInsideTrim, cornersOfWall } from "@/core/wall/boxOfWall";

/** Between two walls, mm. */
const betweenMm = 400;

/**
 * The walls of a job, or one of them, to scale as an SVG: one unit a mm, y down. Pieces carry their ids and paints, arcs are
 * arcs. Throws where a number is not finite rather than write it.
 */
export function drawSvg({ job, walls }: LaidOutJob, wallId?: string): string {
  const hexOf = new Map(job.paints.map(({ id, hex }) => [id, hex]));
  const drawn = walls.filter(({ wall }) => wallId === undefined || wall.id === wallId);
  const boxes = drawn.map(({ wall }) => boxOfWall(wall));
  const high = Math.max(0, ...boxes.map(({ minY, maxY }) => maxY - minY));
  let right = 0;
  const groups = drawn.map((wall, index) => {
    const { minX, maxX, minY } = boxes[index]!;
    const group = drawWall(wall, hexOf, { x: right - minX, y: high + minY });
    right += maxX - minX + betweenMm;
    return group;
  });
  for (const stencil of job.stencils) {
    const sheet = tryCutSheet(stencil);
    if (!sheet) continue;
    const { minX, maxX, minY } = sheet.plastic;
    groups.push(drawSheet(sheet, { x: right - minX, y: high + minY }));
    right += maxX - minX + betweenMm;
  }
  const wide = Math.max(0, right - betweenMm);
  const size = `width="${written(wide)}mm" height="${written(high)}mm" viewBox="0 0 ${written(wide)} ${written(high)}"`;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" ${size}>`,
    `<title>${escaped(job.name)}</title>`,
    ...groups,
    "</svg>",
    "",
  ].join("\n");
}

/** A sheet at its true size, to be cut by: its plastic, and each overlay's holes in a layer of their own. */
function drawSheet({ stencil, plastic, slots }: StencilSheet, origin: Point): string {
  const id = `sheet-${stencil.id}`;
  const { minX, maxX, minY, maxY } = plastic;
  const overlays = stencil.overlays.map((overlay) => {
    const own = slots.filter((slot) => slot.overlay === overlay.id);
    const paths = own.map(
      ({ slot, contours }) =>
        `<path data-slot="${escaped(slot)}" fill="none" stroke="#a03226" stroke-width="0.5" d="${pathOf(contours)}"/>`,
    );
    return `<g id="${escaped(`${id}-overlay-${overlay.id}`)}">${paths.join("")}</g>`;
  });
  const marks = stencil.registers.map(([x, y]) => {
    const [left, right, low, high] = [x - 4, x + 4, y - 4, y + 4];
    return `<path class="register" fill="none" stroke="#2b1f33" stroke-width="0.5" d="M${point({ x: left, y })}L${point({ x: right, y })}M${point({ x, y: low })}L${point({ x, y: high })}"/>`;
  });
  return [
    `<g id="${escaped(id)}" transform="translate(${written(origin.x)} ${written(origin.y)})">`,
    `<title>${escaped(stencil.name ?? stencil.id)}</title>`,
    `<path class="sheet" fill="none" stroke="#2b1f33" stroke-width="0.5" d="${pathOf([rectangleContour(minX, minY, maxX, maxY)])}"/>`,
    ...overlays,
    ...marks,
    "</g>",
  ].join("\n");
}

function drawWall({ wall, laid }: OrderedWall, hexOf: ReadonlyMap<string, string>, origin: Point): string {
  const lines: string[] = [];
  const hex = (paint: string) => hexOf.get(paint) ?? "#ffffff";
  const attribute = (name: string, value: string) => `${name}="${escaped(value)}"`;
  // Sheets are drawn past the wall and cut off as they are at its edges.
  const clipId = `${wall.id}-papered`;
  const clip = attribute("clip-path", `url(#${clipId})`);
  const sink: WallSink<Contour> = {
    region: ({ id, colour, name, rings }) =>
      lines.push(
        `<path ${attribute("id", id)} ${attribute("data-paint", colour)} fill="${hex(colour)}" fill-rule="evenodd" d="${pathOf(rings)}"><title>${escaped(name)}</title></path>`,
      ),
    tint: ({ id, finish }, paint, opacity, contours) =>
      lines.push(
        `<path ${attribute("class", `tint ${finish}`)} ${attribute("data-effect", id)} ${attribute("data-paint", paint)} fill="${hex(paint)}" fill-opacity="${written(opacity)}" fill-rule="evenodd" d="${pathOf(contours)}"/>`,
      ),
    print: ({ id, finish, pose }, paint, rings) =>
      lines.push(
        `<path ${attribute("class", `print ${finish}`)} ${attribute("data-print", id)} ${attribute("data-paint", paint)} fill="${hex(paint)}" fill-rule="evenodd" d="${pathOf(pose ? rings.map((ring) => placeContour(ring, pose)) : rings)}"/>`,
      ),
    brick: ({ id, tone }, contour) =>
      lines.push(
        `<path class="brick" ${attribute("data-brick", id)} ${attribute("data-paint", tone)} fill="${hex(tone)}" d="${pathOf([contour])}"/>`,
      ),
    sheet: ({ n, roll }, { hex }, contour) =>
      lines.push(
        `<path class="paper" ${clip} data-sheet="${n}" data-roll="${roll}" fill="${hex}" stroke="#6b6070" stroke-width="1" d="${pathOf([contour])}"/>`,
      ),
    opening: ({ id }, hole, casing) => {
      const shape = (name: string, contour: Contour) =>
        `<path class="${name}" ${attribute("data-id", id)} fill="#ffffff" stroke="#6b6070" stroke-width="2" d="${pathOf([contour])}"/>`;
      if (casing) lines.push(shape("casing", casing));
      lines.push(shape("opening", hole));
    },
    fixture: ({ id, kind, x, y, width, height }) =>
      lines.push(
        `<rect class="${kind}" ${attribute("data-id", id)} x="${written(x)}" y="${written(-y - height)}" width="${written(width)}" height="${written(height)}" fill="none" stroke="#6b6070" stroke-width="2"/>`,
      ),
    line: ({ id, use, path: { a, b } }) =>
      lines.push(
        `<path class="line" ${attribute("data-id", id)} fill="none" stroke="#2b1f33" stroke-width="1" d="M${point(a)}L${point(b)}"><title>${escaped(use)}</title></path>`,
      ),
  };
  walkWall(wall, drawnPattern(laid?.pattern ?? null), sink);
  if (laid?.pattern.sheets.length) {
    const inside = `M${cornersInsideTrim(wall).map(point).join("L")}Z`;
    lines.unshift(`<clipPath ${attribute("id", clipId)}><path d="${inside}"/></clipPath>`);
  }
  const outline = `M${cornersOfWall(wall).map(point).join("L")}Z`;
  return [
    `<g ${attribute("id", wall.id)} transform="translate(${written(origin.x)} ${written(origin.y)})">`,
    `<title>${escaped(wall.name ?? wall.id)}</title>`,
    ...lines,
    `<path class="wall" fill="none" stroke="#2b1f33" stroke-width="3" d="${outline}"/>`,
    "</g>",
  ].join("\n");
}

/** Path data of closed contours; y is turned down, so what runs counter-clockwise has the sweep flag 0. */
export const pathOf = (contours: readonly Contour[]): string =>
  contours.map((contour) => `M${point(contour[0]!.a)}${contour.map(drawn).join("")}Z`).join("");

function drawn(curve: Curve): string {
  if (curve.kind === "segment") return `L${point(curve.b)}`;
  const { radius, sweep, b } = curve;
  const isLarge = Math.abs(sweep) > Math.PI ? 1 : 0;
  return `A${written(radius)} ${written(radius)} 0 ${isLarge} ${sweep > 0 ? 0 : 1} ${point(b)}`;
}

const point = ({ x, y }: Point): string => `${written(x)} ${written(-y)}`;
const written = (value: number): string => String(roundNumber(value));

const entities: Readonly<Record<string, string>> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

/** Text as XML has it; controls, which it has no way to write, are left out. */
const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => entities[sign]!).replace(/[^\P{C}\t\n\r]/gu, "");
