"use client";

import { useState } from "react";
import { useJournal, useJournalState } from "@/ui/job/JobProvider";
import { useTeller } from "@/ui/journal/useTeller";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { DateField } from "@/ui/parts/DateField";
import { Section } from "@/ui/parts/Section";

/** Who is not there on a day: the rest of the plan goes around it. */
export function DaysOff() {
  return (
    <Section name="days/off" title="A day off" isFolded>
      <div className="pb-2">
        <DayOff />
      </div>
    </Section>
  );
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
