"use client";

import { Plus, X } from "lucide-react";
import type { UnitSystem } from "@/core/measure/units";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { fixtureKinds, laterKinds, type Wall } from "@/core/wall/schema";
import { changeById, freshId, type WallDocument } from "@/ui/job/jobDocument";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { Section } from "@/ui/parts/Section";
import { TextField } from "@/ui/parts/TextField";

type OpeningDocument = NonNullable<WallDocument["openings"]>[number];
type FixtureDocument = NonNullable<WallDocument["fixtures"]>[number];

const openingKinds = ["window", "door", "hatch", "niche", "opening"] as const;

interface Props {
  readonly wall: Wall;
  readonly written: WallDocument;
  readonly units: UnitSystem;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

/** Openings and fixtures, each by its lower left corner and its size; on the wall they can be dragged. */
export function ThingsOnWall({ wall, written, units, onEdit }: Props) {
  const openings = written.openings ?? [];
  const fixtures = written.fixtures ?? [];
  const taken = [...openings, ...fixtures];
  const { minX, minY, maxX, maxY } = boxOfWall(wall);
  // A new thing stands where it is seen and fits, to be dragged or typed from there.
  const place = (width: number, height: number, up: number) => ({
    x: Math.round(minX + (maxX - minX) * 0.12),
    y: Math.round(minY + Math.min(up, (maxY - minY) * 0.4)),
    width: Math.round(Math.min(width, (maxX - minX) / 3)),
    height: Math.round(Math.min(height, (maxY - minY) / 3)),
  });
  const yLabel = wall.object
    ? "From the lower edge"
    : written.survey
      ? "Above the level line"
      : "From the floor";
  const list = <Item extends OpeningDocument | FixtureDocument>(
    items: readonly Item[],
    set: (next: Item[]) => string | null,
    kinds: readonly string[],
    sizes: readonly SizeKey[],
  ) =>
    items.map((item) => (
      <Thing
        key={item.id}
        thing={item}
        kinds={kinds}
        sizes={sizes}
        units={units}
        yLabel={yLabel}
        onEdit={(change) => set(changeById(items, item.id, (before) => ({ ...before, ...change }) as Item))}
        onRemove={() => set(items.filter((other) => other.id !== item.id))}
      />
    ));
  const setOpenings = (next: OpeningDocument[]) => onEdit((before) => ({ ...before, openings: next }));
  const setFixtures = (next: FixtureDocument[]) => onEdit((before) => ({ ...before, fixtures: next }));
  const addOpening = () =>
    setOpenings([
      ...openings,
      wall.object
        ? { id: freshId("opening", taken), kind: "opening", ...place(600, 900, 900) }
        : { id: freshId("window", taken), kind: "window", ...place(600, 900, 900), casing: 70 },
    ]);
  const addFixture = () =>
    setFixtures([...fixtures, { id: freshId("plate", taken), kind: "plate", ...place(86, 86, 1100) }]);
  return (
    <>
      <Heading title="Openings" button="Opening" count={openings.length} onAdd={addOpening}>
        {list(openings, setOpenings, openingKinds, ["x", "y", "width", "height", "casing"])}
      </Heading>
      {!wall.object && (
        <Heading title="Plates and fixtures" button="Fixture" count={fixtures.length} onAdd={addFixture}>
          {list(fixtures, setFixtures, [...fixtureKinds, ...laterKinds], ["x", "y", "width", "height"])}
        </Heading>
      )}
    </>
  );
}

interface HeadingProps {
  readonly title: string;
  readonly button: string;
  readonly count: number;
  readonly onAdd: () => void;
  readonly children: React.ReactNode;
}

function Heading({ title, button, count, onAdd, children }: HeadingProps) {
  return (
    <Section
      name={`measure/${button}`}
      title={title}
      sum={String(count)}
      action={
        <Button look="quiet" onClick={onAdd}>
          <Plus size={16} aria-hidden /> {button}
        </Button>
      }
    >
      {children}
    </Section>
  );
}

type SizeKey = "x" | "y" | "width" | "height" | "casing";
const sizeLabels = { x: "From the left", width: "Width", height: "Height", casing: "Casing" } as const;
const shapes = { rectangle: "square-headed", arch: "arch-topped", circle: "round" } as const;

interface ThingProps {
  readonly thing: OpeningDocument | FixtureDocument;
  readonly kinds: readonly string[];
  readonly sizes: readonly SizeKey[];
  readonly units: UnitSystem;
  readonly yLabel: string;
  readonly onEdit: (change: Record<string, unknown>) => string | null;
  readonly onRemove: () => void;
}

function Thing({ thing, kinds, sizes, units, yLabel, onEdit, onRemove }: ThingProps) {
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
            label={key === "y" ? yLabel : sizeLabels[key]}
            written={(values[key] as number | string | undefined) ?? 0}
            units={units}
            aim={{ toward: "thing", about: mmOf(values[key] as number | string | undefined) || null }}
            onChange={(value) => onEdit({ [key]: value, ...(isRound(thing) && sideOfCircle(key, value)) })}
          />
        ))}
        {sizes.includes("casing") && (
          <OpeningShape opening={thing as OpeningDocument} units={units} onEdit={onEdit} />
        )}
        <div className="self-end pb-6">
          <Button look="quiet" onClick={onRemove} aria-label={`Remove ${title}`}>
            <X size={16} aria-hidden /> Remove
          </Button>
        </div>
      </div>
    </details>
  );
}

const isRound = (thing: object): boolean => "shape" in thing && thing.shape === "circle";

/** A circle is as high as it is wide. */
const sideOfCircle = (key: SizeKey, value: number | string) =>
  key === "width" ? { height: value } : key === "height" ? { width: value } : {};

interface ShapeProps {
  readonly opening: OpeningDocument;
  readonly units: UnitSystem;
  readonly onEdit: (change: Record<string, unknown>) => string | null;
}

function OpeningShape({ opening, units, onEdit }: ShapeProps) {
  const current = opening.shape ?? "rectangle";
  const [width, height] = [mmOf(opening.width), mmOf(opening.height)];
  const changeOf = {
    rectangle: { shape: undefined, rise: undefined },
    arch: { shape: "arch", rise: Math.min(height, width / 2) },
    circle: { shape: "circle", rise: undefined, height: opening.width },
  } as const;
  return (
    <>
      <Choice
        label="Shape"
        options={(Object.keys(shapes) as (keyof typeof shapes)[]).map((shape) => ({
          label: shapes[shape],
          shape,
          selected: shape === current,
        }))}
        onChoose={({ shape }) => onEdit(changeOf[shape])}
      />
      {current === "arch" && (
        <LengthField
          label="Rise of the arch"
          written={opening.rise ?? 0}
          units={units}
          onChange={(rise) => onEdit({ rise })}
        />
      )}
    </>
  );
}
