"use client";

import { careOf } from "@/core/work/objects/care";
import { objectKinds, type ObjectKind } from "@/core/wall/objectSchema";
import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import type { WallDocument } from "@/ui/job/jobDocument";
import { Choice } from "@/ui/parts/Choice";
import { TextField } from "@/ui/parts/TextField";

interface Props {
  readonly object: NonNullable<Wall["object"]>;
  readonly written: NonNullable<WallDocument["object"]>;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

export const optionsOfKinds = (chosen: ObjectKind) =>
  objectKinds.map((kind) => ({ label: careOf[kind].name, selected: kind === chosen, kind }));

/** What it is, what it lies on, and what it needs before and after. */
export function TheObject({ object, written, onEdit }: Props) {
  const { paints } = useJob();
  const { kind, varnish, prepared, set } = object;
  const { before, backing } = careOf[kind];
  const edit = (change: Partial<NonNullable<WallDocument["object"]>>) =>
    onEdit((wall) => ({ ...wall, object: { ...wall.object!, ...change } }));
  const clear = paints.filter(({ material }) => material === "varnish");
  return (
    <>
      <Choice
        label="It is"
        options={optionsOfKinds(kind)}
        // How paint is set is told of fabric alone.
        onChoose={(option) =>
          edit({ kind: option.kind, ...(option.kind !== "fabric" && { set: undefined }) })
        }
      />
      <div className={clear.length > 1 ? "" : "col-span-2"}>
        <Choice
          label="Varnish at the end"
          options={[
            {
              label: clear.length > 0 ? "none" : "none (add one at Buy)",
              selected: varnish === undefined,
              id: undefined,
            },
            ...clear.map(({ id, name }) => ({ label: name, selected: varnish === id, id })),
          ]}
          onChoose={({ id }) => edit({ varnish: id })}
        />
      </div>
      <div className="col-span-2">
        <TextField
          label="It lies on"
          value={written.backing ?? backing}
          onChange={(text) => edit({ backing: text.trim() === backing ? undefined : text })}
        />
      </div>
      {before && (
        <Choice
          label={before === "wash" ? "Washed" : "Rubbed down"}
          options={[
            { label: "to be", selected: !prepared, prepared: undefined },
            { label: "it is", selected: prepared, prepared: true },
          ]}
          onChoose={(option) => edit({ prepared: option.prepared })}
        />
      )}
      {kind === "fabric" && (
        <Choice
          label="Paint is set by"
          options={[
            { label: "an iron", selected: set !== "air", set: undefined },
            { label: "itself", selected: set === "air", set: "air" as const },
          ]}
          onChoose={(option) => edit({ set: option.set })}
        />
      )}
    </>
  );
}
