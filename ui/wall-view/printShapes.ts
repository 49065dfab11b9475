import { groupBy } from "@/core/geometry/groupBy";
import type { PlanMotif, PlanPoint, PlanPrint, PlanWall } from "@/core/plan/planTypes";
import { pathOf } from "./pathOf";

type Matrix = [number, number, number, number, number, number];

/** One paint of one print: its outline, and how that is placed in the wall's own coordinates, y up. */
export interface PrintShape {
  readonly key: string;
  readonly paint: string;
  readonly contours: readonly PlanPoint[][];
  readonly fill: string;
  readonly d: string;
  readonly matrix: Matrix;
}

/** Every paint of every print. */
export const printShapes = (
  { prints = [], motifs = [] }: Pick<PlanWall, "prints" | "motifs">,
  fillOf: (paint: string) => string,
): PrintShape[] => prints.flatMap(({ list }) => list.flatMap((print) => shapesOf(print, motifs, fillOf)));

function shapesOf(
  print: PlanPrint,
  motifs: readonly PlanMotif[],
  fillOf: (paint: string) => string,
): PrintShape[] {
  const shape = (part: number, colour: string, contours: readonly PlanPoint[][], matrix: Matrix) => ({
    key: `${print.id} ${print.overlay} ${part}`,
    paint: colour,
    contours,
    fill: fillOf(colour),
    d: outlineOf(contours),
    matrix,
  });
  if (print.kept) {
    return print.kept.map(({ colour, contours }, part) => shape(part, colour, contours, [1, 0, 0, 1, 0, 0]));
  }
  const motif = motifs.find(({ id }) => id === print.motif);
  const angle = (print.turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const side = print.mirrored ? -1 : 1;
  const matrix: Matrix = [side * cos, side * sin, -sin, cos, print.at[0], print.at[1]];
  return (motif?.cutouts ?? [])
    .filter(({ overlay }) => overlay === print.overlay)
    .map(({ colour, contours }, part) => shape(part, colour, contours, matrix));
}

/** Fills prints on a canvas whose pixels `base` makes of the wall's own mm, y up. */
export function drawPrints(
  context: CanvasRenderingContext2D,
  shapes: readonly PrintShape[],
  base: Matrix,
): void {
  const paths = new Map<string, Path2D>();
  for (const { fill, d, matrix } of shapes) {
    const path = paths.get(d) ?? new Path2D(d);
    paths.set(d, path);
    context.setTransform(...base);
    context.transform(...matrix);
    context.fillStyle = fill;
    context.fill(path, "evenodd");
  }
}

/** Path data of all prints of a paint, in the wall's mm with y down from its top. */
export function pathsByPaint(shapes: readonly PrintShape[], top: number): Map<string, string> {
  return new Map(
    [...groupBy(shapes, ({ paint }) => paint)].map(([paint, own]) => [
      paint,
      own
        .flatMap(({ contours, matrix: [a, b, c, d, e, f] }) =>
          contours.map((ring) =>
            pathOf(
              ring.map(([x, y]) => [a * x + c * y + e, b * x + d * y + f]),
              top,
            ),
          ),
        )
        .join(""),
    ]),
  );
}

const outlines = new WeakMap<readonly PlanPoint[][], string>();

/** Path data of closed outlines; made once for a motif, however often it is printed. */
function outlineOf(contours: readonly PlanPoint[][]): string {
  const known = outlines.get(contours);
  if (known !== undefined) return known;
  const d = contours.map((ring) => `M${ring.map(([x, y]) => `${x} ${y}`).join("L")}Z`).join("");
  outlines.set(contours, d);
  return d;
}
