"use client";

import { toldOf } from "@/core/journal/defineKind";
import { sample } from "@/core/journal/kinds/sample";
import { sampleLook } from "@/core/journal/kinds/sampleLook";
import { useHappened } from "@/ui/job/JobProvider";
import { Section } from "@/ui/parts/Section";
import { NewBoard } from "./NewBoard";
import { OneBoard } from "./OneBoard";

/** Boards that were painted, how they look by each light, and what is still missing for a yes. */
export function Boards() {
  const happened = useHappened();
  const boards = toldOf(happened, sample);
  const looks = toldOf(happened, sampleLook);
  return (
    <Section name="colour/boards" title="Boards" sum={boards.length > 0 ? String(boards.length) : ""}>
      {boards.length === 0 && (
        <p className="text-[0.9375rem] text-soft">
          A2 or larger, two full coats, carried about the room beside what stays: a no counts at once, a yes
          needs every light.
        </p>
      )}
      <ul>
        {boards.map((board) => (
          <OneBoard
            key={board.told.entry}
            board={board}
            looks={looks.filter((look) => look.board === board.board)}
          />
        ))}
      </ul>
      {/* What was said of one that was taken back is not said of another. */}
      <NewBoard taken={[...boards, ...looks].map(({ board }) => board)} />
    </Section>
  );
}
