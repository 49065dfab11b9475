"use client";

import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import type { ComparedCrew } from "@/core/job/compareCrews";
import { formatDuration } from "@/core/measure/formatLength";
import { useDocument, useJob } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import { DataTable } from "@/ui/parts/DataTable";
import { Section } from "@/ui/parts/Section";
import { askForCrews } from "@/workers/trialsClient";
import { adviceOfCrews } from "./adviceOfCrews";
import { schoolNames, shortSchoolNames } from "./schoolNames";

const CrewChart = dynamic(() => import("./CrewChart").then((module) => module.CrewChart), { ssr: false });

/** Would another pair of hands pay: days to the end against hours of work, for both schools of rounds. */
export function Crews() {
  return (
    <Section name="days/crews" title="Days against hours" isFolded>
      <ComparedCrews />
    </Section>
  );
}

function ComparedCrews() {
  const document = useDocument();
  const { school, work } = useJob();
  const crews = useCrews(textOf(document));
  if (!crews) return <p className="text-soft">Working it out.</p>;
  if (crews.length === 0) return <p className="text-soft">Nothing can be planned yet.</p>;
  const isPresent = (row: ComparedCrew) => row.crew === work.crew && row.school === school;
  return (
    <>
      <p className="pb-1 text-soft">{adviceOfCrews(crews.filter((row) => row.school === school))}</p>
      <CrewChart crews={crews} isPresent={isPresent} />
      <DataTable<ComparedCrew>
        name="Days against hours"
        rows={crews}
        keyOf={({ crew, school: of }) => `${crew} ${of}`}
        columns={[
          {
            key: "hands",
            label: "Pairs of hands",
            show: (row) => (isPresent(row) ? <b>{`${row.crew}, as it is`}</b> : row.crew),
            value: ({ crew }) => crew,
          },
          {
            key: "school",
            label: "Rounds",
            show: ({ school: of }) => shortSchoolNames[of],
            value: ({ school: of }) => schoolNames[of],
          },
          {
            key: "days",
            label: "Days",
            isFigure: true,
            show: ({ lastDay }) => lastDay,
            value: ({ lastDay }) => lastDay,
          },
          {
            key: "hours",
            label: "Work",
            isFigure: true,
            show: ({ minutes }) => formatDuration(minutes),
            value: ({ minutes }) => minutes,
          },
        ]}
      />
    </>
  );
}

/** Worked out off the main thread; null while it is. */
function useCrews(text: string): readonly ComparedCrew[] | null {
  const [crews, setCrews] = useState<readonly ComparedCrew[] | null>(null);
  useEffect(() => {
    let isOver = false;
    void askForCrews(text)
      .catch(() => [])
      .then((answer) => {
        if (!isOver) setCrews(answer);
      });
    return () => {
      isOver = true;
    };
  }, [text]);
  return crews;
}
