"use client";

import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import type { WallDocument } from "@/ui/job/jobDocument";
import { Choice } from "@/ui/parts/Choice";
import { ColourField } from "@/ui/parts/ColourField";

interface Props {
  readonly wall: Wall;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

/** A middling grey-brown, to begin with by eye. */
const firstByEye = "#B9B2A6";

/** What is on a wall before its base is painted: one of the paints, or a colour by eye. Coats are advised by it. */
export function PresentColour({ wall: { present }, onEdit }: Props) {
  const { paints } = useJob();
  const set = (told: WallDocument["present"]) => onEdit((before) => ({ ...before, present: told }));
  const byEye = present?.paint === undefined ? present?.colour : undefined;
  return (
    <>
      <Choice
        label="On it now"
        options={[
          { label: "not told", selected: !present, told: undefined },
          ...paints.map(({ id, name, hex }) => ({
            label: name,
            swatch: hex,
            selected: present?.paint === id,
            told: { paint: id },
          })),
          { label: "another, by eye", selected: byEye !== undefined, told: { colour: byEye ?? firstByEye } },
        ]}
        onChoose={({ told }) => set(told)}
      />
      {byEye !== undefined && (
        <ColourField label="Its colour" value={byEye} onChange={(colour) => set({ colour })} />
      )}
    </>
  );
}
