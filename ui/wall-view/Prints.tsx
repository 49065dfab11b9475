import { useMemo } from "react";
import type { Box } from "@/core/geometry/curve";
import dynamic from "next/dynamic";
import { pathsByPaint, type PrintShape } from "./printShapes";

/** So many are drawn as shapes on the screen. */
const mostShapes = 300;
/** More than these are too small on the screen for lines in them. */
const mostHatched = 1500;

/** For very many prints. */
const PrintedBitmap = dynamic(() => import("./PrintedBitmap").then((module) => module.PrintedBitmap));

interface Props {
  readonly shapes: readonly PrintShape[];
  /** Of the wall, in its own mm. */
  readonly box: Box;
  readonly fillOf: (paint: string) => string;
  /** For paper, where nothing moves and fills may be hatches. */
  readonly mostAsShapes?: number;
  readonly outline?: string;
  /** Lines over a paint, that tell it from others. */
  readonly hatchOf?: (paint: string) => string | undefined;
}

/** What is printed on a wall, in the wall's mm with y down from its top. */
export function Prints({ shapes, box, fillOf, mostAsShapes = mostShapes, outline, hatchOf }: Props) {
  const count = useMemo(() => new Set(shapes.map(({ id }) => id)).size, [shapes]);
  const hatched = hatchOf && count <= Math.max(mostHatched, mostAsShapes) && (
    <PrintHatch shapes={shapes} top={box.maxY} hatchOf={hatchOf} outline={outline} />
  );
  if (count > mostAsShapes) {
    return (
      <>
        <PrintedBitmap shapes={shapes} fillOf={fillOf} box={box} />
        {hatched}
      </>
    );
  }
  return (
    <g data-prints={count}>
      {shapes.map(({ paint, d, matrix }, index) => (
        <path
          key={index}
          d={d}
          fill={fillOf(paint)}
          fillRule="evenodd"
          stroke={outline}
          vectorEffect="non-scaling-stroke"
          transform={`translate(0 ${box.maxY}) scale(1 -1) matrix(${matrix.join(" ")})`}
        />
      ))}
      {hatched}
    </g>
  );
}

interface HatchProps {
  readonly shapes: readonly PrintShape[];
  readonly top: number;
  readonly hatchOf: (paint: string) => string | undefined;
  readonly outline: string | undefined;
}

/** The lines of a paint lie one way on the wall, however its prints are turned. */
function PrintHatch({ shapes, top, hatchOf, outline }: HatchProps) {
  const paths = useMemo(() => pathsByPaint(shapes, top), [shapes, top]);
  return [...paths].map(([paint, d]) => (
    <path
      key={paint}
      d={d}
      fill={hatchOf(paint) ?? "none"}
      fillRule="evenodd"
      stroke={outline}
      vectorEffect="non-scaling-stroke"
    />
  ));
}
