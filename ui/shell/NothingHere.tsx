"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { nearestNames } from "./nearestNames";

interface Props {
  readonly jobs: readonly { readonly id: string; readonly name: string }[];
}

/** What was looked for at an address that leads nowhere, and the ways on: the job itself where that is there, else the nearest. */
export function NothingHere({ jobs }: Props) {
  const [, part, sought = ""] = usePathname().split("/").map(decodeURIComponent);
  const isOfJob = part === "jobs" || part === "print" || part === "shopping";
  const job = isOfJob ? jobs.find(({ id }) => id === sought) : undefined;
  const nearest = job ? [job] : nearestNames(isOfJob ? sought : (part ?? ""), jobs);
  const what = job
    ? `${job.name} has no such wall or page.`
    : isOfJob
      ? `There is no job called "${sought}" here. It may have been renamed, taken away, or kept on another computer.`
      : "There is nothing at this address.";
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-4 px-6 py-16">
      <h1 className="text-2xl font-bold">Nothing here</h1>
      <p>{what}</p>
      {nearest.length > 0 && (
        <nav aria-label="Ways on">
          <ul className="flex flex-col gap-1">
            {nearest.map(({ id, name }) => (
              <li key={id}>
                <Link
                  href={`/jobs/${encodeURIComponent(id)}`}
                  className="inline-flex min-h-11 items-center font-semibold text-violet underline"
                >
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </nav>
      )}
      <Link
        href="/"
        className="inline-flex min-h-11 items-center self-start rounded-md border border-hairline bg-paper px-3.5"
      >
        All jobs
      </Link>
    </main>
  );
}
