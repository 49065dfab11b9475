"use client";

import type { PlanWall } from "@/core/job/planTypes";
import { useJobState } from "@/ui/job/JobProvider";
import type { LayerFrame } from "../WallStage";

const fills = { note: "fill-soft", check: "fill-ochre", stop: "fill-brick" } as const;

/** What a finding is known by on the wall and on the card alike. */
export const findingKey = (wallId: string, index: number): string => `${wallId} finding ${index}`;

/** A small numbered flag at the place of each finding; pointing at one shows the sentence, and the other way. */
export function FindingFlags({ plan, frame }: { plan: PlanWall; frame: LayerFrame }) {
  const pointedAt = useJobState((state) => state.pointedAt);
  const pointAt = useJobState((state) => state.pointAt);
  return (
    <g>
      {plan.findings.map((finding, index) => {
        if (!finding.at) return null;
        const key = findingKey(plan.id, index);
        const [x, y] = [frame.x(finding.at[0]), frame.y(finding.at[1])];
        // Two flags at one place stand apart.
        const before = plan.findings
          .slice(0, index)
          .filter(
            (other) =>
              other.at && Math.hypot(other.at[0] - finding.at![0], other.at[1] - finding.at![1]) < 60,
          ).length;
        const isPointed = pointedAt === key;
        const [fx, fy] = [x + 24 + before * 26, y - 34];
        return (
          <g key={key} onPointerEnter={() => pointAt(key)} onPointerLeave={() => pointAt(null)}>
            <line x1={x} y1={y} x2={fx} y2={fy} className="stroke-ochre" strokeWidth={1.5} />
            <circle cx={x} cy={y} r={2.5} className={fills[finding.severity]} />
            <circle
              cx={fx}
              cy={fy}
              r={isPointed ? 14 : 11}
              className={`${fills[finding.severity]} stroke-paper`}
              strokeWidth={2}
            />
            <text x={fx} y={fy + 4.5} textAnchor="middle" className="fill-white text-[12px] font-bold">
              {index + 1}
            </text>
          </g>
        );
      })}
    </g>
  );
}
