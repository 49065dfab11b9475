"use client";

import { Thermometer } from "lucide-react";
import dynamic from "next/dynamic";
import { useMemo } from "react";
import { clockOf, minutesOfClock } from "@/core/measure/calendar";
import {
  convertTemperature,
  formatTemperature,
  readTemperature,
  temperatureUnit,
} from "@/core/measure/formatLength";
import { createSimulatedSensor } from "@/devices/room/simulatedSensor";
import { toldOf } from "@/core/journal/defineKind";
import { air as airKind } from "@/core/journal/kinds/air";
import { useDocument, useHappened, useJob, useJobState, useJournal } from "@/ui/job/JobProvider";
import type { JobDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";
import { EntryField } from "@/ui/parts/EntryField";
import { NumberField } from "@/ui/parts/NumberField";
import { useDevice } from "@/ui/parts/useDevice";
import { Pace } from "./Pace";

const DateField = dynamic(() => import("@/ui/parts/DateField").then((module) => module.DateField));

type WorkDocument = NonNullable<JobDocument["work"]>;

/** Who works, when and in what air. */
export function WorkSettings() {
  const { work, volumes } = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const jobId = useJobState((state) => state.jobId);
  const edit = (update: Partial<WorkDocument>): string | null =>
    change((before) => ({ ...before, work: { ...before.work, ...update } }))[0]?.message ?? null;
  const { air, tellAir } = useAir(edit);
  const editClock = (key: "from" | "to" | "breakAt") => (typed: string) => {
    const minutes = minutesOfClock(
      typed
        .trim()
        .replace(".", ":")
        .replace(/^(\d{1,2})$/, "$1:00"),
    );
    return minutes === null
      ? `“${typed}” is not a time of day, such as 8:30.`
      : edit({ [key]: clockOf(minutes) });
  };
  return (
    <Section
      name="days/work"
      title="Hands, hours and air"
      sum={`${work.crew} × ${clockOf(work.from)} to ${clockOf(work.to)}`}
      isFolded
    >
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        <div className="col-span-2">
          <DateField
            label="First day"
            value={document.work?.start ?? null}
            onChange={(start) => edit({ start: start ?? undefined })}
          />
        </div>
        <NumberField
          label="Hands"
          value={work.crew}
          whole
          unit="people"
          onChange={(crew) => edit({ crew })}
        />
        <EntryField label="Day begins" shown={clockOf(work.from)} onEntry={editClock("from")} />
        <EntryField label="Day ends" shown={clockOf(work.to)} onEntry={editClock("to")} />
        <EntryField label="Break at" shown={clockOf(work.breakAt)} onEntry={editClock("breakAt")} />
        <NumberField
          label="Break"
          value={work.break_min}
          unit="min"
          onChange={(minutes) => edit({ break_min: minutes })}
        />
        <NumberField
          label="Room temperature"
          value={convertTemperature(air.temperature, volumes)}
          unit={temperatureUnit(volumes)}
          onChange={(shown) => tellAir({ ...air, temperature: readTemperature(shown, volumes) })}
        />
        <NumberField
          label="Humidity"
          value={air.humidity}
          unit="%"
          onChange={(humidity) => tellAir({ ...air, humidity })}
        />
        <WorkChoices onEdit={edit} />
      </div>
      <SensorButton seed={jobId} onRead={tellAir} />
      <Pace
        rates={work.rates}
        onEdit={(rates) =>
          change((before) => ({
            ...before,
            work: { ...before.work, rates: { ...before.work?.rates, ...rates } },
          }))[0]?.message ?? null
        }
      />
    </Section>
  );
}

interface Air {
  readonly temperature: number;
  readonly humidity: number;
}

/** The air in the room: before the work begins a setting, from then on what is read counts from its moment on. */
function useAir(edit: (update: Partial<WorkDocument>) => string | null) {
  const { work } = useJob();
  const isUnderWay = useJobState(({ plan }) => plan.now !== undefined);
  const last = toldOf(useHappened(), airKind).at(-1);
  const journal = useJournal();
  const air: Air = isUnderWay && last ? last : { temperature: work.temperature, humidity: work.humidity };
  const tellAir = ({ temperature, humidity }: Air): string | null => {
    if (!isUnderWay) return edit({ temperature, humidity });
    const read = airKind.payload.safeParse({ temperature, humidity });
    if (!read.success) return "This is no air that anyone paints in.";
    journal.tell([{ kind: airKind.kind, payload: read.data }]);
    return null;
  };
  return { air, tellAir };
}

/** When a next coat may go on, and whether weekends are worked. */
function WorkChoices({ onEdit }: { onEdit: (update: Partial<WorkDocument>) => string | null }) {
  const { work } = useJob();
  const worksWeekends = work.workdays.length === 7;
  return (
    <>
      <Choice
        label="Next coat goes on"
        options={(["label", "touch", "next-day"] as const).map((school) => ({
          school,
          label: { label: "by the label", touch: "when touch-dry", "next-day": "next day" }[school],
          selected: work.secondCoat === school,
        }))}
        onChoose={({ school }) => onEdit({ secondCoat: school })}
      />
      <Choice
        label="Weekends"
        options={[
          { label: "free", selected: !worksWeekends },
          { label: "worked", selected: worksWeekends },
        ]}
        onChoose={({ label }) =>
          onEdit({
            workdays:
              label === "free"
                ? ["mon", "tue", "wed", "thu", "fri"]
                : ["mon", "tue", "wed", "thu", "fri", "sat", "sun"],
          })
        }
      />
    </>
  );
}

/** Takes temperature and humidity from the sensor in the room. */
function SensorButton({
  seed,
  onRead,
}: {
  seed: string;
  onRead: (reading: { temperature: number; humidity: number }) => string | null;
}) {
  const sensor = useMemo(
    () =>
      createSimulatedSensor({
        seed,
        minuteOfDay: () => new Date().getHours() * 60 + new Date().getMinutes(),
      }),
    [seed],
  );
  const { volumes } = useJob();
  const { isBusy, word, run, stop } = useDevice();
  const read = () =>
    run(async (signal) => {
      const reading = await sensor.read(signal);
      return (
        onRead(reading) ??
        `Read ${formatTemperature(reading.temperature, volumes)} and ${reading.humidity} %.`
      );
    });
  return (
    <div className="flex items-center gap-2 pt-3">
      <Thermometer size={18} aria-hidden className="text-soft" />
      <p className="flex-1 text-[0.9375rem] text-soft" aria-live="polite">
        {isBusy ? "Reading …" : (word ?? sensor.name)}
      </p>
      {isBusy ? (
        <Button onClick={stop}>Stop</Button>
      ) : (
        <Button onClick={() => void read()}>Read the room</Button>
      )}
    </div>
  );
}
