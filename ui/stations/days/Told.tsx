"use client";

import { format } from "date-fns";
import { Table } from "lucide-react";
import Image from "next/image";
import { useEffect, useMemo, useState } from "react";
import { entrySayer } from "@/formats/sayEntry";
import { photo } from "@/core/journal/kinds/photo";
import { toldInTurn, type ToldInTurn } from "@/core/journal/fold";
import { useJob, useJobState, useJournal, useJournalState, usePlan } from "@/ui/job/JobProvider";
import { TellerName } from "@/ui/journal/TellerName";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { WindowedList } from "@/ui/parts/WindowedList";

/** All that was told of the job, the last first; anything can be taken back. */
export function Told() {
  const entries = useJournalState((state) => state.entries);
  const summed = useJournalState((state) => state.sum);
  const shown = useMemo(() => toldInTurn(entries).reverse(), [entries]);
  const [job, plan] = [useJob(), usePlan()];
  const jobId = useJobState((state) => state.jobId);
  const say = useMemo(() => entrySayer(job, plan), [job, plan]);
  return (
    <Section
      name="days/told"
      title="What was told"
      sum={String((summed?.count ?? 0) + shown.length)}
      isFolded
    >
      <div className="flex items-end justify-between gap-3 pb-2">
        <TellerName />
        <a
          className="link-button"
          href={`/api/jobs/${encodeURIComponent(jobId)}/journal?format=csv`}
          download
        >
          <Table size={17} aria-hidden /> Table
        </a>
      </div>
      <Refused />
      {summed && <WholeJournal />}
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

/** Of a long journal only what it came to is here, until all of it is looked at. */
function WholeJournal() {
  const journal = useJournal();
  useEffect(() => void journal.pullWhole(), [journal]);
  return <p role="status">All that was told is being fetched.</p>;
}

function ToldLine({ entry, takenBackBy, say }: ToldInTurn & { readonly say: string }) {
  const journal = useJournal();
  const isWaiting = useJournalState(({ waiting }) => waiting.has(entry.id));
  const isBack = takenBackBy !== null;
  const when = format(new Date(entry.at.instant * 60_000), "EEE d MMM, HH:mm");
  return (
    <div className="flex items-start gap-2 border-b border-hairline py-1.5">
      <div className={`min-w-0 flex-1 text-[0.9375rem] ${isBack ? "text-soft line-through" : ""}`}>
        <p className="text-soft">{`${when}, ${entry.by}${isWaiting ? ", not sent yet" : ""}`}</p>
        <p>
          <Measure>{say}</Measure>
        </p>
        {entry.kind === photo.kind && (
          <Picture
            sha256={(entry.payload as { readonly sha256: string }).sha256}
            alt={`Taken in by ${entry.by}, ${when}`}
            isWaiting={isWaiting}
          />
        )}
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

/** A picture that was told of, and the way to be rid of it for good. */
function Picture({
  sha256,
  alt,
  isWaiting,
}: {
  readonly sha256: string;
  readonly alt: string;
  readonly isWaiting: boolean;
}) {
  const [isGone, setGone] = useState(false);
  const address = `/api/attachments/${sha256}`;
  const erase = async () => {
    if (!window.confirm("Erase this picture for good? It cannot be brought back.")) return;
    const { ok, status } = await fetch(address, { method: "DELETE" });
    setGone(ok || status === 404);
  };
  if (isWaiting) return null;
  if (isGone) return <p className="text-soft">It is erased, or not here yet.</p>;
  return (
    <div className="flex flex-col items-start gap-1 py-1">
      {/* As it is in the data folder, whose size nobody has told: the box holds its place. */}
      <span className="relative block h-36 w-full">
        <Image
          src={address}
          alt={alt}
          fill
          unoptimized
          className="rounded-md object-contain object-left-top"
          onError={() => setGone(true)}
        />
      </span>
      <Button look="quiet" className="text-sm" onClick={() => void erase()}>
        Erase for good
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
