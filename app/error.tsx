"use client";

import Link from "next/link";
import { Button } from "@/ui/parts/Button";

interface Props {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

/** What a page says that failed: nothing that was saved is lost, and where one goes on. */
export default function ErrorPage({ error, reset }: Props) {
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-4 px-6 py-16">
      <h1 className="text-2xl font-bold">This page went wrong</h1>
      <p>
        What was saved is kept as it was, and what was typed since is sent when the job is opened again.
        {error.digest && ` The server calls it ${error.digest}.`}
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="primary" onClick={reset}>
          Try again
        </Button>
        <Link
          href="/"
          className="inline-flex min-h-11 items-center rounded-md border border-hairline bg-paper px-3.5"
        >
          All jobs
        </Link>
      </div>
    </main>
  );
}
