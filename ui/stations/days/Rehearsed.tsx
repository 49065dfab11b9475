"use client";

import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { groupBy } from "@/core/geometry/groupBy";
import type { Plan } from "@/core/plan/planTypes";
import type { Fault, Rehearsal } from "@/core/rehearse/fault";
import { useDocument, useJobState, usePlan } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import { stationPath } from "@/ui/job/useAddress";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { Progress } from "@/ui/parts/Progress";
import { askForRehearsal } from "@/workers/rehearsalClient";
import { useDayClock } from "./dayClock";
import { momentWords } from "./TimeChart";

/** While a line is moved one plan follows another; what is looked at is rehearsed when they have come to rest, ms. */
const restMs = 400;
/** So many are told at once. */
const mostShown = 6;

/** The plan carried out to the letter: that nothing goes wrong, or what does, each with the moment to which the wall goes. */
export function Rehearsed() {
  const plan = usePlan();
  const { rehearsal, share } = useRehearsal(plan);
  if (!plan.work) return null;
  return (
    <section aria-label="Rehearsal" aria-live="polite" className="border-t border-hairline py-3">
      {rehearsal ? (
        <Faults plan={plan} faults={rehearsal.faults.filter(({ told }) => told === undefined)} />
      ) : share === null ? (
        <p className="text-soft">This plan could not be rehearsed.</p>
      ) : (
        <div className="flex items-center gap-3 text-soft">
          <span>Rehearsing</span>
          <Progress label="Rehearsing the plan" share={share} />
        </div>
      )}
    </section>
  );
}

function Faults({ plan, faults }: { plan: Plan; faults: readonly Fault[] }) {
  const [isWhole, setWhole] = useState(false);
  if (faults.length === 0)
    return (
      <p>
        <strong>Rehearsed:</strong> nothing goes wrong.
      </p>
    );
  // What goes wrong alike in one step is one thing.
  const things = [...groupBy(faults, ({ code, step, wall }) => `${code} ${step} ${wall}`).values()];
  const shown = isWhole ? things : things.slice(0, mostShown);
  const goes = things.length === 1 ? "one thing goes" : `${things.length} things go`;
  return (
    <>
      <p>
        <strong>Rehearsed:</strong>
        {` ${goes} wrong where this is carried out to the letter.`}
      </p>
      <ol className="mt-1">
        {shown.map((alike, index) => (
          <li key={index}>
            <Moment plan={plan} fault={alike[0]!} more={alike.length - 1} />
          </li>
        ))}
      </ol>
      {!isWhole && things.length > mostShown && (
        <Button
          look="plain"
          onClick={() => setWhole(true)}
        >{`Show ${things.length - mostShown} more`}</Button>
      )}
    </>
  );
}

/** One fault; the wall goes to where it is just then. */
function Moment({ plan, fault: { say, minute, wall }, more }: { plan: Plan; fault: Fault; more: number }) {
  const jobId = useJobState((state) => state.jobId);
  const lookAt = useDayClock((clock) => clock.lookAt);
  const router = useRouter();
  const go = () => {
    lookAt(Math.round(minute));
    if (wall !== null) router.push(stationPath(jobId, wall, "days"));
  };
  return (
    <button
      type="button"
      onClick={go}
      className="-mx-2 flex min-h-11 w-[calc(100%+1rem)] flex-col items-start rounded-md px-2 py-1 text-left hover:bg-ochre-wash"
    >
      <span className="text-violet">{momentWords(plan, Math.round(minute))}</span>
      <Measure>{more === 0 ? say : `${say} And the same at ${more} more.`}</Measure>
    </button>
  );
}

interface Known {
  readonly rehearsal: Rehearsal | null;
  /** How far it has come; null where it came to nothing. */
  readonly share: number | null;
}

/** Null until a plan has been carried out; the newest one counts. */
function useRehearsal(plan: Plan): Known {
  const document = useDocument();
  const text = useRef("");
  const [known, setKnown] = useState<(Known & { readonly of: Plan }) | null>(null);
  useEffect(() => {
    text.current = textOf(document);
  }, [document]);
  useEffect(() => {
    if (!plan.work) return;
    let isOver = false;
    const timer = setTimeout(() => {
      // What is told on the way may arrive after the answer: they come by ways of their own.
      let isAnswered = false;
      const onProgress = (share: number) => {
        if (!isOver && !isAnswered) setKnown({ of: plan, rehearsal: null, share });
      };
      void askForRehearsal(text.current, plan, onProgress)
        .catch(() => null)
        .then((rehearsal) => {
          isAnswered = true;
          if (!isOver) setKnown({ of: plan, rehearsal, share: rehearsal ? 1 : null });
        });
    }, restMs);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [plan]);
  return known?.of === plan ? known : { rehearsal: null, share: 0 };
}
