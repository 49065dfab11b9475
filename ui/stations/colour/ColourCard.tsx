"use client";

import dynamic from "next/dynamic";
import { useJob, usePlan, useWall } from "@/ui/job/JobProvider";
import { CardHead } from "@/ui/parts/CardHead";
import { Choice } from "@/ui/parts/Choice";
import { FindingList } from "@/ui/parts/FindingList";
import { jobFindingsAt } from "@/ui/job/findingsAt";
import { PaintNames } from "@/ui/parts/PaintNames";
import { useListsLater } from "@/ui/parts/useListsLater";
import { Section } from "@/ui/parts/Section";
import { daylight, type Lighting } from "@/core/look/views";
import { Boards } from "./Boards";
import { BrokenCoats } from "./BrokenCoats";
import { lookedAtOn } from "./lookedAt";
import { InRoom } from "./InRoom";
import { FromWhere } from "./FromWhere";
import { SampleBoard } from "./SampleBoard";
import { Sets } from "./Sets";
import { useLookState } from "./lookState";
import { Mixes } from "./Mixes";
import { colourFindings } from "./station";

/** Few walls have anything that is told of as it comes out. */
const AsItLooks = dynamic(() => import("./AsItLooks").then((module) => module.AsItLooks), { ssr: false });

const lights: readonly { readonly label: string; readonly lighting: Lighting }[] = [
  { label: "day, window at the left", lighting: { by: "day", from: "left" } },
  { label: "day, window at the right", lighting: { by: "day", from: "right" } },
  { label: "warm lamp", lighting: { by: "lamp" } },
  { label: "raking lamp at the left", lighting: { by: "raking", from: "left" } },
  { label: "raking lamp at the right", lighting: { by: "raking", from: "right" } },
];

const hours: readonly number[] = Array.from(
  { length: daylight.set - daylight.rise + 1 },
  (_, index) => daylight.rise + index,
);

/** Whatever the hour. */
const isSame = (a: Lighting, b: Lighting): boolean =>
  a.by === b.by && ("from" in a && "from" in b ? a.from === b.from : true);

/** How the wall will look, in which light and from where; what is mixed for it, and whether its coats can be joined. */
export function ColourCard({ wallId }: { wallId: string }) {
  useListsLater();
  const found = useWall(wallId);
  const plan = usePlan();
  const job = useJob();
  const { lighting, light } = useLookState();
  if (!found?.plan) return null;
  const its = plan.paint
    .filter(({ walls }) => walls.some(({ wall }) => wall === wallId))
    .map(({ colour }) => colour);
  const codes = new Set<object>(colourFindings(plan, found.plan));
  const findings = jobFindingsAt(
    plan.findings.filter((finding) => codes.has(finding)),
    "buying",
  ).concat(
    jobFindingsAt(
      plan.findings.filter((finding) => codes.has(finding)),
      "work",
    ),
  );
  return (
    <>
      <CardHead
        title="Colour"
        note="A prediction: paint, light and screens differ. Judge a dry board in the room itself."
      />
      {findings.length > 0 && (
        <Section name="colour/findings" title="Noticed" sum={String(findings.length)}>
          <FindingList findings={findings} />
        </Section>
      )}
      <div className="grid grid-cols-[2fr_1fr] gap-3 py-3">
        <Choice
          label="In which light"
          options={lights.map((option) => ({ ...option, selected: isSame(option.lighting, lighting) }))}
          onChoose={(option) => light(option.lighting)}
        />
        {lighting.by === "day" && (
          <Choice
            label="At"
            options={hours.map((hour) => ({
              hour,
              label: `${hour}:00`,
              selected: (lighting.hour ?? daylight.noon) === hour,
            }))}
            onChoose={({ hour }) => light({ ...lighting, hour })}
          />
        )}
      </div>
      <Sets wall={found.wall} plan={found.plan} />
      <Boards />
      <FromWhere wallId={wallId} wall={found.wall} job={job} />
      {its.length > 0 && (
        <Section name="colour/its" title="Its colours" sum={String(its.length)}>
          <PaintNames ids={its} />
        </Section>
      )}
      <SampleBoard wall={found.wall} plan={found.plan} />
      <InRoom wall={found.wall} />
      {lookedAtOn(job, wallId).length > 0 && <AsItLooks plan={found.plan} />}
      <BrokenCoats wall={found.plan} paints={job.paints} />
      <Mixes />
    </>
  );
}
