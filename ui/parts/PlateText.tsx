import { Measure } from "./Measure";
import { textWidth } from "./textWidth";

interface Props {
  readonly children: string;
  /** Where the text stands: its base line, and the end that `anchor` names. */
  readonly x: number;
  readonly y: number;
  /** Of the letters, px. */
  readonly size?: number;
  readonly anchor?: "start" | "middle" | "end";
  readonly weight?: "medium" | "semibold" | "bold";
  /** The class of the letters' fill, and of the plate's. */
  readonly tone?: string;
  readonly plate?: string;
  /** Turned about the place where it stands, degrees. */
  readonly turn?: number;
}

const weights = { medium: "font-medium", semibold: "font-semibold", bold: "font-bold" } as const;

/** A text in a drawing on a small quiet plate, so that it reads on whatever lies under it. */
export function PlateText({
  children,
  x,
  y,
  size = 12.5,
  anchor = "middle",
  weight = "semibold",
  tone = "fill-ink",
  plate = "fill-paper",
  turn = 0,
}: Props) {
  const pad = size * 0.4;
  const width = textWidth(children, size);
  const left = { start: 0, middle: -width / 2, end: -width }[anchor];
  return (
    <g transform={`translate(${x} ${y})${turn === 0 ? "" : ` rotate(${turn})`}`}>
      <rect
        x={left - pad}
        y={-size * 1.05}
        width={width + 2 * pad}
        height={size * 1.45}
        rx={size * 0.3}
        className={plate}
        fillOpacity={0.86}
      />
      <text textAnchor={anchor} fontSize={size} className={`${tone} ${weights[weight]}`}>
        <Measure as="tspan">{children}</Measure>
      </text>
    </g>
  );
}
