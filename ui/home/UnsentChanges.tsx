"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useState } from "react";
import { outbox, type Unsent } from "@/ui/job/outbox";
import { sendUnsent } from "@/ui/job/sendJob";
import { Button } from "@/ui/parts/Button";

const retryMs = 2500;
/** The page that was left is just sending its last. */
const firstMs = 400;

interface Left {
  readonly unsent: Unsent;
  readonly why: "stale" | "gone" | "failed";
}

/** Changes that pages have left unsent in this browser: sent from here as soon as the program takes them. */
export function UnsentChanges() {
  const router = useRouter();
  const [left, setLeft] = useState<readonly Left[]>([]);
  const sendAll = useCallback(async () => {
    const still: Left[] = [];
    let isAnySaved = false;
    // A browser that keeps nothing has left nothing.
    for (const unsent of await outbox.orphans().catch(() => [])) {
      const { kind } = await sendUnsent(unsent);
      if (kind === "saved") {
        await outbox.drop(unsent.jobId, unsent.page);
        isAnySaved = true;
      } else still.push({ unsent, why: kind });
    }
    setLeft(still);
    if (isAnySaved) router.refresh();
  }, [router]);
  useEffect(() => {
    const first = setTimeout(() => void sendAll(), firstMs);
    const timer = setInterval(() => void sendAll(), retryMs);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [sendAll]);
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
              <b>{unsent.name}</b> {sentences[why]}
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
              <KeepAsNew unsent={unsent} done={() => void sendAll().then(() => router.refresh())} />
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
} as const;

function KeepAsNew({ unsent, done }: { unsent: Unsent; done: () => void }) {
  const keep = async () => {
    const response = await fetch("/api/jobs", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: unsent.text,
    });
    if (!response.ok) return;
    await outbox.drop(unsent.jobId, unsent.page);
    done();
  };
  const forget = async () => {
    await outbox.drop(unsent.jobId, unsent.page);
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
