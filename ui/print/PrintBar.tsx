"use client";

import { ArrowLeft, Printer } from "lucide-react";
import Link from "next/link";
import { Button } from "@/ui/parts/Button";

/** Shown on the screen only: back to the wall, and to the printer. */
export function PrintBar({ back }: { back: string }) {
  return (
    <nav aria-label="Sheet" className="mx-auto flex max-w-[820px] items-center gap-3 px-4 py-3 print:hidden">
      <Link
        href={back}
        className="inline-flex min-h-11 items-center gap-2 rounded-md px-2 hover:bg-violet-wash"
      >
        <ArrowLeft size={17} aria-hidden /> Back to the job
      </Link>
      <p className="ml-auto text-sm text-soft">Prints on A4 and Letter, black on white.</p>
      <Button look="primary" onClick={() => window.print()}>
        <Printer size={17} aria-hidden /> Print
      </Button>
    </nav>
  );
}
