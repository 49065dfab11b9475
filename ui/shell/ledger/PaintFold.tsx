"use client";

import { ChevronUp } from "lucide-react";
import { Popover } from "radix-ui";
import type { PlanPaint } from "@/core/job/planTypes";
import { formatTin, formatVolume } from "@/core/measure/formatLength";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { DataTable, type Column } from "@/ui/parts/DataTable";
import { paintColumn } from "@/ui/parts/paintColumn";
import { packsText, priceText } from "@/ui/parts/packsText";

/** How many paints are folded away, with their colours; opens the table of all of them. */
export function PaintFold({ folded }: { folded: readonly PlanPaint[] }) {
  const job = useJob();
  const { paint } = usePlan();
  const hexOf = (id: string) => job.paints.find((other) => other.id === id)?.hex;
  const isAll = folded.length === paint.length;
  const name = isAll ? counted(folded.length) : `${folded.length} more`;
  return (
    <Popover.Root>
      <Popover.Trigger
        className="flex min-h-11 shrink-0 items-center gap-2 px-3 font-semibold hover:bg-violet-wash"
        aria-label={`${name}: all paints with what they come to`}
      >
        <span aria-hidden="true" className="flex">
          {folded.slice(0, 3).map(({ colour }) => (
            <span
              key={colour}
              className="-ml-2 size-7 rounded-full border-2 border-card first:ml-0 nth-3:max-md:hidden"
              style={{ background: hexOf(colour) }}
            />
          ))}
        </span>
        <span className="whitespace-nowrap">{name}</span>
        <ChevronUp size={15} aria-hidden className="text-soft" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={6}
          collisionPadding={8}
          aria-label="Paint of the job"
          // The table itself, and not the first of its buttons with its hint.
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).focus();
          }}
          className="z-40 max-h-[70vh] w-[min(34rem,94vw)] overflow-y-auto rounded-md border border-ink bg-card px-4 py-3"
        >
          <PaintTable />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const counted = (count: number): string => `${count} ${count === 1 ? "paint" : "paints"}`;

function PaintTable() {
  const job = useJob();
  const { paint } = usePlan();
  const columns: Column<PlanPaint>[] = [
    paintColumn(job.paints),
    {
      key: "need",
      label: "Needed",
      isFigure: true,
      value: ({ need_ml }) => formatVolume(need_ml, job.volumes),
      show: ({ need_ml }) => formatVolume(need_ml, job.volumes),
    },
    {
      key: "packs",
      label: "To buy",
      value: ({ packs }) => packs.map(({ count, size_ml }) => `${count} x ${formatTin(size_ml)}`).join(" + "),
      show: (row) => packsText(row, job),
    },
    {
      key: "cost",
      label: `Cost, ${job.currency}`,
      isFigure: true,
      value: ({ packs, cost }) => (packs.some(({ price }) => price === null) ? null : cost),
      show: ({ packs, cost }) =>
        packs.some(({ price }) => price === null) ? "no price" : priceText(cost, job.currency),
    },
  ];
  return <DataTable name="Paint of the job" columns={columns} rows={paint} keyOf={({ colour }) => colour} />;
}
