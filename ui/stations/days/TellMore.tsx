"use client";

import { useState } from "react";
import { useJob, useJournal, useJournalState, useJobState } from "@/ui/job/JobProvider";
import { parseVolume } from "@/core/measure/parseQuantity";
import { useAddress } from "@/ui/job/useAddress";
import { useTeller } from "@/ui/journal/useTeller";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { DateField } from "@/ui/parts/DateField";
import { FormField } from "@/ui/parts/FormField";
import { Section } from "@/ui/parts/Section";
import { VolumeField } from "@/ui/parts/VolumeField";
import { TakePicture } from "./TakePicture";

/** What changes the days that are left, or is worth keeping: paint that was weighed, a day off, a note. */
export function TellMore() {
  return (
    <Section name="days/tell" title="Tell more" isFolded>
      <div className="flex flex-col gap-4 pb-2">
        <Weighed />
        <DayOff />
        <Note />
        <PictureOfWall />
      </div>
    </Section>
  );
}

function Weighed() {
  const { paints, volumes } = useJob();
  const journal = useJournal();
  const forecast = useJobState(({ plan }) => plan.forecast);
  const [chosen, setChosen] = useState(paints[0]?.id);
  const [left, setLeft] = useState<number | string>("");
  const paint = paints.find(({ id }) => id === chosen) ?? paints[0];
  if (!paint) return null;
  const leftMl = typeof left === "number" ? left : volumeOf(left);
  const own = forecast?.find((one) => one.paint === paint.id);
  return (
    <fieldset>
      <legend className="sr-only">Paint that is left</legend>
      <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <Choice
          label="Left of"
          options={paints.map(({ id, name, hex }) => ({
            id,
            label: name,
            swatch: hex,
            selected: id === paint.id,
          }))}
          onChoose={({ id }) => setChosen(id)}
        />
        <VolumeField
          label="By weight or eye"
          written={left}
          volumes={volumes}
          onChange={(value) => {
            setLeft(value);
            return null;
          }}
        />
        <Button
          disabled={leftMl === null}
          onClick={() => {
            journal.tell([{ kind: "weighed", payload: { paint: paint.id, left_ml: leftMl } }]);
            setLeft("");
          }}
        >
          Tell
        </Button>
      </div>
      {own && (
        <p className="pt-1 text-[0.9375rem]">
          {
            { enough: "Enough for what is left.", tight: "It may just last.", short: "It will not last." }[
              own.verdict
            ]
          }
        </p>
      )}
    </fieldset>
  );
}

function volumeOf(text: string): number | null {
  const volume = text === "" ? null : parseVolume(text);
  return volume?.ok ? volume.value : null;
}

function DayOff() {
  const journal = useJournal();
  const name = useTeller((teller) => teller.name);
  const people = useJournalState(({ happened }) => happened.people);
  const [who, setWho] = useState<string | null>(null);
  const [date, setDate] = useState<string | null>(null);
  const names = [...new Set([...people, name])];
  const chosen = who ?? name;
  return (
    <fieldset className="flex items-end gap-2 *:flex-1 [&>button]:flex-none">
      <legend className="sr-only">A day off</legend>
      {names.length > 1 && (
        <Choice
          label="Not there"
          options={names.map((label) => ({ label, selected: label === chosen }))}
          onChoose={({ label }) => setWho(label)}
        />
      )}
      <DateField
        label={names.length > 1 ? "On" : "A day off"}
        value={date}
        onChange={(value) => {
          setDate(value);
          return null;
        }}
      />
      <Button
        disabled={date === null}
        onClick={() => {
          const midnight = `${date}T00:00`;
          journal.tell([{ kind: "hours", payload: { who: chosen, from: midnight, to: midnight } }]);
          setDate(null);
        }}
      >
        Tell
      </Button>
    </fieldset>
  );
}

function Note() {
  const journal = useJournal();
  const [words, setWords] = useState("");
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() === "") return;
        journal.tell([{ kind: "note", payload: { words: words.trim() } }]);
        setWords("");
      }}
    >
      <div className="flex-1">
        <FormField
          label="A note"
          value={words}
          maxLength={2000}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={words.trim() === ""}>
        Keep
      </Button>
    </form>
  );
}

function PictureOfWall() {
  const { wallId } = useAddress();
  return (
    <div>
      <TakePicture label="A picture of this wall" of={wallId === null ? {} : { wall: wallId }} />
      <p className="pt-1 text-sm text-soft">It is kept without where and with what it was taken.</p>
    </div>
  );
}
