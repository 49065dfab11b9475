"use client";

import { Logo } from "@/ui/parts/Logo";
import { useContrast } from "@/ui/parts/useContrast";
import { JobTile, type JobOnHome } from "./JobTile";
import { NewJob } from "./NewJob";
import { UnsentChanges } from "./UnsentChanges";

/** All jobs as little elevations, and the way to a new one. */
export function HomeScreen({ jobs }: { jobs: readonly JobOnHome[] }) {
  useContrast();
  return (
    <main className="mx-auto max-w-5xl px-5 py-8 md:py-14">
      <header className="flex items-center gap-3">
        <Logo size={44} />
        <div>
          <h1 className="text-4xl font-bold tracking-tight">Jacaranda</h1>
          <p className="text-soft">
            Every mark, every piece of tape, every tin, worked out before the first line.
          </p>
        </div>
      </header>
      <UnsentChanges />
      <div className="mt-10 grid gap-x-12 gap-y-10 md:grid-cols-[1fr_300px]">
        <section aria-label="Jobs" className="min-w-0">
          <h2 className="border-b border-ink pb-2 text-xl font-bold">Jobs</h2>
          {jobs.length === 0 && (
            <p className="py-4 text-soft">No jobs yet. Start one, or bring in a job file.</p>
          )}
          <ul>
            {jobs.map((tile) => (
              <JobTile key={tile.id} tile={tile} />
            ))}
          </ul>
        </section>
        <NewJob />
      </div>
    </main>
  );
}
