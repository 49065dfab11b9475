import type { PlanMotif, PlanPoint, PlanPrint, PlanWall } from "@/core/job/planTypes";
import type { Box } from "@/core/geometry/curve";
import { PrintedBitmap } from "./PrintedBitmap";

/** So many are drawn as shapes on the screen. */
const mostShapes = 300;

interface Props {
  readonly plan: Pick<PlanWall, "prints" | "motifs">;
  /** Of the wall, in its own mm. */
  readonly box: Box;
  readonly fillOf: (paint: string) => string;
  /** For paper, where nothing moves and fills may be hatches. */
  readonly mostAsShapes?: number;
  readonly outline?: string;
}

/** What is printed on a wall, in the wall's mm with y down from its top. */
export function Prints({
  plan: { prints = [], motifs = [] },
  box,
  fillOf,
  mostAsShapes = mostShapes,
  outline,
}: Props) {
  const list = prints.flatMap((own) => own.list);
  if (list.length === 0) return null;
  const shapes = printShapes({ prints, motifs }, fillOf);
  if (list.length > mostAsShapes) return <PrintedBitmap shapes={shapes} box={box} />;
  return (
    <g data-prints={list.length}>
      {shapes.map(({ key, fill, d, matrix }) => (
        <path
          key={key}
          d={d}
          fill={fill}
          fillRule="evenodd"
          stroke={outline}
          vectorEffect="non-scaling-stroke"
          transform={`translate(0 ${box.maxY}) scale(1 -1) matrix(${matrix.join(" ")})`}
        />
      ))}
    </g>
  );
}

type Matrix = [number, number, number, number, number, number];

/** One paint of one print: its outline, and how that is placed in the wall's own coordinates, y up. */
export interface PrintShape {
  readonly key: string;
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

const outlines = new WeakMap<readonly PlanPoint[][], string>();

/** Path data of closed outlines; made once for a motif, however often it is printed. */
function outlineOf(contours: readonly PlanPoint[][]): string {
  const known = outlines.get(contours);
  if (known !== undefined) return known;
  const d = contours.map((ring) => `M${ring.map(([x, y]) => `${x} ${y}`).join("L")}Z`).join("");
  outlines.set(contours, d);
  return d;
}
