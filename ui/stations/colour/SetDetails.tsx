"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { ownSet } from "@/core/colour/schema";
import { agreedOf } from "@/core/job/agreed";
import { withoutBoardsOf } from "@/core/job/boardsOfDocument";
import { takeSet, unlikeStandIns } from "@/core/job/takeSet";
import { toldOf } from "@/core/journal/defineKind";
import { decided, type AgreedPaint } from "@/core/journal/kinds/decided";
import type { PlanDecision, PlanSet } from "@/core/plan/planTypes";
import { useHappened, useJob, useJobState, useJournal, usePlan } from "@/ui/job/JobProvider";
import { changeById, freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { DataTable } from "@/ui/parts/DataTable";
import { FormField } from "@/ui/parts/FormField";
import { Measure } from "@/ui/parts/Measure";
import { SelectList } from "@/ui/parts/SelectList";
import { TextField } from "@/ui/parts/TextField";
import { useWornSet } from "./useShownPaints";

interface Props {
  readonly set: PlanSet;
  readonly decision: PlanDecision | undefined;
}

/** All that is measured of a set, what stands in which place, and what becomes of it. */
export function SetDetails({ set, decision }: Props) {
  const own = set.id === ownSet;
  return (
    <div className="flex flex-col gap-3 pb-2">
      <ul className="list-disc pl-5 text-[0.9375rem]">
        {set.why.map((why) => (
          <li key={why}>
            <Measure>{why}</Measure>
          </li>
        ))}
      </ul>
      <Contrasts set={set} />
      {!own && <StandIns id={set.id} />}
      {!own && <Decide set={set} decision={decision} />}
    </div>
  );
}

/** What differs how much where it touches, held side by side and from where it is looked at. */
function Contrasts({ set: { name, contrasts } }: Pick<Props, "set">) {
  const { paints, stays } = useJob();
  const nameOf = (id: string) => [...paints, ...stays].find((one) => one.id === id)?.name ?? id;
  type Row = PlanSet["contrasts"][number];
  const between = ({ between: two }: Row) => two.map(nameOf).join(" and ");
  return (
    <DataTable<Row>
      name={`Differences in ${name}`}
      rows={contrasts}
      keyOf={({ between: two }) => two.join(" ")}
      columns={[
        { key: "between", label: "Between", show: between, value: between },
        {
          key: "deltaE",
          label: "Side by side",
          isFigure: true,
          show: ({ deltaE }) => deltaE.toFixed(1),
          value: ({ deltaE }) => deltaE,
        },
        {
          key: "seen",
          label: "From there",
          isFigure: true,
          show: ({ seen }) => seen.toFixed(1),
          value: ({ seen }) => seen,
        },
      ]}
    />
  );
}

/** The pattern's paints, and which stands in the place of each. */
function StandIns({ id }: { id: string }) {
  const { paints, sets } = useJob();
  const { sets: planned = [] } = usePlan();
  const change = useJobState((state) => state.change);
  const own = sets.find((set) => set.id === id);
  const slots = Object.keys(planned.find((set) => set.id === ownSet)?.shares ?? {}).filter((slot) =>
    paints.some((paint) => paint.id === slot),
  );
  if (!own) return null;
  const put = (slot: string, paint: string) =>
    change((before) => ({
      ...before,
      sets: changeById(before.sets ?? [], id, ({ paints: old = {}, ...set }) => {
        const { [slot]: _, ...rest } = old;
        return { ...set, paints: paint === slot ? rest : { ...rest, [slot]: paint } };
      }),
    }));
  return (
    <div className="grid gap-2">
      <TextField
        label="What this set is called"
        value={own.name ?? own.id}
        onChange={(name) =>
          change((before) => ({
            ...before,
            sets: changeById(before.sets ?? [], id, (set) => ({ ...set, name })),
          }))[0]?.message ?? null
        }
      />
      {slots.map((slot) => {
        const replaced = paints.find((paint) => paint.id === slot)!;
        // What goes on otherwise cannot stand there.
        const others = paints.filter(
          ({ id: other, material }) => material === replaced.material || other === own.paints[slot],
        );
        return (
          <SelectList
            key={slot}
            label={`In the place of ${replaced.name}`}
            items={others.map(({ name, hex }) => ({ label: name, swatch: hex }))}
            chosen={others.findIndex((paint) => paint.id === (own.paints[slot] ?? slot))}
            onChoose={(index) => put(slot, others[index]!.id)}
          />
        );
      })}
    </div>
  );
}

const withdrawn = ({ told }: { readonly told: { readonly entry: string } }) => ({
  kind: "withdrawn",
  payload: { entry: told.entry },
});

/** Taken, refused with its reason, or struck off the list. */
function Decide({ set: { id, name }, decision }: Props) {
  const job = useJob();
  const journal = useJournal();
  // What a client said of a board is taken back there.
  const refusals = toldOf(useHappened(), decided).filter(({ of }) => of.set === id && of.refused === true);
  const plan = usePlan();
  const { decisions = [] } = plan;
  const change = useJobState((state) => state.change);
  const { wear } = useWornSet();
  const [words, setWords] = useState("");
  const [who, setWho] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const tell = (of: object, agreed?: readonly AgreedPaint[]) => {
    const payload = { of, words: words.trim(), name: who.trim(), ...(agreed && { agreed }) };
    journal.tell([{ kind: decided.kind, payload }]);
    setWords("");
  };
  const nameOf = (paint: string) => job.paints.find((one) => one.id === paint)?.name ?? paint;
  const take = () => {
    const [unlike] = unlikeStandIns(job, id);
    if (unlike)
      return setProblem(
        `${nameOf(unlike.paint)} does not go on as ${nameOf(unlike.slot)} does: choose another in its place.`,
      );
    const told = decisions.flatMap(({ of }) => (of.set === undefined ? [] : [{ id: of.set }]));
    const was = { id: freshId("as it was", [...job.sets, ...told]), name: "As it was" };
    const problem = change((before) => takeSet(before, job, id, was))[0];
    setProblem(problem?.message ?? null);
    if (problem) return;
    tell({ set: id, called: name }, agreedOf(job, ["set", id], plan));
    wear(null);
  };
  const remove = () => {
    wear(null);
    change((before) => ({
      ...withoutBoardsOf(before, { set: id }),
      sets: (before.sets ?? []).filter((set) => set.id !== id),
    }));
  };
  return (
    <div className="grid gap-2" role="group" aria-label={`What becomes of ${name}`}>
      <FormField label="In their words" value={words} onChange={(event) => setWords(event.target.value)} />
      <FormField label="Who decides" value={who} onChange={(event) => setWho(event.target.value)} />
      <div className="flex flex-wrap gap-2">
        <Button look="primary" onClick={take}>
          Take this set
        </Button>
        {refusals.length > 0 && (
          <Button onClick={() => journal.tell(refusals.map(withdrawn))}>Not refused after all</Button>
        )}
        {decision?.standing !== "refused" && (
          <Button onClick={() => tell({ set: id, refused: true })}>Refuse it</Button>
        )}
        <Button look="quiet" onClick={remove}>
          Strike it off
        </Button>
      </div>
      {problem !== null && (
        <p role="alert" className="text-[0.9375rem] text-brick">
          {problem}
        </p>
      )}
      <p className="text-sm text-soft">
        Taken, its paints stand in the pattern, and days, tins and tape follow; what it was stays as a set.
      </p>
    </div>
  );
}
