"use client";

import { formatArea } from "@/core/measure/formatLength";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { PlateText } from "@/ui/parts/PlateText";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { RegionLabels } from "@/ui/wall-view/RegionLabels";

/** What each paint covers on this wall. */
export function BuyLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const found = useShownWall(wallId);
  const job = useJob();
  if (!found?.plan) return null;
  const { plan, wall } = found;
  const words = job.paints.flatMap(({ id, name }) => {
    const areas = plan.regions.filter((region) => region.colour === id).map((region) => region.area_m2);
    if (areas.length === 0) return [];
    const area = areas.reduce((sum, part) => sum + part, 0);
    return [
      `${name} ${formatArea(area, job.units)} in ${areas.length} ${areas.length === 1 ? "piece" : "pieces"}`,
    ];
  });
  return (
    <g aria-hidden="true" pointerEvents="none">
      <RegionLabels plan={plan} frame={frame} />
      <PlateText x={frame.x(wall.width / 2)} y={frame.y(frame.box.minY) + 28} size={13} plate="fill-plaster">
        {words.join("   ·   ")}
      </PlateText>
    </g>
  );
}
