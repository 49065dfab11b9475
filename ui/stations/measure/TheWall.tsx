"use client";

import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import type { WallDocument } from "@/ui/job/jobDocument";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { Section } from "@/ui/parts/Section";
import { TextField } from "@/ui/parts/TextField";
import { DiagonalReadings } from "./DiagonalReadings";
import { TheObject } from "./TheObject";
import { PresentColour } from "./PresentColour";

const textures = {
  smooth: "smooth",
  light: "light stipple",
  heavy: "heavy stipple",
  brick: "bare brick",
  boards: "boards",
} as const;
const edges = { internal: "inside corner", external: "outside corner", stop: "wall stops" } as const;

interface Props {
  readonly wall: Wall;
  readonly written: WallDocument;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

/** Its name, trim, corners, surface, and the base that is on it or is to be painted; of an object what that needs. */
export function TheWall({ wall, written, onEdit }: Props) {
  const { units } = useJob();
  const options = <Key extends string>(words: Record<Key, string>, current: Key, key: keyof WallDocument) =>
    (Object.entries(words) as [Key, string][]).map(([value, label]) => ({
      label,
      selected: value === current,
      choose: () => onEdit((before) => ({ ...before, [key]: value })),
    }));
  const length = (key: "skirting" | "cornice", label: string) => (
    <LengthField
      label={label}
      written={written[key] ?? 0}
      units={units}
      aim={{ toward: "thing", about: wall[key] }}
      onChange={(value) => onEdit((before) => ({ ...before, [key]: value }))}
    />
  );
  return (
    <Section name="measure/wall" title={wall.object ? "The object" : "The wall"}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        <div className="col-span-2">
          <TextField
            label="Name"
            value={wall.name ?? ""}
            onChange={(name) => onEdit((before) => ({ ...before, name }))}
          />
        </div>
        {wall.object && written.object ? (
          <TheObject object={wall.object} written={written.object} onEdit={onEdit} />
        ) : (
          <>
            {length("skirting", "Skirting")}
            {length("cornice", "Cornice")}
          </>
        )}
        <DiagonalReadings written={written} units={units} onEdit={onEdit} />
        {!wall.object && (
          <>
            <Choice
              label="Left end"
              options={options(edges, wall.leftEdge, "leftEdge")}
              onChoose={(option) => option.choose()}
            />
            <Choice
              label="Right end"
              options={options(edges, wall.rightEdge, "rightEdge")}
              onChoose={(option) => option.choose()}
            />
          </>
        )}
        <Choice
          label="Texture"
          options={options(textures, wall.texture, "texture")}
          onChoose={(option) => option.choose()}
        />
        <TheBase wall={wall} written={written} onEdit={onEdit} />
      </div>
    </Section>
  );
}

/** The colour that is on the wall or is to be painted, and what goes under it. */
function TheBase({ wall, written, onEdit }: Props) {
  const { paints } = useJob();
  const primers = paints.filter(({ material }) => material === "primer" || material === "mineral-primer");
  return (
    <>
      <Choice
        label="Base colour"
        options={paints.map((paint) => ({
          label: paint.name,
          swatch: paint.hex,
          selected: paint.id === wall.base,
          choose: () => onEdit((before) => ({ ...before, base: paint.id })),
        }))}
        onChoose={(option) => option.choose()}
      />
      <div className="col-span-2 pt-2">
        <Choice
          label="The base"
          options={(["on", "paint"] as const).map((state) => ({
            state,
            label: { on: wall.object ? "is on it" : "is on the wall", paint: "is to be painted" }[state],
            selected: wall.baseState === state,
          }))}
          // A base that is on needs no primer, one that is painted here has no age.
          onChoose={({ state }) =>
            onEdit(({ primer, baseAge, ...before }) => ({
              ...before,
              baseState: state,
              ...(state === "on" && baseAge !== undefined && { baseAge }),
              ...(state === "paint" && primer !== undefined && { primer }),
            }))
          }
        />
      </div>
      {wall.baseState === "on" && (
        <div className="col-span-2 pt-2">
          <TextField
            label="Its age (20 h, 2 d, 3 weeks), if it is young"
            value={written.baseAge ?? ""}
            onChange={(age) => onEdit((before) => ({ ...before, baseAge: age === "" ? undefined : age }))}
          />
        </div>
      )}
      {wall.baseState === "paint" && <PresentColour wall={wall} onEdit={onEdit} />}
      {wall.baseState === "paint" && (
        <div className="col-span-2 pt-2">
          <Choice
            label="Primer under it"
            options={[
              {
                label: primers.length > 0 ? "none" : "none (add one at Buy)",
                selected: wall.primer === undefined,
                primer: undefined,
              },
              ...primers.map(({ id, name }) => ({ label: name, selected: wall.primer === id, primer: id })),
            ]}
            onChoose={({ primer }) => onEdit((before) => ({ ...before, primer }))}
          />
        </div>
      )}
    </>
  );
}
