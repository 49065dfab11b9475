import { flattenContour } from "@/core/geometry/flatten";
import type { StencilSheet } from "@/core/stencil/cutSheet";

interface Props {
  readonly sheet: StencilSheet;
  /** One overlay alone; all where it is null. */
  readonly overlay?: string | null;
  /** Whether what falls out and what is thin is marked. */
  readonly isMarked?: boolean;
  /** On paper, black on white: what the holes of a slot are filled with. */
  readonly inkOf?: (slot: string) => string;
  readonly className?: string;
}

const overlayFills = ["#3d2f4a", "#7a5fa0", "#b79a4b", "#4c5b45"];

/** A sheet to scale: its plastic, the cell that repeats, the holes of each overlay, and its register marks. */
export function SheetDrawing({ sheet, overlay = null, isMarked = false, inkOf, className }: Props) {
  const { plastic, cell, slots, stencil, islands, bridges } = sheet;
  const [width, height] = [plastic.maxX - plastic.minX, plastic.maxY - plastic.minY];
  const overlays = stencil.overlays.map(({ id }) => id);
  const isShown = (id: string) => overlay === null || id === overlay;
  const line = Math.max(width, height) / 160;
  return (
    <svg
      viewBox={`${plastic.minX} ${-plastic.maxY} ${width} ${height}`}
      className={className}
      {...(isMarked
        ? { role: "img", "aria-label": `Sheet ${stencil.name ?? stencil.id}` }
        : { "aria-hidden": true })}
    >
      <rect
        x={plastic.minX}
        y={-plastic.maxY}
        width={width}
        height={height}
        rx={line * 2}
        fill={inkOf ? "#fff" : "#efe7d6"}
        stroke={inkOf && "#000"}
        strokeWidth={line / 3}
      />
      <rect
        x={cell.minX}
        y={-cell.maxY}
        width={cell.maxX - cell.minX}
        height={cell.maxY - cell.minY}
        fill="none"
        stroke="#b9a98c"
        strokeWidth={line / 2}
        strokeDasharray={`${line * 3} ${line * 2}`}
      />
      {slots.map(({ overlay: id, slot, contours }) =>
        isShown(id) ? (
          <path
            key={`${id} ${slot}`}
            d={contours
              .map(
                (contour) =>
                  `M${flattenContour(contour)
                    .map(({ x, y }) => `${x.toFixed(2)} ${(-y).toFixed(2)}`)
                    .join("L")}Z`,
              )
              .join("")}
            fill={inkOf ? inkOf(slot) : overlayFills[overlays.indexOf(id) % overlayFills.length]}
            stroke={inkOf && "#000"}
            strokeWidth={line / 3}
            fillRule="evenodd"
          />
        ) : null,
      )}
      {stencil.registers.map(([x, y], index) => (
        <path
          key={index}
          d={`M${x - line * 3} ${-y}h${line * 6}M${x} ${-y - line * 3}v${line * 6}`}
          stroke="#6b6070"
          strokeWidth={line / 2}
        />
      ))}
      {isMarked &&
        [
          ...islands.map((island) => ({ ...island, stroke: "#a3261d" })),
          ...bridges.map((bridge) => ({ ...bridge, stroke: "#8d5a00" })),
        ]
          .filter((place) => isShown(place.overlay))
          .map(({ at, stroke }, index) => (
            <circle
              key={index}
              cx={at.x}
              cy={-at.y}
              r={line * 4}
              fill="none"
              stroke={stroke}
              strokeWidth={line}
            />
          ))}
    </svg>
  );
}
