"use client";

import Link from "next/link";
import type { Plan } from "@/core/job/planTypes";
import type { Job } from "@/core/job/schema";
import { Logo } from "@/ui/parts/Logo";
import { useContrast } from "@/ui/shell/useContrast";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { NewJob } from "./NewJob";

interface JobTile {
  readonly id: string;
  readonly name: string;
  readonly changed: string;
  readonly job: Job | null;
  readonly plan: Plan | null;
}

/** All jobs as little elevations, and the way to a new one. */
export function HomeScreen({ jobs }: { jobs: readonly JobTile[] }) {
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
      <div className="mt-10 grid gap-x-12 gap-y-10 md:grid-cols-[1fr_300px]">
        <section aria-label="Jobs" className="min-w-0">
          <h2 className="border-b border-ink pb-2 text-xl font-bold">Jobs</h2>
          {jobs.length === 0 && (
            <p className="py-4 text-soft">No jobs yet. Start one, or bring in a job file.</p>
          )}
          <ul>
            {jobs.map((tile) => (
              <li key={tile.id} className="border-b border-hairline">
                <Link
                  href={`/jobs/${encodeURIComponent(tile.id)}`}
                  className="group flex flex-wrap items-end gap-x-6 gap-y-3 py-5"
                >
                  <div className="min-w-44 flex-1">
                    <p className="font-display text-2xl font-bold group-hover:text-violet">{tile.name}</p>
                    <p className="text-soft">{summaryOf(tile)}</p>
                    <p className="text-sm text-soft">{`changed ${tile.changed.slice(0, 10)}`}</p>
                  </div>
                  <div className="flex flex-wrap items-end gap-2">
                    {tile.job?.walls.slice(0, 5).map((wall) => (
                      <MiniWall
                        key={wall.id}
                        wall={wall}
                        plan={tile.plan!.walls.find((planned) => planned.id === wall.id) ?? null}
                        paints={tile.job!.paints}
                        className="h-16 max-w-36"
                      />
                    ))}
                  </div>
                </Link>
              </li>
            ))}
          </ul>
        </section>
        <NewJob />
      </div>
    </main>
  );
}

function summaryOf({ job, plan }: JobTile): string {
  if (!job || !plan) return "cannot be read by this version";
  const walls = job.walls.length;
  const open = plan.walls
    .flatMap((wall) => wall.findings)
    .filter((finding) => finding.severity !== "note").length;
  return `${walls} ${walls === 1 ? "wall" : "walls"}${open > 0 ? `, ${open} to decide` : ""}`;
}
