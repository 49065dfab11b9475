import { PlateText } from "@/ui/parts/PlateText";
import type { PlanPoint } from "@/core/plan/planTypes";
import type { Visit } from "./visits";

/** Numbers stand this far apart at least, px. */
const betweenNumbersPx = 34;
const dotPx = 3.5;

interface Props {
  readonly order: Visit;
  /** Where a place of the wall is drawn. */
  readonly place: (at: PlanPoint) => readonly [number, number];
  readonly ink: string;
}

/** The way of what is done place by place, a line a load, from its ring and number on. */
export function OrderWay({ order, place, ink }: Props) {
  const placed = order.loads.map(({ number, stops }) => ({ number, stops: stops.map(place) }));
  const way = placed.map(({ stops }) => `M${stops.map(([x, y]) => `${x} ${y}`).join("L")}`).join("");
  const numbers = apart(placed.map(({ number, stops }) => ({ number, at: stops[0]! })));
  return (
    <g data-order={order.key}>
      <path d={way} fill="none" stroke="#fff" strokeOpacity={0.7} strokeWidth={4} strokeLinejoin="round" />
      <path d={way} fill="none" stroke={ink} strokeWidth={1.6} strokeLinejoin="round" />
      {placed.map(({ number, stops: [first] }) => (
        <circle
          key={number}
          cx={first![0]}
          cy={first![1]}
          r={dotPx}
          fill="#fff"
          stroke={ink}
          strokeWidth={1.6}
        />
      ))}
      {placed.length > 1 &&
        numbers.map(({ number, at: [x, y] }) => (
          <PlateText key={number} x={x} y={y - 8} size={12}>
            {String(number)}
          </PlateText>
        ))}
    </g>
  );
}

interface Numbered {
  readonly number: number;
  readonly at: readonly [number, number];
}

/** Those that leave room for each other, the first ones first; only what is in the cells around one can be too near. */
function apart(numbers: readonly Numbered[]): Numbered[] {
  const taken = new Map<string, readonly [number, number]>();
  return numbers.filter(({ at }) => {
    const [column, row] = at.map((px) => Math.floor(px / betweenNumbersPx)) as [number, number];
    for (let x = column - 1; x <= column + 1; x++)
      for (let y = row - 1; y <= row + 1; y++) {
        const other = taken.get(`${x} ${y}`);
        if (other && Math.hypot(other[0] - at[0], other[1] - at[1]) < betweenNumbersPx) return false;
      }
    taken.set(`${column} ${row}`, at);
    return true;
  });
}
