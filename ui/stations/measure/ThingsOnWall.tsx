"use client";

import { Plus, X } from "lucide-react";
import type { UnitSystem } from "@/core/measure/units";
import { changeById, freshId, type WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { TextField } from "@/ui/parts/TextField";

type OpeningDocument = NonNullable<WallDocument["openings"]>[number];
type FixtureDocument = NonNullable<WallDocument["fixtures"]>[number];

const openingKinds = ["window", "door", "hatch", "niche", "opening"] as const;
const fixtureKinds = ["plate", "radiator", "pipe", "shelf", "furniture"] as const;

interface Props {
  readonly wall: WallDocument;
  readonly units: UnitSystem;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

/** Openings and fixtures, each by its lower left corner and its size. */
export function ThingsOnWall({ wall, units, onEdit }: Props) {
  const openings = wall.openings ?? [];
  const fixtures = wall.fixtures ?? [];
  const taken = [...openings, ...fixtures];
  const setOpenings = (next: OpeningDocument[]) => onEdit((before) => ({ ...before, openings: next }));
  const setFixtures = (next: FixtureDocument[]) => onEdit((before) => ({ ...before, fixtures: next }));
  return (
    <>
      <section className="mt-4 border-t border-hairline py-3" aria-label="Openings">
        <div className="flex items-center justify-between">
          <h3 className="text-lg font-bold">Openings</h3>
          <Button
            look="quiet"
            onClick={() =>
              setOpenings([
                ...openings,
                {
                  id: freshId("window", taken),
                  kind: "window",
                  x: 600,
                  y: 900,
                  width: 600,
                  height: 900,
                  casing: 70,
                },
              ])
            }
          >
            <Plus size={16} aria-hidden /> Opening
          </Button>
        </div>
        {openings.map((opening) => (
          <Thing
            key={opening.id}
            thing={opening}
            kinds={openingKinds}
            sizes={["x", "y", "width", "height", "casing"]}
            units={units}
            onEdit={(change) =>
              setOpenings(
                changeById(openings, opening.id, (before) => ({ ...before, ...change }) as OpeningDocument),
              )
            }
            onRemove={() => setOpenings(openings.filter((other) => other.id !== opening.id))}
          />
        ))}
      </section>
      <section className="border-t border-hairline py-3" aria-label="Fixtures">
        <div className="flex items-center justify-between">
          <h3 className="text-lg font-bold">Plates and fixtures</h3>
          <Button
            look="quiet"
            onClick={() =>
              setFixtures([
                ...fixtures,
                { id: freshId("plate", taken), kind: "plate", x: 300, y: 1100, width: 86, height: 86 },
              ])
            }
          >
            <Plus size={16} aria-hidden /> Fixture
          </Button>
        </div>
        {fixtures.map((fixture) => (
          <Thing
            key={fixture.id}
            thing={fixture}
            kinds={fixtureKinds}
            sizes={["x", "y", "width", "height"]}
            units={units}
            onEdit={(change) =>
              setFixtures(
                changeById(fixtures, fixture.id, (before) => ({ ...before, ...change }) as FixtureDocument),
              )
            }
            onRemove={() => setFixtures(fixtures.filter((other) => other.id !== fixture.id))}
          />
        ))}
      </section>
    </>
  );
}

const sizeLabels = {
  x: "From the left",
  y: "From the floor",
  width: "Width",
  height: "Height",
  casing: "Casing",
} as const;

interface ThingProps {
  readonly thing: OpeningDocument | FixtureDocument;
  readonly kinds: readonly string[];
  readonly sizes: readonly (keyof typeof sizeLabels)[];
  readonly units: UnitSystem;
  readonly onEdit: (change: Record<string, unknown>) => string | null;
  readonly onRemove: () => void;
}

function Thing({ thing, kinds, sizes, units, onEdit, onRemove }: ThingProps) {
  const values = thing as Record<string, unknown>;
  const title = thing.name ?? thing.kind;
  return (
    <details className="border-b border-hairline py-1 last:border-0">
      <summary className="flex min-h-11 cursor-pointer items-center justify-between font-semibold">
        {title}
        <span className="text-sm font-normal text-soft">{thing.kind}</span>
      </summary>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 pb-2">
        <TextField
          label="Name"
          value={thing.name ?? ""}
          onChange={(name) => onEdit({ name: name === "" ? undefined : name })}
        />
        <Choice
          label="Kind"
          options={kinds.map((kind) => ({ label: kind, selected: kind === thing.kind }))}
          onChoose={(option) => onEdit({ kind: option.label })}
        />
        {sizes.map((key) => (
          <LengthField
            key={key}
            label={sizeLabels[key]}
            written={(values[key] as number | string | undefined) ?? 0}
            units={units}
            onChange={(value) => onEdit({ [key]: value })}
          />
        ))}
        <div className="self-end pb-6">
          <Button look="quiet" onClick={onRemove} aria-label={`Remove ${title}`}>
            <X size={16} aria-hidden /> Remove
          </Button>
        </div>
      </div>
    </details>
  );
}
