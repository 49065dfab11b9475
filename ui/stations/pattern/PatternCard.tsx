"use client";

import { Plus } from "lucide-react";
import dynamic from "next/dynamic";
import { useCallback, useDeferredValue, useState } from "react";
import type { CardField } from "@/core/finishes/defineFinish";
import { finishOf } from "@/core/finishes/registry";
import { withoutBoardsOf } from "@/core/job/boardsOfDocument";
import { isOnWall, stripOfFinish } from "@/core/job/wallsOfFinish";
import type { PlanWall } from "@/core/plan/planTypes";
import type { JobFinish } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { findingsAt } from "@/ui/job/findingsAt";
import { useDocument, useJob, useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import { changeById, withSheets, type FinishDocument } from "@/ui/job/jobDocument";
import { finishInHand, usePatternHand } from "@/ui/job/patternHand";
import { Button } from "@/ui/parts/Button";
import { CardHead } from "@/ui/parts/CardHead";
import { FindingList } from "@/ui/parts/FindingList";
import { IconButton } from "@/ui/parts/IconButton";
import { PaintNames } from "@/ui/parts/PaintNames";
import { Section } from "@/ui/parts/Section";
import { CandidateList } from "./CandidateList";
import { DrawingTools } from "./DrawingTools";
import { FinishFields } from "./FinishFields";
import { FinishPicker } from "./FinishPicker";
import { FinishSentence } from "./FinishSentence";
import { actionsOf } from "./sentenceOf";
import { OtherWays } from "./OtherWays";
import { OfferList } from "./OfferList";
import { useHandedFinish } from "./useEditing";

// What is only shown now and then comes then.
const FinishStack = dynamic(() => import("./FinishStack").then((module) => module.FinishStack));
const SheetSection = dynamic(() => import("./SheetSection").then((module) => module.SheetSection));
const ColourShares = dynamic(() => import("./ColourShares").then((module) => module.ColourShares));

/** What the wall is to look like: its finishes, the few numbers of the one in hand, and what is to decide. */
export function PatternCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const job = useJob();
  const change = useJobState((state) => state.change);
  const { finish: inHand, take } = usePatternHand();
  const [isPicking, setPicking] = useState(false);
  if (!found) return null;
  const { wall, plan } = found;
  const stack = job.finishes.filter((finish) => isOnWall(job, finish, wallId));
  const spec = finishInHand(job, wallId, inHand);
  if (plan?.survey === null) return <Stopped plan={plan} stack={stack} />;
  if (spec && !isPicking) {
    return (
      <InHand
        key={spec.id}
        wall={wall}
        plan={plan}
        spec={spec}
        stack={stack}
        onAdd={() => setPicking(true)}
      />
    );
  }
  const pick = (finish: FinishDocument) => {
    const sheets = finishOf(finish.kind).stencils?.(finish as JobFinish) ?? [];
    change((before) => ({
      ...before,
      ...(sheets.length > 0 && withSheets(before, sheets)),
      finishes: [...before.finishes, finish],
    }));
    take(finish.id);
    setPicking(false);
  };
  return (
    <>
      <CardHead
        title="Pattern"
        note={
          spec
            ? "What is laid out next lies over what is there."
            : "All of this wall is left in its base. Choose what goes on it."
        }
        action={
          spec && (
            <Button look="quiet" onClick={() => setPicking(false)}>
              Back
            </Button>
          )
        }
      />
      <FinishPicker wall={wall} onPick={pick} />
    </>
  );
}

/** A wall that cannot be laid out: what keeps it from that, and what lies on it. */
function Stopped({ plan, stack }: { plan: PlanWall; stack: readonly JobFinish[] }) {
  const takeOff = useTakeOff();
  return (
    <>
      <CardHead title="Pattern" note="This wall cannot be laid out as it is." />
      <div className="py-3">
        <FindingList findings={[...findingsAt(plan, "wall"), ...findingsAt(plan, "pattern")]} />
      </div>
      <ul>
        {stack.map(({ id, kind }) => (
          <li key={id} className="flex items-center justify-between border-t border-hairline py-1">
            {finishOf(kind).title}
            <Button look="quiet" onClick={() => takeOff(id)}>
              Take it off
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

function useTakeOff(): (id: string) => void {
  const change = useJobState((state) => state.change);
  return (id) =>
    change((before) => ({
      ...withoutBoardsOf(before, { finish: id }),
      finishes: before.finishes.filter((finish) => finish.id !== id),
    }));
}

/** A finish with more fields than this says them in a sentence, and has them in a section that folds. */
const mostUnfolded = 8;

interface InHandProps {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly spec: JobFinish;
  readonly stack: readonly JobFinish[];
  readonly onAdd: () => void;
}

/** The finish in hand: what is to decide about it, the ways that it could be laid out, its own numbers and tools. */
function InHand({ wall, plan: newest, spec, stack, onAdd }: InHandProps) {
  // What hangs on the whole plan, the little walls above all, comes in slices between frames.
  const plan = useDeferredValue(newest);
  const job = useJob();
  const wholePlan = usePlan();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const take = usePatternHand((hand) => hand.take);
  const takeOff = useTakeOff();
  const handed = useHandedFinish(wall.id);
  const update = useCallback(
    (edit: (finish: FinishDocument) => FinishDocument) =>
      change((before) => ({
        ...before,
        finishes: changeById<FinishDocument>(before.finishes, spec.id, edit),
      })),
    [change, spec.id],
  );
  const choose = useCallback(
    (set: Readonly<Record<string, unknown>>) => update((finish) => ({ ...finish, ...set }) as FinishDocument),
    [update],
  );
  const written = document.finishes.find(({ id }) => id === spec.id);
  if (!written) return null;
  const definition = finishOf(spec.kind);
  const sheet = definition.stencils?.(spec)[0];
  const decisions = findingsAt(plan, "pattern");
  const offers = (plan?.offers ?? []).filter(({ finish }) => finish === spec.id);
  const fields = definition.card(spec, stripOfFinish(job, spec), job);
  const its = [...new Set(definition.paints(spec).map(({ id }) => id))];
  const actions = new Set<CardField>(actionsOf(fields));
  const measured = { fields, written, paints: job.paints, units: job.units, onEdit: update };
  const section = (name: string) => `pattern/${name}`;
  return (
    <>
      <CardHead
        title={definition.title}
        action={
          <>
            <IconButton label="Lay another over it" className="text-violet" onClick={onAdd}>
              <Plus size={18} aria-hidden />
            </IconButton>
            <Button look="quiet" className="-mr-3 px-2" onClick={() => takeOff(spec.id)}>
              Take off
            </Button>
          </>
        }
      >
        {stack.length > 1 && <FinishStack stack={stack} inHand={spec.id} onTake={take} />}
      </CardHead>
      {fields.length > mostUnfolded ? (
        <>
          <FinishSentence wallId={wall.id} {...measured} />
          <Section name={section("measures")} title="All its measures" sum={String(fields.length)} isFolded>
            <FinishFields {...measured} fields={fields.filter((field) => !actions.has(field))} />
          </Section>
        </>
      ) : (
        <div className="py-3">
          <FinishFields {...measured} />
        </div>
      )}
      {sheet?.colours && (
        <SheetSection
          finish={spec.id}
          sheet={sheet.id}
          colours={sheet.colours}
          isByColour={"printBy" in spec && spec.printBy === "colour"}
        />
      )}
      {plan?.fit?.finish === spec.id && (
        <CandidateList wall={wall} plan={plan} paints={job.paints} units={job.units} onChoose={choose} />
      )}
      {offers.length > 1 && <OfferList job={job} wall={wall} spec={spec} offers={offers} onChoose={choose} />}
      <Section
        name={section("paints")}
        title="Its colours"
        sum={String(its.length)}
        isFolded={its.length > 4}
      >
        <PaintNames ids={its} />
      </Section>
      {definition.otherWays && (
        <Section name={section("ways")} title="Other ways to this look" isFolded>
          <OtherWays finish={spec.id} />
        </Section>
      )}
      {decisions.length > 0 && (
        <Section name={section("decisions")} title="Noticed" sum={String(decisions.length)}>
          <FindingList findings={decisions} />
        </Section>
      )}
      {handed && handed.editing.tools.length > 0 && <DrawingTools wallId={wall.id} handed={handed} />}
      <Section name={section("colours")} title="Colours on the wall" isFolded>
        <ColourShares walls={wholePlan.walls.filter(({ id }) => isOnWall(job, spec, id))} />
      </Section>
    </>
  );
}
