"use client";

import { useJobState } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";

/** Says that a change which an earlier page could not save is here again, and what has become of it. */
export function LeftBehind() {
  const leftBehind = useJobState((state) => state.leftBehind);
  const forget = useJobState((state) => state.forgetLeftBehind);
  if (leftBehind === null) return null;
  return (
    <section
      aria-label="Left unsaved before"
      aria-live="polite"
      className="flex flex-wrap items-center gap-3 border-b border-hairline bg-ochre-wash px-4 py-1"
    >
      <p className="min-w-60 flex-1">
        {leftBehind === "sending"
          ? "A change was not saved when this job was last left. It is here again, and is being sent."
          : "A change was not saved when this job was last left. It is here again, and saved now."}
      </p>
      {leftBehind === "sent" && <Button onClick={forget}>Good</Button>}
    </section>
  );
}
