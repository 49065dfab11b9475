import type { PlanWall } from "@/core/job/planTypes";
import type { LayerFrame } from "../WallStage";

const leastWidthPx = 15;

/** The number of each region, low on the wall, in a tone that reads on its paint. */
export function RegionLabels({ plan, frame }: { plan: PlanWall; frame: LayerFrame }) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {plan.regions.map((region) => {
        const number = /\d+/.exec(region.name)?.[0];
        const xs = region.outline.map(([x]) => x);
        const ys = region.outline.map(([, y]) => y);
        const [width, height] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
        if (!number || width * frame.view.scale < leastWidthPx || height * frame.view.scale < leastWidthPx)
          return null;
        const isTall = height > width * 2;
        const y = isTall ? frame.y(Math.min(...ys)) - 10 : frame.y(region.label[1]) + 4;
        const x = isTall ? frame.x((Math.min(...xs) + Math.max(...xs)) / 2) : frame.x(region.label[0]);
        return (
          <g key={region.id}>
            <circle cx={x} cy={y - 4} r={9} className="fill-paper" fillOpacity={0.88} />
            <text x={x} y={y} textAnchor="middle" className="fill-ink text-[11px] font-semibold">
              {number}
            </text>
          </g>
        );
      })}
    </g>
  );
}
