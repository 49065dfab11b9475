"use client";

import { toldOf } from "@/core/journal/defineKind";
import { sample } from "@/core/journal/kinds/sample";
import { sampleLook } from "@/core/journal/kinds/sampleLook";
import { useHappened, usePlan } from "@/ui/job/JobProvider";
import { Section } from "@/ui/parts/Section";
import { NewBoard } from "./NewBoard";
import { OneBoard } from "./OneBoard";

/** Boards that are planned or painted, how they look by each light, and what is still missing for a yes. */
export function Boards() {
  const happened = useHappened();
  const { boards: planned = [] } = usePlan();
  const made = toldOf(happened, sample);
  const looked = toldOf(happened, sampleLook);
  const looks = looked.filter(({ who }) => who === "client");
  const ids = [...new Set([...planned.map(({ id }) => id), ...made.map(({ board }) => board)])];
  return (
    <Section name="colour/boards" title="Boards" sum={ids.length > 0 ? String(ids.length) : ""}>
      {ids.length === 0 && (
        <p className="text-[0.9375rem] text-soft">
          A2 or larger, two full coats, carried about the room beside what stays: a no counts at once, a yes
          needs every light. Planned, they stand in the days and on the list, before anything goes on a wall.
        </p>
      )}
      <ul>
        {ids.map((id) => (
          <OneBoard
            key={id}
            id={id}
            planned={planned.find((board) => board.id === id)}
            told={made.filter(({ board }) => board === id)}
            looks={looks.filter(({ board }) => board === id)}
          />
        ))}
      </ul>
      {/* What was said of one that was taken back is not said of another. */}
      <NewBoard taken={[...ids, ...looked.map(({ board }) => board)]} />
    </Section>
  );
}
