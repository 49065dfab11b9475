import { groupBy } from "@/core/geometry/groupBy";
import type { DrawnPrint } from "@/core/pattern/walkWall";
import type { PlanPoint } from "@/core/plan/planTypes";
import { pathOf } from "./pathOf";

type Matrix = [number, number, number, number, number, number];
type Rings = readonly (readonly PlanPoint[])[];

/** One paint of one print: its outline, and how that is placed in the wall's own coordinates, y up. */
export interface PrintShape {
  readonly id: string;
  readonly paint: string;
  readonly rings: Rings;
  readonly d: string;
  readonly matrix: Matrix;
}

const still: Matrix = [1, 0, 0, 1, 0, 0];

export function printShape({ id, pose }: DrawnPrint<unknown>, paint: string, rings: Rings): PrintShape {
  const shape = { id, paint, rings, d: outlineOf(rings) };
  if (!pose) return { ...shape, matrix: still };
  const { at, turn, mirrored } = pose;
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const side = mirrored ? -1 : 1;
  return { ...shape, matrix: [side * cos, side * sin, -sin, cos, at.x, at.y] };
}

/** Fills prints on a canvas whose pixels `base` makes of the wall's own mm, y up. */
export function drawPrints(
  context: CanvasRenderingContext2D,
  shapes: readonly PrintShape[],
  fillOf: (paint: string) => string,
  base: Matrix,
): void {
  const paths = new Map<string, Path2D>();
  for (const { paint, d, matrix } of shapes) {
    const path = paths.get(d) ?? new Path2D(d);
    paths.set(d, path);
    context.setTransform(...base);
    context.transform(...matrix);
    context.fillStyle = fillOf(paint);
    context.fill(path, "evenodd");
  }
}

/** Path data of all prints of a paint, in the wall's mm with y down from its top. */
export function pathsByPaint(shapes: readonly PrintShape[], top: number): Map<string, string> {
  return new Map(
    [...groupBy(shapes, ({ paint }) => paint)].map(([paint, own]) => [
      paint,
      own
        .flatMap(({ rings, matrix: [a, b, c, d, e, f] }) =>
          rings.map((ring) =>
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

const outlines = new WeakMap<Rings, string>();

/** Path data of closed outlines; made once for a motif, however often it is printed. */
function outlineOf(rings: Rings): string {
  const known = outlines.get(rings);
  if (known !== undefined) return known;
  const d = rings.map((ring) => `M${ring.map(([x, y]) => `${x} ${y}`).join("L")}Z`).join("");
  outlines.set(rings, d);
  return d;
}
