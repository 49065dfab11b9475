"use client";

import { format } from "date-fns";
import { useMemo } from "react";
import { entrySayer } from "@/formats/sayEntry";
import type { Entry } from "@/core/journal/entry";
import { useJournal, useJournalState, usePlan } from "@/ui/job/JobProvider";
import { useTeller } from "@/ui/journal/useTeller";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { TextField } from "@/ui/parts/TextField";
import { WindowedList } from "@/ui/parts/WindowedList";

/** All that was told of the job, the last first; anything can be taken back. */
export function Told() {
  const entries = useJournalState((state) => state.entries);
  const shown = useMemo(() => standing(entries), [entries]);
  const plan = usePlan();
  const say = useMemo(() => entrySayer(plan), [plan]);
  const name = useTeller((teller) => teller.name);
  const setName = useTeller((teller) => teller.setName);
  return (
    <Section name="days/told" title="What was told" sum={String(shown.length)} isFolded>
      <div className="max-w-56 pb-2">
        <TextField
          label="Told here by"
          value={name}
          onChange={(typed) => {
            setName(typed);
            return null;
          }}
        />
      </div>
      <Refused />
      {shown.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <WindowedList
        name="What was told"
        items={shown}
        keyOf={({ entry }) => entry.id}
        height={62}
        show={(one) => <ToldLine {...one} say={say(one.entry)} />}
      />
    </Section>
  );
}

interface Standing {
  readonly entry: Entry;
  /** The entry that takes it back; null where it counts. */
  readonly takenBackBy: string | null;
}

/** Each once, with what takes it back, the last first; what takes back is told with what it takes back. */
function standing(entries: readonly Entry[]): Standing[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const takes = new Map<string, string>();
  const inTurn = [...byId.values()].sort((a, b) => b.at.instant - a.at.instant || (a.id < b.id ? 1 : -1));
  // As the fold does it: the last word counts, and a withdrawal may be withdrawn.
  for (const { id, kind, payload } of inTurn)
    if (kind === "withdrawn" && !takes.has(id)) takes.set((payload as { readonly entry: string }).entry, id);
  return inTurn
    .filter(({ kind }) => kind !== "withdrawn")
    .map((entry) => ({ entry, takenBackBy: takes.get(entry.id) ?? null }));
}

function ToldLine({ entry, takenBackBy, say }: Standing & { readonly say: string }) {
  const journal = useJournal();
  const isWaiting = useJournalState(({ waiting }) => waiting.has(entry.id));
  const isBack = takenBackBy !== null;
  return (
    <div className="flex items-start gap-2 border-b border-hairline py-1.5">
      <div className={`min-w-0 flex-1 text-[0.9375rem] ${isBack ? "text-soft line-through" : ""}`}>
        <p className="text-soft">
          {`${format(new Date(entry.at.instant * 60_000), "EEE d MMM, HH:mm")}, ${entry.by}${isWaiting ? ", not sent yet" : ""}`}
        </p>
        <p>
          <Measure>{say}</Measure>
        </p>
      </div>
      <Button
        look="quiet"
        className="shrink-0 text-sm"
        aria-label={`${isBack ? "Count it again" : "Take back"}: ${say}`}
        onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: takenBackBy ?? entry.id } }])}
      >
        {isBack ? "Count it again" : "Take back"}
      </Button>
    </div>
  );
}

/** What the data folder would not have stands here with its reason, until it is let go. */
function Refused() {
  const journal = useJournal();
  const refused = useJournalState((state) => state.refused);
  return (
    <ul aria-label="Not taken" className="empty:hidden">
      {[...refused].map(([id, why]) => (
        <li key={id} className="flex items-center gap-2 rounded-md bg-brick-wash px-3 py-1">
          <span className="flex-1">{`Something that was told was not taken: ${why}.`}</span>
          <Button onClick={() => journal.forget(id)}>Let it go</Button>
        </li>
      ))}
    </ul>
  );
}
