"use client";

import { X } from "lucide-react";
import { useEffect, useRef, useState, type Ref } from "react";
import type { UnitSystem } from "@/core/measure/units";
import { LengthField } from "@/ui/parts/LengthField";
import type { SurveyDocument } from "@/ui/job/jobDocument";
import { mmOf } from "@/ui/job/writtenLength";

type StationDocument = SurveyDocument["stations"][number];
type Partial<Item> = { [Key in keyof Item]?: Item[Key] };

interface Props {
  readonly survey: SurveyDocument;
  readonly units: UnitSystem;
  /** Takes the changed survey; answers what is wrong with it, or null. */
  readonly onChange: (survey: SurveyDocument) => string | null;
}

const columns = [
  { key: "x", label: "Along", toward: null },
  { key: "down", label: "Down", toward: "floor" },
  { key: "up", label: "Up", toward: "ceiling" },
] as const;

/**
 * Stations in walking order along the level line: how far along, down to the floor, up to the ceiling. The last row waits
 * for the next station; once it is full it joins the others and the cursor stands in a fresh one.
 */
export function SurveyReadings({ survey, units, onChange }: Props) {
  const { stations } = survey;
  const [takesCursor, setTakesCursor] = useState(false);
  const setStations = (next: StationDocument[]) => onChange({ ...survey, stations: next });
  return (
    <div role="table" aria-label="Stations on the level line">
      <div role="row" className={`${grid} small-caps-label pb-1`}>
        <span role="columnheader">
          <span className="sr-only">Station</span>
        </span>
        {columns.map(({ key, label }) => (
          <span role="columnheader" key={key}>
            {label}
          </span>
        ))}
        <span role="columnheader">
          <span className="sr-only">Remove</span>
        </span>
      </div>
      {stations.map((station, index) => (
        <StationRow
          key={index}
          number={index + 1}
          station={station}
          units={units}
          onEdit={(key, value) =>
            setStations(
              stations.map((other, place) => (place === index ? { ...other, [key]: value } : other)),
            )
          }
          onRemove={
            stations.length > 1
              ? () => {
                  setTakesCursor(false);
                  setStations(stations.filter((_, place) => place !== index));
                }
              : undefined
          }
        />
      ))}
      <NextStation
        key={stations.length}
        takesCursor={takesCursor}
        isFirst={stations.length === 0}
        number={stations.length + 1}
        units={units}
        onAdd={(station, last) => {
          setTakesCursor(last === "up");
          return setStations([...stations, station].sort((a, b) => mmOf(a.x) - mmOf(b.x)));
        }}
      />
    </div>
  );
}

const words = { x: "along the line", down: "down to the floor", up: "up to the ceiling" } as const;
const grid = "grid grid-cols-[0.9rem_1.15fr_1fr_1fr_1.4rem] items-start gap-x-1.5 gap-y-1 py-0.5";

interface RowProps {
  readonly number: number;
  readonly station: Partial<StationDocument>;
  readonly units: UnitSystem;
  readonly onEdit: (key: keyof StationDocument, value: number | string) => string | null;
  readonly onRemove?: () => void;
  readonly firstRef?: Ref<HTMLInputElement>;
}

function StationRow({ number, station, units, onEdit, onRemove, firstRef }: RowProps) {
  return (
    <div role="row" className={grid}>
      <span role="cell" className="pt-2.5 text-right text-[0.9375rem] text-soft">
        {number}
      </span>
      {columns.map(({ key, toward }) => (
        <div role="cell" key={key}>
          <LengthField
            isCell
            label={`Station ${number}: ${words[key]}`}
            written={station[key]}
            units={units}
            inputRef={key === "x" ? firstRef : undefined}
            aim={toward ? { toward, x: mmOf(station.x) } : { toward: "far end" }}
            onChange={(value) => onEdit(key, value)}
          />
        </div>
      ))}
      <span role="cell">
        {onRemove && (
          <button
            type="button"
            aria-label={`Remove station ${number}`}
            className="flex h-11 w-6 items-center justify-center rounded-md text-soft hover:bg-violet-wash hover:text-ink"
            onClick={onRemove}
            tabIndex={-1}
          >
            <X size={15} aria-hidden />
          </button>
        )}
      </span>
    </div>
  );
}

interface NextProps {
  readonly isFirst: boolean;
  readonly number: number;
  readonly units: UnitSystem;
  /** `last` is the reading that filled the row. */
  readonly onAdd: (station: StationDocument, last: keyof StationDocument) => string | null;
  /** Set when a row was just filled, so that the fresh one takes the cursor. */
  readonly takesCursor: boolean;
}

function NextStation({ isFirst, number, units, onAdd, takesCursor }: NextProps) {
  const [station, setStation] = useState<Partial<StationDocument>>(isFirst ? { x: 0 } : {});
  const first = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (takesCursor) first.current?.focus();
  }, [takesCursor]);
  const edit = (key: keyof StationDocument, value: number | string): string | null => {
    const next = { ...station, [key]: value };
    setStation(next);
    const { x, down, up } = next;
    if (x === undefined || down === undefined || up === undefined) return null;
    return onAdd({ x, down, up }, key);
  };
  return <StationRow number={number} station={station} units={units} onEdit={edit} firstRef={first} />;
}
