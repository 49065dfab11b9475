"use client";

import { useState } from "react";
import { redoPrint } from "@/core/job/redoPrint";
import { speechOf } from "@/core/job/speechOf";
import { workDoneTo } from "@/core/plan/workOfStep";
import { Button } from "@/ui/parts/Button";
import { useJob, useJournal, usePlan, useWall } from "@/ui/job/JobProvider";
import { useAddress } from "@/ui/job/useAddress";
import { mmOf } from "@/ui/job/writtenLength";
import { LengthField } from "@/ui/parts/LengthField";
import { Measure } from "@/ui/parts/Measure";
import { NumberField } from "@/ui/parts/NumberField";
import { MendingSteps } from "./MendingSteps";

/** One print of this wall that sits wrong, by its place: whether that shows, and how it is done again. */
export function RedoPrint() {
  const job = useJob();
  const { wallId } = useAddress();
  const plan = useWall(wallId)?.plan;
  const journal = useJournal();
  const { steps, now } = usePlan();
  const isUnderWay = now !== undefined;
  const [chosen, setPlace] = useState<readonly [number, number] | null>(null);
  const [off, setOff] = useState<number | string>(job.units === "imperial" ? '1/4"' : 6);
  const prints = (plan?.prints ?? []).flatMap(({ list }) => list);
  if (!plan || prints.length === 0) return null;
  const [column, row] = chosen ?? [prints[0]!.column, prints[0]!.row];
  const print = prints.find((one) => one.column === column && one.row === row);
  const speech = speechOf(job);
  const redo = print && redoPrint(job, plan, print.id, mmOf(off), speech);
  // What lies at one place is printed anew together.
  const doAgain = () => {
    const ids = prints.filter((one) => one.column === column && one.row === row).map(({ id }) => id);
    const work = workDoneTo(steps, "print", new Set(ids));
    if (work.length > 0) journal.tell([{ kind: "again", payload: { work, why: "misprint" } }]);
  };
  const place = (next: readonly [number, number]) => {
    if (!prints.some((one) => one.column === next[0] && one.row === next[1]))
      return "There is no print at that place on this wall.";
    setPlace(next);
    return null;
  };
  return (
    <section aria-label="A print of this wall" className="mb-3 rounded-md bg-violet-wash px-3 py-2">
      <div className="grid grid-cols-[1fr_1fr_1.4fr] gap-3">
        <NumberField label="Column" value={column} whole onChange={(value) => place([value, row])} />
        <NumberField label="Row" value={row} whole onChange={(value) => place([column, value])} />
        <LengthField
          label="Off by"
          written={off}
          units={job.units}
          onChange={(value) => {
            setOff(value);
            return null;
          }}
        />
      </div>
      {redo && redo.steps.length === 0 && (
        <p className="font-semibold">
          <Measure>{`Leave it: up to ${speech.error(redo.tolerance)} is not seen from where people stand.`}</Measure>
        </p>
      )}
      {redo && redo.steps.length > 0 && (
        <>
          <p className="font-semibold">
            <Measure>{`It ${redo.verdict}: more than ${speech.error(redo.tolerance)} is seen.`}</Measure>
          </p>
          <MendingSteps {...redo} />
          {isUnderWay && <Button onClick={doAgain}>Take it into the days</Button>}
        </>
      )}
    </section>
  );
}
