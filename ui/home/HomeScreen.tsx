"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";
import { matchesTyped } from "@/ui/parts/matchesTyped";
import { Logo } from "@/ui/parts/Logo";
import { SkipLink } from "@/ui/parts/SkipLink";
import { Section } from "@/ui/parts/Section";
import { useContrast } from "@/ui/parts/useContrast";
import { useFolds } from "@/ui/parts/useFolds";
import type { JobOnHome } from "./jobOnHome";
import { JobTile } from "./JobTile";
import { NewJob, newJobName } from "./NewJob";
import { UnsentChanges } from "./UnsentChanges";
import { useJobActions, type JobActions } from "./useJobActions";

/** With fewer jobs than this a look finds any of them. */
const fewJobs = 8;
/** Figures that are being worked out are looked for again after so long. */
const againMs = 2000;

/** All jobs as little elevations, and the way to a new one. */
export function HomeScreen({ jobs }: { jobs: readonly JobOnHome[] }) {
  useContrast();
  useEffect(() => void useFolds.persist.rehydrate(), []);
  useFiguresToCome(jobs);
  const actions = useJobActions();
  const [sought, setSought] = useState("");
  const found = jobs.filter(({ name }) => matchesTyped(name, sought) > 0);
  const of = (standing: JobOnHome["standing"]) => found.filter((job) => job.standing === standing);
  const list = (some: readonly JobOnHome[]) => (
    <ul>
      {some.map((job) => (
        <JobTile key={job.id} job={job} actions={actions} />
      ))}
    </ul>
  );
  const [current, away, deleted] = [of("current"), of("put-away"), of("deleted")];
  return (
    <main className="mx-auto max-w-5xl px-5 py-8 md:py-12">
      <div className="absolute left-2 top-2 z-50">
        <SkipLink to={newJobName}>To a new job</SkipLink>
      </div>
      <Masthead />
      <UnsentChanges />
      <div className="mt-8 grid gap-x-12 gap-y-10 md:grid-cols-[1fr_300px]">
        <div className="min-w-0">
          <section aria-label="Jobs">
            <div className="flex items-end gap-4 border-b border-ink pb-2">
              <h2 className="flex-1 text-xl font-bold">Jobs</h2>
              {jobs.length >= fewJobs && (
                <FormField
                  label="Find a job"
                  isHidden
                  placeholder="Find a job"
                  value={sought}
                  onChange={(event) => setSought(event.target.value)}
                />
              )}
            </div>
            {current.length === 0 && (
              <p className="py-4 text-soft">
                {sought.trim() !== ""
                  ? "No job here is called that."
                  : "No jobs yet. Start one, or bring in a job file."}
              </p>
            )}
            {list(current)}
          </section>
          {away.length > 0 && (
            <Section name="home/away" title="Put away" sum={String(away.length)} isFolded>
              {list(away)}
            </Section>
          )}
          {deleted.length > 0 && (
            <Section
              name="home/deleted"
              title="Deleted in the last month"
              sum={String(deleted.length)}
              isFolded
            >
              {list(deleted)}
            </Section>
          )}
        </div>
        <NewJob />
      </div>
      <DoneBar actions={actions} />
    </main>
  );
}

function Masthead() {
  return (
    <header className="flex items-center gap-3">
      <span className="shrink-0">
        <Logo size={44} />
      </span>
      <div>
        <h1 className="text-4xl font-bold tracking-tight">Jacaranda</h1>
        <p className="text-soft">
          Every mark, every piece of tape, every tin, worked out before the first line.
        </p>
      </div>
    </header>
  );
}

/** What was just done, with the way back; or why it was not. */
function DoneBar({ actions }: { actions: JobActions }) {
  return (
    <div aria-live="polite" className="sticky bottom-4 z-30 mt-6">
      {(actions.done || actions.refused) && (
        <div className="flex items-center gap-3 rounded-md border border-ink bg-card px-4 py-2">
          <p className={`min-w-0 flex-1 ${actions.refused ? "text-brick" : ""}`}>
            {actions.refused ? `That was not done: ${actions.refused}` : actions.done!.say}
          </p>
          {!actions.refused && (
            <>
              <Button onClick={actions.done!.undo}>Undo</Button>
              <Button look="quiet" onClick={actions.forget}>
                Close
              </Button>
            </>
          )}
        </div>
      )}
    </div>
  );
}

/** Looks again for what is still being worked out. */
function useFiguresToCome(jobs: readonly JobOnHome[]): void {
  const router = useRouter();
  const isWaiting = jobs.some(({ isFresh, standing }) => !isFresh && standing !== "deleted");
  useEffect(() => {
    if (!isWaiting) return;
    const timer = setInterval(() => router.refresh(), againMs);
    return () => clearInterval(timer);
  }, [isWaiting, router]);
}
