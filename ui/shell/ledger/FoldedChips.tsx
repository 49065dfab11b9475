import { ChevronUp } from "lucide-react";
import type { ComponentProps } from "react";
import type { PlanPaint } from "@/core/plan/planTypes";
import { useJob, usePlan } from "@/ui/job/JobProvider";

const counted = (count: number): string => `${count} ${count === 1 ? "paint" : "paints"}`;

const nameOf = (folded: readonly PlanPaint[], all: readonly PlanPaint[]): string =>
  folded.length === all.length ? counted(folded.length) : `${folded.length} more`;

/** What opens the table of all paints, open and closed. */
export const foldOf = (
  folded: readonly PlanPaint[],
  all: readonly PlanPaint[],
): ComponentProps<"button"> => ({
  className: "flex min-h-11 shrink-0 items-center gap-2 px-3 font-semibold hover:bg-violet-wash",
  "aria-label": `${nameOf(folded, all)}: all paints with what they come to`,
});

/** How many paints are folded away, with their colours. */
export function FoldedChips({ folded }: { folded: readonly PlanPaint[] }) {
  const job = useJob();
  const { paint } = usePlan();
  const hexOf = (id: string) => job.paints.find((other) => other.id === id)?.hex;
  return (
    <>
      <span aria-hidden="true" className="flex">
        {folded.slice(0, 3).map(({ colour }) => (
          <span
            key={colour}
            className="-ml-2 size-7 rounded-full border-2 border-card first:ml-0 nth-3:max-md:hidden"
            style={{ background: hexOf(colour) }}
          />
        ))}
      </span>
      <span className="whitespace-nowrap">{nameOf(folded, paint)}</span>
      <ChevronUp size={15} aria-hidden className="text-soft" />
    </>
  );
}
