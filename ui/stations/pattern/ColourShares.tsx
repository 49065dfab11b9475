"use client";

import { useDeferredValue } from "react";
import { balanceColours } from "@/core/colour/balance";
import type { Tone } from "@/core/colour/lightness";
import type { PlanWall } from "@/core/plan/planTypes";
import { seenOnWalls } from "@/core/look/seenColours";
import { formatArea } from "@/core/measure/formatLength";
import { useJob } from "@/ui/job/JobProvider";
import { DataTable } from "@/ui/parts/DataTable";
import type { Column } from "@/ui/parts/tableProps";
import { Measure } from "@/ui/parts/Measure";
import { paintColumn } from "@/ui/parts/paintColumn";
import { ShareBar } from "@/ui/parts/ShareBar";

const tones: readonly Tone[] = ["light", "middle", "dark"];
const toneFill: Record<Tone, string> = { light: "#f3ede0", middle: "#a2988c", dark: "#3b3140" };
const percent = (share: number) => `${Math.round(share * 100)} %`;

/** How many pieces and how much of the walls each paint takes, and how light and dark balance. */
export function ColourShares({ walls }: { walls: readonly PlanWall[] }) {
  const { paints, units, walls: own } = useJob();
  // While something is dragged it follows when there is time.
  const seen = seenOnWalls(own, useDeferredValue(walls)).colours;
  const papers = seen.flatMap(({ colour, hex }) =>
    hex === undefined ? [] : [{ id: colour, name: "Paper", hex }],
  );
  const shown = [...paints, ...papers];
  const balance = balanceColours(seen, (id) => shown.find((one) => one.id === id)?.hex ?? "#ffffff");
  type Row = (typeof balance.shares)[number];
  const columns: Column<Row>[] = [
    paintColumn(shown),
    {
      key: "pieces",
      label: "Pieces",
      isFigure: true,
      value: ({ pieces }) => pieces,
      show: ({ pieces }) => pieces,
    },
    {
      key: "area",
      label: "Area",
      isFigure: true,
      value: ({ areaM2 }) => formatArea(areaM2, units),
      show: ({ areaM2 }) => <Measure>{formatArea(areaM2, units)}</Measure>,
    },
    {
      key: "share",
      label: "Share",
      isFigure: true,
      value: ({ share }) => percent(share),
      show: ({ share }) => percent(share),
    },
  ];
  const words = tones.map((tone) => `${tone} ${percent(balance.tones[tone])}`).join(", ");
  return (
    <>
      <DataTable
        name="Colours on the wall"
        columns={columns}
        rows={balance.shares}
        keyOf={({ colour }) => colour}
      />
      <ShareBar
        say={words}
        shares={tones.map((tone) => ({ label: tone, amount: balance.tones[tone], fill: toneFill[tone] }))}
      />
      <p className="text-sm text-soft" aria-hidden="true">
        {words}
      </p>
    </>
  );
}
