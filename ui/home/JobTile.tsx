"use client";

import { Download, Trash2 } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Plan } from "@/core/job/planTypes";
import type { Job } from "@/core/job/schema";
import { Button } from "@/ui/parts/Button";
import { MiniWall } from "@/ui/wall-view/WallDrawing";

export interface JobOnHome {
  readonly id: string;
  readonly name: string;
  readonly changed: string;
  readonly job: Job | null;
  readonly plan: Plan | null;
  /** Why it could not be planned or read; null where it could. */
  readonly trouble: string | null;
}

const icon =
  "inline-flex size-11 items-center justify-center rounded-md text-soft hover:bg-violet-wash hover:text-ink";

/** One job: its walls in little, the way in, its file, and the way to be rid of it. */
export function JobTile({ tile }: { tile: JobOnHome }) {
  const [isAsking, setAsking] = useState(false);
  const path = `/jobs/${encodeURIComponent(tile.id)}`;
  return (
    <li className="border-b border-hairline py-4">
      <div className="flex items-end gap-2">
        <Link href={path} className="group flex min-w-0 flex-1 flex-wrap items-end gap-x-6 gap-y-3 py-1">
          <div className="min-w-44 flex-1">
            <p className="font-display text-2xl font-bold break-words group-hover:text-violet">{tile.name}</p>
            <p className="text-soft">{summaryOf(tile)}</p>
            <p className="text-sm text-soft">{`changed ${tile.changed.slice(0, 10)}`}</p>
          </div>
          <div className="flex flex-wrap items-end gap-2">
            {tile.trouble === null &&
              tile.job?.walls
                .slice(0, 5)
                .map((wall) => (
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
        <a
          className={icon}
          href={`/api/jobs/${encodeURIComponent(tile.id)}/job?download`}
          aria-label={`Export ${tile.name}`}
          title="Export the job file"
        >
          <Download size={18} aria-hidden />
        </a>
        <button
          type="button"
          className={icon}
          aria-label={`Delete ${tile.name}`}
          title="Delete"
          aria-expanded={isAsking}
          onClick={() => setAsking(true)}
        >
          <Trash2 size={18} aria-hidden />
        </button>
      </div>
      {tile.trouble !== null && <p className="text-brick">{tile.trouble}</p>}
      {isAsking && <AskDelete tile={tile} keep={() => setAsking(false)} />}
    </li>
  );
}

function AskDelete({ tile, keep }: { tile: JobOnHome; keep: () => void }) {
  const router = useRouter();
  const [refused, setRefused] = useState<string | null>(null);
  const remove = async () => {
    try {
      const response = await fetch(`/api/jobs/${encodeURIComponent(tile.id)}/job`, { method: "DELETE" });
      // Gone already is gone.
      if (response.ok || response.status === 404) return router.refresh();
      const { problems } = (await response.json()) as { problems: { message: string }[] };
      setRefused(problems[0]!.message);
    } catch {
      setRefused("the program does not answer; is it still running?");
    }
  };
  return (
    <div role="group" aria-label={`Delete ${tile.name}?`} className="flex flex-wrap items-center gap-3 pt-2">
      <p className="min-w-60 flex-1">
        {refused === null
          ? "It goes with all that was worked out for it. The backups of the last days still hold it."
          : `It was not deleted: ${refused}`}
      </p>
      <Button onClick={() => void remove()}>Delete it</Button>
      <Button look="primary" onClick={keep}>
        Keep it
      </Button>
    </div>
  );
}

function summaryOf({ job, plan }: JobOnHome): string {
  if (!job || !plan) return "not readable";
  const walls = job.walls.length;
  const open = plan.walls
    .flatMap((wall) => wall.findings)
    .filter((finding) => finding.severity !== "note").length;
  return `${walls} ${walls === 1 ? "wall" : "walls"}${open > 0 ? `, ${open} to decide` : ""}`;
}
