"use client";

import "@/ui/journal/telling";
import { Megaphone, TriangleAlert } from "lucide-react";
import Link from "next/link";
import dynamic from "next/dynamic";
import { useEffect, useMemo, useState } from "react";
import { besideStep } from "@/core/plan/besideStep";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { workToTell } from "@/core/plan/workOfStep";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { useJob, useJobState, useJournal, usePlan, useWall } from "@/ui/job/JobProvider";
import { clockWords } from "@/ui/job/stateWords";
import { Button } from "@/ui/parts/Button";
import { speak } from "@/ui/parts/speak";
import { Measure } from "@/ui/parts/Measure";
import { TakePicture } from "@/ui/parts/TakePicture";
import { openSection } from "@/ui/parts/openSection";
import { Swatch } from "@/ui/parts/Swatch";
import type { NextThing as Next } from "@/ui/job/nextThings";
import { useAlarm } from "./alarm";
import { readingOfStep } from "./readingOfStep";
import { SoFar } from "./SoFar";
import { stepTitle, toolsOfStep } from "./stepTitle";
import { usePiecesDone } from "./usePiecesDone";

const CallOut = dynamic(() => import("@/ui/marks/CallOut").then((module) => module.CallOut));

interface Props extends Next {
  /** By what name it is told; null where there is one hand alone. */
  readonly by: string | null;
  /** Who may take it over, where it is another's. */
  readonly taker: string | null;
}

/** The one thing that a person does next, large enough for two metres, and what becomes of it. */
export function NextThing({ step, why, by, taker }: Props) {
  const job = useJob();
  const { paints } = job;
  const plan = usePlan();
  const found = useWall(step.wall ?? null);
  const { wallId } = useAddress();
  const jobId = useJobState((state) => state.jobId);
  const isPieceDone = usePiecesDone(step);
  const [isCalling, setCalling] = useState(false);
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  const hex = paints.find(({ id }) => id === step.colour)?.hex;
  const reading = found?.plan ? readingOfStep(step, found.wall, found.plan, isPieceDone, job) : null;
  const tools = toolsOfStep(step, plan);
  const title = stepTitle(step, nameOf);
  useSpeaking([title, found?.wall.name, reading && `${reading.reading} ${reading.side}`]);
  return (
    <div>
      <p className="text-[0.9375rem] text-soft">
        {[found?.wall.name ?? step.wall, why].filter(Boolean).map(sentenceOf).join(" ")}
      </p>
      <p className="font-display text-[1.75rem] leading-tight font-bold md:text-[1.625rem]">
        {hex && <Swatch colour={hex} size={5} className="mr-2" />}
        {title}
      </p>
      {reading && (
        <div className="pt-1">
          <p className="text-[2.75rem] leading-none font-bold tracking-tight">
            <Measure>{reading.reading}</Measure>
          </p>
          <p className="text-lg">
            <Measure>{reading.side}</Measure>
          </p>
        </div>
      )}
      <p className="pt-2">
        <Measure>{step.say}</Measure>
      </p>
      {tools.length > 0 && (
        <p className="pt-1 text-[0.9375rem] text-soft">{`In hand: ${tools.join(", ")}.`}</p>
      )}
      <Beside {...{ step, nameOf }} />
      {step.cautions.map((caution) => (
        <p key={caution} className="flex gap-1.5 pt-1 text-[0.9375rem] text-ochre">
          <TriangleAlert size={15} className="mt-1 shrink-0" aria-hidden />
          <span>{caution}</span>
        </p>
      ))}
      <div className="flex flex-wrap gap-2 pt-2">
        {found && step.wall !== wallId && (
          <Link className="link-button" href={stationPath(jobId, found.wall.id, "paint")}>
            {`Show ${found.wall.name ?? found.wall.id}`}
          </Link>
        )}
        {reading?.isMarks && step.wall !== undefined && (
          <Button onClick={() => setCalling(true)}>
            <Megaphone size={17} aria-hidden /> Call the marks out
          </Button>
        )}
        <Button onClick={() => openSection("paint/mishaps")}>
          <TriangleAlert size={17} aria-hidden /> Something is wrong
        </Button>
        <TakePicture
          label="A picture of it"
          of={{ work: workToTell(step), ...(step.wall !== undefined && { wall: step.wall }) }}
        />
      </div>
      {isCalling && step.wall !== undefined && (
        <CallOut wallId={step.wall} onClose={() => setCalling(false)} />
      )}
      <Tell step={step} by={by} taker={taker} />
    </div>
  );
}

/** What has become next is said aloud, where that is asked for: hands and eyes are at the wall. */
function useSpeaking(words: readonly (string | null | undefined)[]): void {
  const speaks = useAlarm((state) => state.speaks);
  const said = words.filter(Boolean).join(". ").replaceAll('"', " inches");
  useEffect(() => {
    if (speaks) speak(said);
  }, [speaks, said]);
}

const sentenceOf = (words: string | null | undefined): string =>
  words ? `${words.charAt(0).toUpperCase()}${words.slice(1)}.` : "";

/** What is wet beside it and until when, and what tape is on. */
function Beside({ step, nameOf }: Pick<Next, "step"> & { readonly nameOf: (paint: string) => string }) {
  const plan = usePlan();
  const beside = useMemo(() => {
    const now = nowOfPlan(plan);
    return now === null ? null : besideStep(plan, step, now);
  }, [plan, step]);
  if (!beside || (beside.wet.length === 0 && beside.tapeOn === 0)) return null;
  const dryAt = (paint: string) =>
    plan.clocks?.find((one) => one.clock === "dry" && one.paint === paint && one.wall === step.wall)?.due;
  const wet = [...new Set(beside.wet.map(({ colour }) => colour))].map((colour) => {
    const until = dryAt(colour);
    return `${nameOf(colour)} is wet yet${until ? `, until ${clockWords(until, plan.now)}` : ""}`;
  });
  const tape = beside.tapeOn === 0 ? [] : [`${beside.tapeOn} pieces of tape are on`];
  return <p className="pt-1 text-[0.9375rem]">{`Beside it: ${[...wet, ...tape].join("; ")}.`}</p>;
}

/** How long a plan is waited for before the next word is heard all the same, ms. */
const patienceMs = 5_000;

/**
 * Whether the last word has come into the plan, and how to wait until it has: a second tap in the meantime
 * would be told of what then comes under the thumb.
 */
function useTakenIn(): [isTakenIn: boolean, hold: () => void] {
  const plan = usePlan();
  const [toldOf, setToldOf] = useState<typeof plan | null>(null);
  useEffect(() => {
    if (toldOf === null) return;
    const timer = setTimeout(() => setToldOf(null), patienceMs);
    return () => clearTimeout(timer);
  }, [toldOf]);
  return [toldOf !== plan, () => setToldOf(plan)];
}

/** Begun, laid down, so far, done: in reach of a thumb, whatever stands above. */
function Tell({ step, by, taker }: Pick<Props, "step" | "by" | "taker">) {
  const journal = useJournal();
  const [isTakenIn, hold] = useTakenIn();
  const isRunning = step.state === "running";
  const tell = (kind: string, name = by) => {
    if (!isTakenIn) return;
    hold();
    journal.tell([{ kind, payload: { work: workToTell(step) }, ...(name !== null && { by: name }) }]);
  };
  const large = "min-h-14 flex-1 text-lg font-semibold";
  return (
    <div
      aria-busy={!isTakenIn}
      className="card-foot group sticky -bottom-4 short:static -mx-5 mt-3 flex flex-col gap-2 border-t border-hairline bg-card px-5 py-2"
    >
      <div className="flex gap-2 group-aria-busy:opacity-60">
        {isRunning ? (
          <>
            <Button look="primary" className={large} onClick={() => tell("finished")}>
              Done
            </Button>
            <Button
              className="min-h-14"
              onClick={() => tell(step.laidDown === undefined ? "paused" : "began")}
            >
              {step.laidDown === undefined ? "Lay it down" : "Go on"}
            </Button>
          </>
        ) : (
          <>
            <Button look="primary" className={large} onClick={() => tell("began")}>
              Begin
            </Button>
            <Button className="min-h-14" onClick={() => tell("finished")}>
              Done already
            </Button>
          </>
        )}
      </div>
      {taker !== null && (
        <Button className="min-h-12 group-aria-busy:opacity-60" onClick={() => tell("began", taker)}>
          {`${taker} takes it over`}
        </Button>
      )}
      {isRunning && <SoFar step={step} by={by} />}
    </div>
  );
}
