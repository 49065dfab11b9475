import type { PlanWall } from "@/core/job/planTypes";
import { HaloText } from "@/ui/parts/HaloText";
import type { LayerFrame } from "../WallStage";

const leastWidthPx = 15;
const pxPerLetter = 6.5;
/** More pieces than this are told by number, or the wall could not be seen for words. */
const mostNamed = 40;
/** The cells of a grid are told by counting, once there are so many. */
const mostCells = 80;

const pillPx = (text: string): number => Math.max(18, text.length * 7 + 6);

/** The number of each region, low on the wall, in a tone that reads on its paint. */
export function RegionLabels({ plan, frame }: { plan: PlanWall; frame: LayerFrame }) {
  const kinds = new Set(plan.regions.map(({ name }) => name.replace(/\d+/g, "")));
  const isMixed = kinds.size > 1 && plan.regions.length < mostNamed;
  return (
    <g aria-hidden="true" pointerEvents="none">
      {plan.regions.map((region) => {
        // A cell of a grid has two numbers, its column and its row.
        const numbers = region.name.match(/\d+/g) ?? [];
        const number = numbers.join(".");
        const xs = region.outline.map(([x]) => x);
        const ys = region.outline.map(([, y]) => y);
        const [width, height] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
        if (!number || (numbers.length > 1 && plan.regions.length > mostCells)) return null;
        if (width * frame.view.scale < leastWidthPx || height * frame.view.scale < leastWidthPx) return null;
        const isTall = height > width * 2;
        const y = isTall ? frame.y(Math.min(...ys)) - 10 : frame.y(region.label[1]) + 4;
        const x = isTall ? frame.x((Math.min(...xs) + Math.max(...xs)) / 2) : frame.x(region.label[0]);
        // Where pieces of several kinds share the wall, a number alone does not tell them apart.
        if (isMixed) {
          return width * frame.view.scale < region.name.length * pxPerLetter ? null : (
            <HaloText
              key={region.id}
              x={frame.x(region.label[0])}
              y={frame.y(region.label[1]) + 4}
              textAnchor="middle"
              className="text-[12px] font-semibold"
            >
              {region.name}
            </HaloText>
          );
        }
        return (
          <g key={region.id}>
            <rect
              x={x - pillPx(number) / 2}
              y={y - 13}
              width={pillPx(number)}
              height={18}
              rx={9}
              className="fill-paper"
              fillOpacity={0.88}
            />
            <text x={x} y={y} textAnchor="middle" className="fill-ink text-[11px] font-semibold">
              {number}
            </text>
          </g>
        );
      })}
    </g>
  );
}
