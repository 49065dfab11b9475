import { memo } from "react";
import type { Box } from "@/core/geometry/curve";
import { isFixed } from "@/core/wall/schema";
import { Prints } from "./Prints";
import type { Layer } from "./wallLayers";

/** How layers are shown: in the client's colours on a screen, in lines and hatches on paper. */
export interface Look {
  readonly fillOf: (paint: string) => string;
  /** Lines over the pieces of a paint, and finer ones over what is laid or printed in it, that tell it from others. */
  readonly hatchOfPieces?: (paint: string) => string | undefined;
  readonly hatchOf?: (paint: string) => string | undefined;
  /** Around everything. */
  readonly outline?: string;
  /** Whether tints and sheets are coloured; else a sheet is its seams, and what a tint breaks up is told in words. */
  readonly isColoured: boolean;
  /** So many prints are drawn as shapes; more as one picture. */
  readonly mostShapes?: number;
}

interface Props {
  readonly layer: Layer;
  readonly look: Look;
  /** Of the wall, in its own mm. */
  readonly box: Box;
}

/** One layer of a wall, in the wall's mm with y down from its top. */
export const LayerDrawing = memo(function LayerDrawing({ layer, look, box }: Props) {
  const { fillOf, hatchOf, hatchOfPieces, outline, isColoured, mostShapes } = look;
  switch (layer.kind) {
    case "pieces":
      return (
        <Filled
          d={layer.d}
          fill={fillOf(layer.paint)}
          hatch={hatchOfPieces?.(layer.paint)}
          outline={outline}
        />
      );
    case "bricks":
      return (
        <g data-bricks={layer.paint}>
          <Filled d={layer.d} fill={fillOf(layer.paint)} hatch={hatchOf?.(layer.paint)} outline={outline} />
        </g>
      );
    case "tint":
      return isColoured ? (
        <path
          d={layer.d}
          fill={fillOf(layer.paint)}
          fillOpacity={layer.opacity}
          fillRule="evenodd"
          data-effect={layer.effect}
        />
      ) : null;
    case "sheet":
      return <Sheet layer={layer} isColoured={isColoured} />;
    case "prints":
      return (
        <Prints
          shapes={layer.shapes}
          box={box}
          fillOf={fillOf}
          hatchOf={hatchOf}
          outline={outline}
          mostAsShapes={mostShapes}
        />
      );
    case "opening":
      return (
        <>
          {layer.casing && (
            <path
              d={layer.casing}
              fill={isColoured ? "#f7f3ea" : "#fff"}
              stroke={outline ?? "#8b8074"}
              vectorEffect="non-scaling-stroke"
            />
          )}
          <path
            d={layer.hole}
            fill={isColoured ? (layer.opening.kind === "window" ? "#e2e8ea" : "#e6dfd3") : "#fff"}
            stroke={outline ?? "#8b8074"}
            vectorEffect="non-scaling-stroke"
          />
        </>
      );
    case "fixture": {
      const { x, y, width, height } = layer.fixture;
      const isFurniture = !isFixed(layer.fixture);
      return (
        <rect
          x={x}
          y={box.maxY - y - height}
          width={width}
          height={height}
          fill={isFurniture ? "none" : "#fff"}
          stroke={outline ?? "#6b6070"}
          strokeDasharray={isFurniture ? "6 5" : undefined}
          vectorEffect="non-scaling-stroke"
        />
      );
    }
  }
});

interface FilledProps {
  readonly d: string;
  readonly fill: string;
  readonly hatch: string | undefined;
  readonly outline: string | undefined;
}

const Filled = ({ d, fill, hatch, outline }: FilledProps) => (
  <>
    <path d={d} fill={fill} fillRule="evenodd" stroke={outline} vectorEffect="non-scaling-stroke" />
    {hatch && <path d={d} fill={hatch} fillRule="evenodd" />}
  </>
);

/** A sheet of paper: its seams, and where the pattern repeats on it. */
function Sheet({
  layer: { n, d, hex, repeats },
  isColoured,
}: {
  readonly layer: Layer & { readonly kind: "sheet" };
  readonly isColoured: boolean;
}) {
  return (
    <g data-sheet={n}>
      <path
        d={d}
        fill={isColoured ? hex : "none"}
        stroke={isColoured ? "#6b6070" : "#000"}
        strokeDasharray={isColoured ? undefined : "6 3"}
        vectorEffect="non-scaling-stroke"
      />
      {repeats && (
        <path
          d={repeats}
          fill="none"
          stroke={isColoured ? "#00000038" : "#000"}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
}
