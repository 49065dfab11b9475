"use client";

import { useState } from "react";
import { finishOf } from "@/core/finishes/registry";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";
import { useLookState } from "./lookState";
import { LookCanvas } from "./LookCanvas";
import { useLookOf } from "./useLook";
import { boardMm, useSampleBoard } from "./useSampleBoard";

interface Props {
  readonly wall: Wall;
  readonly plan: Pick<PlanWall, "effects">;
}

/** The recipe of broken colour as a board that is held beside the wall: what is made, and liked, before the wall is begun. */
export function SampleBoard({ wall, plan: { effects = [] } }: Props) {
  const { finishes } = useJob();
  const ids = [...new Set(effects.map(({ finish }) => finish))];
  const [wanted, setWanted] = useState<string | null>(null);
  const chosen = ids.find((id) => id === wanted) ?? ids[0];
  if (chosen === undefined) return null;
  const titleOf = (id: string) => finishOf(finishes.find((finish) => finish.id === id)!.kind).title;
  return (
    <Section name="colour/board" title="Sample board">
      {ids.length > 1 && (
        <Choice
          label="Of"
          options={ids.map((id) => ({ id, label: titleOf(id), selected: id === chosen }))}
          onChoose={({ id }) => setWanted(id)}
        />
      )}
      <Board wall={wall} finish={chosen} />
    </Section>
  );
}

function Board({ wall, finish }: { readonly wall: Wall; readonly finish: string }) {
  const lighting = useLookState((state) => state.lighting);
  const view = {
    from: { kind: "square" },
    lighting,
    width: boardMm.width / 2,
    height: boardMm.height / 2,
  } as const;
  const drawn = useLookOf("board", useSampleBoard(wall, finish), view);
  return (
    <div className="flex gap-3 pt-1">
      <LookCanvas
        drawn={drawn}
        label="The sample board as it will look"
        size={{ width: view.width, height: view.height }}
        className="w-36 shrink-0 self-start overflow-hidden rounded-sm border border-hairline"
      />
      <p className="text-[0.9375rem] text-soft">
        The same recipe on an A2 board, by the same hand. Make two, let them dry, and hold them beside the
        wall in several lights before it is begun: a no counts at once, a yes after some days.
      </p>
    </div>
  );
}
