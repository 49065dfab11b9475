"use client";

import { useHappened, useJob, useJournal, useWall } from "@/ui/job/JobProvider";
import { PlacePencil } from "@/ui/wall-view/PlacePencil";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { missAt } from "./AsItLooks";
import { lookedAtOn, sectionsInTurn, useMisses } from "./lookedAt";
import { useLookState } from "./lookState";

/** On the picture of a wall: the thin places that were told, the section that is looked at next, and the pencil that tells more. */
export function LookedLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const misses = useMisses(wallId);
  const job = useJob();
  const journal = useJournal();
  const mark = useLookState((state) => state.mark);
  const marked = useLookState((state) => state.missing);
  // What is in hand on another wall is not on this one.
  const missing = lookedAtOn(job, wallId).find(({ finish, misses: isTold }) => isTold && finish.id === marked)
    ?.finish.id;
  return (
    <>
      <SectionShown wallId={wallId} frame={frame} />
      <g role="img" aria-label={`Thin places told: ${misses.length}`}>
        {misses.map(({ entry, place: [x, y] }, index) => (
          <g key={entry} pointerEvents="none">
            <circle
              cx={frame.x(x)}
              cy={frame.y(y)}
              r={9}
              className="fill-paper/80 stroke-brick"
              strokeWidth={2}
            />
            <text
              x={frame.x(x)}
              y={frame.y(y) + 4}
              textAnchor="middle"
              fontSize={12}
              className="fill-ink font-semibold"
            >
              {index + 1}
            </text>
          </g>
        ))}
      </g>
      {missing !== undefined && (
        <PlacePencil
          label="Thin place on the wall"
          frame={frame}
          onSet={({ x, y }) => journal.tell([missAt(missing, wallId, x, y)])}
          onCancel={() => mark(null)}
        />
      )}
    </>
  );
}

function SectionShown({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const job = useJob();
  const happened = useHappened();
  const plan = useWall(wallId)?.plan;
  const chosen = useLookState((state) => state.section);
  if (!plan) return null;
  const sections = lookedAtOn(job, wallId)
    .filter((looked) => looked.sections.length > 0)
    .flatMap((looked) => sectionsInTurn(plan, looked, happened));
  // Before anything was told the picture is only looked at.
  const next = sections.some(({ seen }) => seen !== null) && sections.find(({ seen }) => seen === null);
  const shown = sections.find(({ id }) => id === chosen) ?? next;
  if (!shown) return null;
  const [x, y, width, height] = shown.box;
  const box = {
    ...{ x: frame.x(x), y: frame.y(y + height) },
    ...{ width: width * frame.view.scale, height: height * frame.view.scale },
  };
  return (
    <g pointerEvents="none" aria-hidden>
      <rect {...box} fill="none" stroke="#fff" strokeWidth={4} strokeOpacity={0.75} />
      <rect {...box} fill="none" className="stroke-violet" strokeWidth={2} strokeDasharray="8 5" />
    </g>
  );
}
