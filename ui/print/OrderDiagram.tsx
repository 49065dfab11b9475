import { useId } from "react";
import { flattenContour } from "@/core/geometry/flatten";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { openingContour } from "@/core/wall/openingContour";
import type { Wall } from "@/core/wall/schema";
import { OrderWay } from "@/ui/stations/days/OrderWay";
import type { Visit } from "@/ui/stations/days/visits";

/** About as wide as a column of the sheet, px. */
export const columnPx = 380;
/** For numbers at the wall's edges. */
const aroundPx = 14;

interface OrderProps {
  readonly wall: Wall;
  readonly planned: PlanWall;
  readonly order: Visit;
}

/** The wall with its prints numbered in their order, or where they are too near the way over them, a line a load. */
export function OrderDiagram({ wall, planned, order }: OrderProps) {
  const box = boxOfWall(wall);
  const scale = columnPx / (box.maxX - box.minX);
  const place = ([x, y]: PlanPoint): [number, number] => [(x - box.minX) * scale, (box.maxY - y) * scale];
  const clip = useId();
  const isNumbered = haveRoom(order.loads.flatMap(({ stops }) => stops.map(place)));
  const outline = (points: readonly PlanPoint[]) => `M${points.map((at) => place(at).join(" ")).join("L")}Z`;
  return (
    <figure className="break-inside-avoid">
      <svg
        viewBox={`${-aroundPx} ${-aroundPx} ${columnPx + 2 * aroundPx} ${(box.maxY - box.minY) * scale + 2 * aroundPx}`}
        className="max-h-72 w-full"
        role="img"
        aria-label={`Order of ${order.name}`}
      >
        <path d={outline(planned.outline)} fill="none" stroke="#000" />
        <clipPath id={clip}>
          <path d={outline(planned.outline)} />
        </clipPath>
        {wall.openings.map((opening) => (
          <path
            key={opening.id}
            clipPath={`url(#${clip})`}
            d={outline(
              flattenContour(openingContour(opening, opening.casing)).map(({ x, y }): PlanPoint => [x, y]),
            )}
            fill="none"
            stroke="#000"
          />
        ))}
        {isNumbered ? (
          <Numbers order={order} place={place} />
        ) : (
          <OrderWay order={order} place={place} ink="#000" />
        )}
      </svg>
      <figcaption className="pt-0.5 text-[9pt] leading-tight">
        <b>{`Order of ${order.name}. `}</b>
        {captionOf(order, isNumbered)}
      </figcaption>
    </figure>
  );
}

function captionOf({ loads }: Visit, isNumbered: boolean): string {
  if (isNumbered) return loads.length > 1 ? "A new load at each ring." : "";
  return loads.length > 1 ? "Each line is one load, from its ring and number on." : "From the ring on.";
}

interface NumbersProps {
  readonly order: Visit;
  readonly place: (at: PlanPoint) => readonly [number, number];
}

function Numbers({ order: { loads }, place }: NumbersProps) {
  const stops = loads.flatMap(({ stops }) => stops.map((at, index) => ({ at, isFresh: index === 0 })));
  return stops.map(({ at, isFresh }, index) => {
    const [x, y] = place(at);
    return (
      <g key={index}>
        {isFresh && loads.length > 1 && (
          <circle cx={x} cy={y} r={ringPx} fill="none" stroke="#000" strokeWidth={1.2} />
        )}
        <text x={x} y={y + 3.5} textAnchor="middle" fontSize={10} fontWeight={isFresh ? 700 : 500}>
          {index + 1}
        </text>
      </g>
    );
  });
}

const ringPx = 9.5;

/** Whether numbers at all these places leave each other alone. */
function haveRoom(places: readonly (readonly [number, number])[]): boolean {
  if (places.length > mostNumbers) return false;
  return places.every(([x, y], index) =>
    places.slice(index + 1).every(([otherX, otherY]) => Math.hypot(otherX - x, otherY - y) >= 2 * ringPx),
  );
}

const mostNumbers = 400;
