"use client";

import { useEffect, useState } from "react";
import type { ComparedWay } from "@/core/job/compareWays";
import { formatDuration } from "@/core/measure/formatLength";
import { useDocument, useJob } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import { DataTable } from "@/ui/parts/DataTable";
import { priceText } from "@/ui/parts/packsText";
import { askForWays } from "@/workers/trialsClient";

/** The same look come to otherwise: what each way takes in hands, days and money on these walls by itself. */
export function OtherWays({ finish }: { readonly finish: string }) {
  const document = useDocument();
  const { currency } = useJob();
  const [ways, setWays] = useState<readonly ComparedWay[] | null>(null);
  useEffect(() => {
    let isOver = false;
    void askForWays(textOf(document), finish)
      .catch(() => [])
      .then((answer) => {
        if (!isOver) setWays(answer);
      });
    return () => {
      isOver = true;
    };
  }, [document, finish]);
  if (!ways) return <p className="text-soft">Working it out.</p>;
  if (ways.length === 0) return <p className="text-soft">It cannot be worked out for these walls.</p>;
  const money = ({ cost, unpriced }: ComparedWay) =>
    `${unpriced > 0 ? "from " : ""}${priceText(cost, currency)}`;
  return (
    <DataTable<ComparedWay>
      name="Ways beside each other"
      rows={ways}
      keyOf={({ name }) => name}
      columns={[
        { key: "way", label: "Way", show: ({ name }) => name, value: ({ name }) => name },
        {
          key: "work",
          label: "Work",
          isFigure: true,
          show: ({ minutes }) => (minutes === null ? "unknown" : formatDuration(minutes)),
          value: ({ minutes }) => minutes ?? "",
        },
        {
          key: "days",
          label: "Days",
          isFigure: true,
          show: ({ days }) => days ?? "unknown",
          value: ({ days }) => days ?? "",
        },
        { key: "cost", label: "To buy", isFigure: true, show: money, value: ({ cost }) => cost },
      ]}
    />
  );
}
