"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { isSameSubject } from "@/core/findings/subject";
import { withoutBoard } from "@/core/job/boardsOfDocument";
import { lights } from "@/core/journal/kinds/sampleLook";
import { sample } from "@/core/journal/kinds/sample";
import { formatDuration, formatLength, formatVolume } from "@/core/measure/formatLength";
import type { PlanBoard, PlanDecision } from "@/core/plan/planTypes";
import { trialWords } from "@/core/work/boards/words";
import { useJob, useJobState, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";
import { Measure } from "@/ui/parts/Measure";
import { priceText } from "@/ui/parts/packsText";
import { SelectList } from "@/ui/parts/SelectList";
import { Swatch } from "@/ui/parts/Swatch";
import { subjectOfBoard, type Board, type Look } from "./boardSubjects";
import { DecideBoard } from "./DecideBoard";
import { useLookState } from "./lookState";
import { LooksOfBoard, TellLook } from "./LooksOfBoard";

interface Props {
  readonly id: string;
  readonly planned: PlanBoard | undefined;
  /** All that was told of it being painted: where it hangs is what was told last. */
  readonly told: readonly Board[];
  readonly looks: readonly Look[];
}

/** One board: what it is of, what it takes, how it looked by each light, and what a yes still needs. */
export function OneBoard({ id, planned, told, looks }: Props) {
  const made = told.at(-1);
  const job = useJob();
  const plan = usePlan();
  const change = useJobState((state) => state.change);
  const journal = useJournal();
  const of = (planned ?? made)!.of;
  const subject = subjectOfBoard(of, job, plan);
  const decision = plan.decisions?.find((one) => isSameSubject(one.of, of));
  const takeBack = (...entries: readonly string[]) =>
    journal.tell(entries.map((entry) => ({ kind: "withdrawn", payload: { entry } })));
  const strike = () => {
    if (made) takeBack(...told.map((one) => one.told.entry));
    change((before) => withoutBoard(before, id));
  };
  const last = looks.at(-1);
  const isOpen = decision?.standing !== "refused" && decision?.standing !== "agreed";
  return (
    <li className="border-b border-hairline py-2">
      <div className="flex items-center gap-2">
        <span className="flex empty:hidden">
          {subject.swatches.map((hex, index) => (
            <Swatch key={index} colour={hex} size={5} />
          ))}
        </span>
        <b className="min-w-0 flex-1 font-semibold break-words">{`${id}: ${subject.label}`}</b>
        <Button look="quiet" onClick={strike}>
          Take back<span className="sr-only"> board {id}</span>
        </Button>
      </div>
      {planned && <Takes board={planned} />}
      {made && <p className="text-[0.9375rem] text-soft">{madeWords(made)}</p>}
      {!made && planned && isOpen && <TellPainted board={planned} />}
      {made && (
        <PinUp
          id={id}
          hung={told.filter(({ place }) => place).map((one) => one.told.entry)}
          takeBack={takeBack}
        />
      )}
      <LooksOfBoard board={id} looks={looks} planned={planned?.looks ?? []} />
      <p className="text-[0.9375rem]">{standingWords(decision)}</p>
      {decision?.cautions?.map((caution) => (
        <p key={caution} className="text-[0.9375rem] text-ochre">
          {caution}
        </p>
      ))}
      {isOpen && made && <TellLook board={id} missing={decision?.missing ?? lights} />}
      {last && (
        <Button look="quiet" className="-ml-3.5" onClick={() => takeBack(last.told.entry)}>
          Take the last look back<span className="sr-only"> of board {id}</span>
        </Button>
      )}
      {/* A set is decided about where all sets are. */}
      {isOpen && !("set" in of) && <DecideBoard board={id} of={of} />}
    </li>
  );
}

/** What a board takes, and beside that what painting its walls once more would. */
function Takes({ board: { as, size, coats, minutes, paint, cost, repaint } }: { readonly board: PlanBoard }) {
  const { units, volumes, currency } = useJob();
  const long = (mm: number) => formatLength(mm, units);
  const takes = (of: { minutes: number; ml: number; cost: number | null }) =>
    [
      formatDuration(of.minutes),
      formatVolume(of.ml, volumes),
      ...(of.cost === null ? [] : [priceText(of.cost, currency)]),
    ].join(", ");
  const ml = paint.reduce((sum, one) => sum + one.ml, 0);
  return (
    <p className="text-[0.9375rem] text-soft">
      <Measure>
        {`A ${trialWords[as]} of ${long(size[0])} × ${long(size[1])}, ${coats} ${coats === 1 ? "coat" : "coats"}: ${takes({ minutes, ml, cost })}.${repaint.minutes > 0 ? ` To paint its walls once more: ${takes(repaint)}.` : ""}`}
      </Measure>
    </p>
  );
}

interface PinUpProps {
  readonly id: string;
  /** What told where on a wall it hangs. */
  readonly hung: readonly string[];
  readonly takeBack: (...entries: readonly string[]) => void;
}

/** On which wall it hangs, pointed at with the pencil. */
function PinUp({ id, hung, takeBack }: PinUpProps) {
  const pinning = useLookState((state) => state.pinning);
  const pin = useLookState((state) => state.pin);
  const isPinning = pinning === id;
  return (
    <div className="-ml-3.5 flex flex-wrap">
      <Button
        look="quiet"
        aria-label={`${isPinning ? "Lay the pencil down" : "Point at where it hangs"}: board ${id}`}
        aria-pressed={isPinning}
        onClick={() => pin(isPinning ? null : id)}
      >
        {isPinning ? "Lay the pencil down" : "Point at where it hangs"}
      </Button>
      {hung.length > 0 && (
        <Button
          look="quiet"
          aria-label={`It hangs beside the wall: board ${id}`}
          onClick={() => takeBack(...hung)}
        >
          It hangs beside the wall
        </Button>
      )}
    </div>
  );
}

/** Where it is another one than the tin's, that is told of the board. */
const sheens = ["as the wall's paint has it", "matt", "eggshell", "satin", "silk", "gloss"];

/** It is painted: told with where it hangs. */
function TellPainted({ board: { id, of, size, coats } }: { readonly board: PlanBoard }) {
  const job = useJob();
  const journal = useJournal();
  const [where, setWhere] = useState("");
  const [sheen, setSheen] = useState(0);
  const grade = job.boards.find((board) => board.id === id)?.grade ?? "tin";
  const tell = () =>
    journal.tell([
      {
        kind: sample.kind,
        payload: {
          ...{ board: id, of, size, coats, grade },
          ...(sheen > 0 && { sheen: sheens[sheen]! }),
          ...(where.trim() && { where: where.trim() }),
        },
      },
    ]);
  return (
    <div className="grid gap-2 py-1">
      <FormField label="Where it hangs" value={where} onChange={(event) => setWhere(event.target.value)} />
      <SelectList
        label="Its sheen"
        items={sheens.map((of) => ({ label: `its sheen ${of}` }))}
        chosen={sheen}
        onChoose={setSheen}
      />
      <Button onClick={tell}>Board {id} is painted</Button>
    </div>
  );
}

const madeWords = ({ coats, where, grade }: Board): string =>
  [
    coats === undefined ? "Painted" : `Painted, ${coats} ${coats === 1 ? "coat" : "coats"}`,
    where ? `hangs ${where}` : "",
    grade === "sample" ? "sample paint: judge its hue, and not its sheen" : "",
  ]
    .filter((part) => part !== "")
    .join("; ");

function standingWords(decision: PlanDecision | undefined): string {
  const words = decision?.words ? `: “${decision.words}”` : "";
  if (decision?.standing === "refused") return `A no${words}. That settles it.`;
  const by = decision?.name ? ` by ${decision.name}` : "";
  const agreed = decision?.standing === "agreed" ? `Agreed${by}${words}. ` : "";
  const missing = decision?.missing ?? lights;
  return missing.length > 0
    ? `${agreed}A yes still needs ${missing.join(", ")}.`
    : `${agreed}Yes in every light${agreed ? "." : ": it can be decided."}`;
}
