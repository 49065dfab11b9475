"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { finishOf } from "@/core/finishes/registry";
import type { Kept } from "@/core/journal/happened";
import { toldOf } from "@/core/journal/defineKind";
import { sample } from "@/core/journal/kinds/sample";
import { lights, sampleLook, type SampleLight } from "@/core/journal/kinds/sampleLook";
import type { Job } from "@/core/job/schema";
import type { Plan } from "@/core/plan/planTypes";
import { useHappened, useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FormField } from "@/ui/parts/FormField";
import { Section } from "@/ui/parts/Section";
import { SelectList } from "@/ui/parts/SelectList";
import { Swatch } from "@/ui/parts/Swatch";

type Board = Kept<ReturnType<(typeof sample)["payload"]["parse"]>>;
type Look = Kept<ReturnType<(typeof sampleLook)["payload"]["parse"]>>;

/** Boards that were painted, how they look by each light, and what is still missing for a yes. */
export function Boards() {
  const happened = useHappened();
  const boards = toldOf(happened, sample);
  return (
    <Section name="colour/boards" title="Boards" sum={boards.length > 0 ? String(boards.length) : ""}>
      {boards.length === 0 && (
        <p className="text-[0.9375rem] text-soft">
          A2 or larger, two full coats, carried about the room beside what stays: a no counts at once, a yes
          needs every light.
        </p>
      )}
      <ul>
        {boards.map((board) => (
          <OneBoard
            key={board.told.entry}
            board={board}
            looks={toldOf(happened, sampleLook).filter((look) => look.board === board.board)}
          />
        ))}
      </ul>
      {/* What was said of one that was taken back is not said of another. */}
      <NewBoard taken={[...boards, ...toldOf(happened, sampleLook)].map(({ board }) => board)} />
    </Section>
  );
}

/** What a board may be of, as it is called and coloured. */
interface Subject {
  readonly of: Board["of"];
  readonly label: string;
  readonly swatches: readonly string[];
}

/** Sets, paints, and what is more than one colour: broken, printed, stamped. */
function subjectsOf({ sets, paints, finishes }: Job, { walls }: Plan): Subject[] {
  const hexOf = (id: string) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  const worked = new Set(
    walls.flatMap(({ effects = [], bricks = [], prints = [] }) =>
      [...effects, ...bricks, ...prints].map(({ finish }) => finish),
    ),
  );
  return [
    ...sets.map(({ id, name, paints: own }) => ({
      of: { set: id },
      label: name ?? id,
      swatches: [...new Set(Object.values(own))].map(hexOf),
    })),
    ...paints.map(({ id, name, hex }) => ({ of: { paint: id }, label: name, swatches: [hex] })),
    ...finishes
      .filter(({ id }) => worked.has(id))
      .map(({ id, kind }) => ({ of: { finish: id }, label: finishOf(kind).title, swatches: [] })),
  ];
}

const isSame = (one: object, other: object): boolean => JSON.stringify(one) === JSON.stringify(other);

/** Where a board stands: a no is a no, a yes needs every light. */
function OneBoard({ board, looks }: { board: Board; looks: readonly Look[] }) {
  const job = useJob();
  const journal = useJournal();
  const plan = usePlan();
  const { decisions = [] } = plan;
  const [words, setWords] = useState("");
  const [light, setLight] = useState<SampleLight>("morning");
  const subject = subjectsOf(job, plan).find(({ of }) => isSame(of, board.of));
  const label = subject?.label ?? Object.values(board.of).join();
  const decision = decisions.find(({ of }) => isSame(of, board.of));
  const lastIn = (of: SampleLight) =>
    looks.filter((look) => look.light === of && look.who === "client").at(-1);
  const tell = (verdict: Look["verdict"]) => {
    journal.tell([
      {
        kind: sampleLook.kind,
        payload: { board: board.board, who: "client", light, verdict, words: words.trim() },
      },
    ]);
    setWords("");
    const next = lights[lights.indexOf(light) + 1];
    if (next) setLight(next);
  };
  const no = looks.filter(({ verdict, who }) => verdict === "no" && who === "client").at(-1);
  return (
    <li className="border-b border-hairline py-2">
      <div className="flex items-center gap-2">
        <span className="flex">
          {subject?.swatches.map((hex, index) => (
            <Swatch key={index} colour={hex} size={5} />
          ))}
        </span>
        <b className="min-w-0 flex-1 font-semibold break-words">{`${board.board}: ${label}`}</b>
        <Button
          look="quiet"
          onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: board.told.entry } }])}
        >
          Take back<span className="sr-only"> board {board.board}</span>
        </Button>
      </div>
      <p className="text-[0.9375rem] text-soft">
        {[
          board.coats === undefined ? "" : `${board.coats} ${board.coats === 1 ? "coat" : "coats"}`,
          board.where ? `hangs ${board.where}` : "",
          board.grade === "sample" ? "sample paint: judge its hue, and not its sheen" : "",
        ]
          .filter((part) => part !== "")
          .join("; ")}
      </p>
      <ul className="flex flex-wrap gap-x-4 py-1 text-[0.9375rem]" aria-label={`Looks at ${board.board}`}>
        {lights.map((of) => {
          const verdict = lastIn(of)?.verdict;
          return (
            <li
              key={of}
              className={verdict === "no" ? "text-brick" : verdict === "yes" ? "text-leaf" : "text-soft"}
            >
              {`${of}: ${verdict ?? "not yet"}`}
            </li>
          );
        })}
      </ul>
      <p className="text-[0.9375rem]">
        {no
          ? `A no${no.words ? `: “${no.words}”` : ""}. That settles it.`
          : decision && decision.missing.length > 0
            ? `A yes still needs ${decision.missing.join(", ")}.`
            : "Yes in every light: it can be decided."}
      </p>
      {!no && (
        <div className="grid gap-2 pt-1" role="group" aria-label={`A look at ${board.board}`}>
          <Choice
            label="By which light"
            options={lights.map((of) => ({ of, label: of, selected: of === light }))}
            onChoose={({ of }) => setLight(of)}
          />
          <FormField
            label="In the client's words"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <div className="flex gap-2">
            {(["yes", "unsure", "no"] as const).map((verdict) => (
              <Button key={verdict} onClick={() => tell(verdict)}>
                {verdict === "yes" ? "Yes" : verdict === "no" ? "No" : "Not sure"}
              </Button>
            ))}
          </div>
        </div>
      )}
    </li>
  );
}

/** A board is painted: what of, how thick, of which paint, and where it hangs. */
function NewBoard({ taken }: { taken: readonly string[] }) {
  const job = useJob();
  const journal = useJournal();
  const subjects = subjectsOf(job, usePlan());
  const [chosen, setChosen] = useState(0);
  const [coats, setCoats] = useState(2);
  const [grade, setGrade] = useState<"tin" | "sample">("tin");
  const [where, setWhere] = useState("");
  const subject = subjects[Math.min(chosen, subjects.length - 1)];
  if (!subject) return null;
  let number = 1;
  while (taken.includes(`B${number}`)) number++;
  const board = `B${number}`;
  const make = () => {
    journal.tell([
      {
        kind: sample.kind,
        payload: {
          board,
          of: subject.of,
          size: [420, 594],
          coats,
          grade,
          ...(where.trim() && { where: where.trim() }),
        },
      },
    ]);
    setWhere("");
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        A board is painted
      </summary>
      <div className="grid gap-2 pb-2">
        <SelectList
          label="What it is of"
          items={subjects.map(({ label, swatches }) => ({
            label,
            ...(swatches[0] && { swatch: swatches[0] }),
          }))}
          chosen={subjects.indexOf(subject)}
          onChoose={setChosen}
        />
        <Choice
          label="Coats on the board"
          options={[1, 2, 3].map((of) => ({ of, label: String(of), selected: of === coats }))}
          onChoose={({ of }) => setCoats(of)}
        />
        <Choice
          label="Paint of the board"
          options={(["tin", "sample"] as const).map((of) => ({
            of,
            label: of === "tin" ? "the tin's own" : "sample paint",
            selected: of === grade,
          }))}
          onChoose={({ of }) => setGrade(of)}
        />
        <FormField label="Where it hangs" value={where} onChange={(event) => setWhere(event.target.value)} />
        {coats < 2 && (
          <p className="text-[0.9375rem] text-ochre">
            One coat lets the board through: two are what the wall gets.
          </p>
        )}
        <Button look="primary" onClick={make}>
          Board {board} is painted
        </Button>
      </div>
    </details>
  );
}
