"use client";

import "@/ui/journal/telling";
import { Pencil } from "lucide-react";
import { useState } from "react";
import type { SectionLook } from "@/core/finishes/defineFinish";
import { speechOf } from "@/core/job/speechOf";
import { formatLength } from "@/core/measure/formatLength";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { miss } from "@/core/journal/kinds/miss";
import { section } from "@/core/journal/kinds/section";
import type { PlanWall } from "@/core/plan/planTypes";
import { useHappened, useJob, useJournal } from "@/ui/job/JobProvider";
import { findingsAt } from "@/ui/job/findingsAt";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FindingList } from "@/ui/parts/FindingList";
import { LengthField } from "@/ui/parts/LengthField";
import { valueOfWritten, type WrittenLength } from "@/ui/parts/lengthEntry";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { Swatch } from "@/ui/parts/Swatch";
import { lookedAtOn, sectionsInTurn, useMisses, type LookedAtFinish } from "./lookedAt";
import { useLookState } from "./lookState";

/** What is told of a finish as it comes onto the wall, since the next coat or section follows from it. */
export function AsItLooks({ plan }: { plan: PlanWall }) {
  const job = useJob();
  const all = lookedAtOn(job, plan.id);
  return all.map((looked) => (
    <Section
      key={looked.finish.id}
      name={`colour/looked/${looked.finish.kind}`}
      title={`${looked.title}, as it comes out`}
    >
      <div className="flex flex-col gap-3 pb-3">
        <FindingList
          findings={findingsAt(plan, "pattern").filter(({ finding }) =>
            looked.findings.includes(finding.code),
          )}
        />
        {looked.sections.length > 0 && <Sections looked={looked} plan={plan} />}
        {looked.misses && <Misses looked={looked} plan={plan} />}
      </div>
    </Section>
  ));
}

interface Props {
  readonly looked: LookedAtFinish;
  readonly plan: PlanWall;
}

/** Each section as it looks from the doorway when it is laid, one after the other. */
function Sections({ looked, plan }: Props) {
  const journal = useJournal();
  const happened = useHappened();
  const chosen = useLookState((state) => state.section);
  const lookAt = useLookState((state) => state.lookAt);
  const sections = sectionsInTurn(plan, looked, happened);
  const next = sections.find(({ seen }) => seen === null);
  const shown = sections.find(({ id }) => id === chosen) ?? next ?? sections.at(-1);
  if (!shown) return null;
  const tell = ({ seen }: SectionLook) => {
    journal.tell([{ kind: section.kind, payload: { finish: looked.finish.id, section: shown.id, seen } }]);
    lookAt(null);
  };
  return (
    <div>
      <Choice
        label="Section, in the order in which they are laid"
        options={sections.map(({ id, number, seen }) => ({
          id,
          label: `${number} of ${sections.length}${seen === null ? "" : ", looked at"}`,
          selected: id === shown.id,
        }))}
        onChoose={({ id }) => lookAt(id)}
      />
      <div className="flex items-end justify-between gap-2 pt-2">
        <p className="text-[0.9375rem] text-soft">From the doorway, section {shown.number} is</p>
        {shown.entry !== null && (
          <Button
            look="quiet"
            onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: shown.entry } }])}
          >
            Take it back
          </Button>
        )}
      </div>
      <div className="flex flex-wrap gap-1.5 pt-1">
        {looked.sections.map((look) => (
          <Button
            key={`${look.label} ${look.paint ?? ""}`}
            aria-pressed={JSON.stringify(look.seen) === JSON.stringify(shown.seen)}
            className="aria-pressed:border-violet aria-pressed:bg-violet-wash"
            onClick={() => tell(look)}
          >
            <LookWords {...look} />
          </Button>
        ))}
      </div>
    </div>
  );
}

function LookWords({ label, paint }: SectionLook) {
  const { paints } = useJob();
  const own = paints.find(({ id }) => id === paint);
  return (
    <>
      {own ? `${label} ${own.name}` : label}
      {own && <Swatch colour={own.hex} size={3} />}
    </>
  );
}

/** Thin places, told with a click on the wall or by their readings; the next coat takes them. */
function Misses({ looked, plan }: Props) {
  const job = useJob();
  const journal = useJournal();
  const speech = speechOf(job);
  const misses = useMisses(plan.id).filter(({ finish }) => finish === looked.finish.id);
  const missing = useLookState((state) => state.missing);
  const mark = useLookState((state) => state.mark);
  const isMarking = missing === looked.finish.id;
  return (
    <div>
      <p className="text-[0.9375rem] text-soft">
        Nobody goes back into what has set: a thin place is told here, and the next coat takes it.
      </p>
      <Button
        className="mt-2"
        aria-pressed={isMarking}
        onClick={() => mark(isMarking ? null : looked.finish.id)}
      >
        <Pencil size={16} aria-hidden /> {isMarking ? "Lay the pencil down" : "Mark thin places on the wall"}
      </Button>
      <ThinPlaceFields looked={looked} plan={plan} />
      <ul aria-label="Thin places" className="pt-1 empty:hidden">
        {misses.map(({ entry, place: [along, up] }) => (
          <li key={entry} className="flex items-center justify-between gap-2 border-b border-hairline">
            <Measure>{`${speech.length(along)} along, ${speech.length(up)} up`}</Measure>
            <Button
              look="quiet"
              aria-label={`Take back the thin place ${speech.length(along)} along, ${speech.length(up)} up`}
              onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry } }])}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A thin place by its readings; one that is off the wall is told so, and stays in its fields. */
function ThinPlaceFields({ looked, plan }: Props) {
  const { units, walls } = useJob();
  const journal = useJournal();
  const [typed, setTyped] = useState<{ x: WrittenLength; y: WrittenLength }>({ x: "", y: "" });
  const [x, y] = [valueOfWritten(typed.x), valueOfWritten(typed.y)];
  const box = boxOfWall(walls.find(({ id }) => id === plan.id)!);
  const offWall = (read: typeof x, least: number, most: number) =>
    read.ok && (read.value < least || read.value > most)
      ? `The wall goes from ${formatLength(least, units)} to ${formatLength(most, units)}.`
      : undefined;
  const problems = { x: offWall(x, box.minX, box.maxX), y: offWall(y, box.minY, box.maxY) };
  const field = (label: string, key: "x" | "y") => (
    <LengthField
      label={label}
      written={typed[key]}
      units={units}
      {...(problems[key] !== undefined && { refused: problems[key] })}
      onChange={(value) => (setTyped({ ...typed, [key]: value }), null)}
    />
  );
  return (
    <div className="grid grid-cols-2 items-start gap-2 pt-2">
      {field("Along", "x")}
      {field("Up", "y")}
      <Button
        className="justify-self-start"
        disabled={!x.ok || !y.ok || problems.x !== undefined || problems.y !== undefined}
        onClick={() => {
          if (!x.ok || !y.ok) return;
          journal.tell([missAt(looked.finish.id, plan.id, x.value, y.value)]);
          setTyped({ x: "", y: "" });
        }}
      >
        Thin here
      </Button>
    </div>
  );
}

/** A thin place, as it is told: to the millimetre. */
export const missAt = (finish: string, wall: string, x: number, y: number) => ({
  kind: miss.kind,
  payload: { finish, wall, place: [Math.round(x), Math.round(y)] },
});
