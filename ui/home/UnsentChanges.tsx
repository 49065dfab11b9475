"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { useStore } from "zustand";
import { outbox, type Unsent } from "@/ui/job/outbox";
import { sendAllUnsent, unsentChanges } from "@/ui/job/unsentSender";
import { Button } from "@/ui/parts/Button";

/** Changes that pages have left unsent in this browser, and what can be done about those that are not taken. */
export function UnsentChanges() {
  const router = useRouter();
  const left = useStore(unsentChanges, (state) => state.left);
  const saved = useStore(unsentChanges, (state) => state.saved);
  useEffect(() => {
    if (saved > 0) router.refresh();
  }, [router, saved]);
  if (left.length === 0) return null;
  return (
    <section
      aria-label="Not saved yet"
      role="status"
      className="mt-6 border-y border-ochre bg-ochre-wash px-4 py-3"
    >
      <ul className="flex flex-col gap-2">
        {left.map(({ unsent, why }) => (
          <li key={`${unsent.jobId} ${unsent.page}`} className="flex flex-wrap items-center gap-3">
            <p className="min-w-60 flex-1">
              <b>{unsent.name}</b> {sentences[why === "failed" && outbox.isLoose(unsent) ? "loose" : why]}
            </p>
            {why === "stale" && (
              <Link
                className="font-semibold text-violet underline"
                href={`/jobs/${encodeURIComponent(unsent.jobId)}`}
              >
                Open it and choose
              </Link>
            )}
            {why === "gone" && (
              <KeepAsNew unsent={unsent} done={() => void sendAllUnsent().then(() => router.refresh())} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

const sentences = {
  stale: "has a change of yours that is not saved, and was changed elsewhere since.",
  gone: "was deleted while a change of yours was not saved yet.",
  failed:
    "has a change that is not saved yet. It is kept in this browser and sent as soon as the program answers.",
  loose:
    "has a change that is not saved yet, and this browser keeps nothing. Leave this window open: it is sent as soon as the program answers.",
} as const;

function KeepAsNew({ unsent, done }: { unsent: Unsent; done: () => void }) {
  const keep = async () => {
    const response = await fetch("/api/jobs", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: unsent.text,
    });
    if (!response.ok) return;
    await outbox.drop(unsent.jobId, unsent.page).catch(() => undefined);
    done();
  };
  const forget = async () => {
    await outbox.drop(unsent.jobId, unsent.page).catch(() => undefined);
    done();
  };
  return (
    <>
      <Button look="primary" onClick={() => void keep()}>
        Keep it as a job of its own
      </Button>
      <Button onClick={() => void forget()}>Let it go</Button>
    </>
  );
}
