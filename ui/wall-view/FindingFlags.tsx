"use client";

import type { ShownFinding } from "@/ui/job/findingsAt";
import { useJobState } from "@/ui/job/JobProvider";
import type { LayerFrame } from "./WallStage";

const fills = { note: "fill-soft", check: "fill-ochre", stop: "fill-brick" } as const;

/** A small numbered flag at the place of each finding; pointing at one shows the sentence, and the other way. */
export function FindingFlags({ findings, frame }: { findings: readonly ShownFinding[]; frame: LayerFrame }) {
  const pointedAt = useJobState((state) => state.pointedAt);
  const pointAt = useJobState((state) => state.pointAt);
  return (
    <g>
      {findings.map(({ finding, key, number }, index) => {
        const { at } = finding;
        if (!at) return null;
        const [x, y] = [frame.x(at[0]), frame.y(at[1])];
        // Two flags at one place stand apart, and none stands under the tape measure at the top.
        const before = findings
          .slice(0, index)
          .filter(
            ({ finding: { at: other } }) => other && Math.hypot(other[0] - at[0], other[1] - at[1]) < 60,
          );
        const lift = y < 110 ? 34 : -34;
        const isPointed = pointedAt === key;
        // At the right of the stage they stand on the other side.
        const aside = (24 + before.length * 26) * (x + 60 > frame.size.width ? -1 : 1);
        const [fx, fy] = [x + aside, y + lift];
        return (
          <g
            key={key}
            role="img"
            aria-label={`Noticed ${number}: ${finding.say}`}
            onPointerEnter={() => pointAt(key)}
            onPointerLeave={() => pointAt(null)}
          >
            <line x1={x} y1={y} x2={fx} y2={fy} className="stroke-ochre" strokeWidth={1.5} />
            <circle cx={x} cy={y} r={2.5} className={fills[finding.severity]} />
            <circle
              cx={fx}
              cy={fy}
              r={isPointed ? 14 : 11}
              className={`${fills[finding.severity]} stroke-paper`}
              strokeWidth={2}
            />
            <text x={fx} y={fy + 4.5} textAnchor="middle" className="fill-on-fill text-[12px] font-bold">
              {number}
            </text>
          </g>
        );
      })}
    </g>
  );
}
