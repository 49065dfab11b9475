"use client";

import { Popover } from "radix-ui";
import type { PlanPaint } from "@/core/plan/planTypes";
import { formatTin, formatVolume } from "@/core/measure/formatLength";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { DataTable } from "@/ui/parts/DataTable";
import type { Column } from "@/ui/parts/tableProps";
import { paintColumn } from "@/ui/parts/paintColumn";
import { packsText, priceText } from "@/ui/parts/packsText";
import { FoldedChips, foldOf } from "./FoldedChips";

/** The table of all paints, open at first, over what opens it. */
export function OpenedPaints({ folded }: { folded: readonly PlanPaint[] }) {
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger {...foldOf(folded, usePlan().paint)}>
        <FoldedChips folded={folded} />
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
