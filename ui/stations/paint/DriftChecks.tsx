"use client";

import { useState } from "react";
import type { PlanDrift, PlanDriftChoice } from "@/core/plan/planDayTypes";
import { workDoneTo } from "@/core/plan/workOfStep";
import type { PlanWall } from "@/core/plan/planTypes";
import { formatError, formatLength } from "@/core/measure/formatLength";
import { useJob, useJournal, usePlan, useWall } from "@/ui/job/JobProvider";
import { useAddress } from "@/ui/job/useAddress";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { LengthField } from "@/ui/parts/LengthField";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { TellRow } from "@/ui/parts/TellRow";

/** Whether the pattern runs away: a place is read again from the datum; the trend, whether it shows, and what can be done. */
export function DriftChecks() {
  const { wallId } = useAddress();
  const plan = useWall(wallId)?.plan;
  const { drift = [], now } = usePlan();
  if (!plan || now === undefined) return null;
  const places = placesOf(plan);
  if (places.length === 0 && drift.length === 0) return null;
  const seen = drift.filter(({ shows }) => shows !== "won't show").length;
  return (
    <Section name="paint/drift" title="Does it drift" sum={seen > 0 ? `${seen} to decide` : ""} isFolded>
      {places.length > 0 && <ReadAgain key={plan.id} places={places} />}
      {drift.map((one) => (
        <OneDrift key={`${one.finish} ${one.axis}`} {...one} />
      ))}
    </Section>
  );
}

/** Something that is read again: a set-out line, a column of prints by its middle, a course of bricks by its foot. */
interface Place {
  readonly finish: string;
  readonly of: string;
  readonly axis: "x" | "y";
  readonly at: number;
  readonly use: string;
}

function placesOf({ marks, lines, prints = [], bricks = [] }: PlanWall): Place[] {
  const finishOf = new Map(lines.map(({ id, finish }) => [id, finish]));
  const lined = marks.flatMap(({ id, line, axis, at, use }) => {
    const finish = finishOf.get(line ?? "");
    return finish === undefined ? [] : [{ finish, of: id, axis, at, use }];
  });
  const columns = prints.flatMap(({ finish, list }) =>
    firstOfEach(list, ({ column }) => column).map(({ id, at: [x], column }) => ({
      ...{ finish, of: id, axis: "x" as const, at: x },
      use: `column ${column}`,
    })),
  );
  const courses = bricks.flatMap(({ finish, list }) =>
    firstOfEach(list, ({ course }) => course).map(({ id, box: [, foot], course }) => ({
      ...{ finish, of: id, axis: "y" as const, at: foot },
      use: `course ${course}`,
    })),
  );
  return [...lined, ...columns, ...courses];
}

const firstOfEach = <Item,>(items: readonly Item[], by: (item: Item) => number): Item[] =>
  [...new Map(items.toReversed().map((item) => [by(item), item])).values()].toReversed();

function ReadAgain({ places }: { places: readonly Place[] }) {
  const { units } = useJob();
  const journal = useJournal();
  // Halfway tells most: what drifts has had its time by then, and as much is left to take it back.
  const [chosen, setChosen] = useState(Math.floor(places.length / 2));
  const [read, setRead] = useState<number | string>("");
  const place = places[Math.min(chosen, places.length - 1)]!;
  const tell = () => {
    if (read === "") return "Write what it reads now.";
    journal.tell([{ kind: "measured", payload: { ...placeOf(place), read: mmOf(read) } }]);
    setRead("");
    return null;
  };
  return (
    <TellRow onTell={tell}>
      <Choice
        label="Planned at"
        options={places.map((one, index) => ({
          index,
          label: `${formatLength(one.at, units)} ${one.use}`,
          selected: one === place,
        }))}
        onChoose={({ index }) => setChosen(index)}
      />
      <LengthField
        label="Reads"
        written={read}
        units={units}
        onChange={(value) => {
          setRead(value);
          return null;
        }}
      />
    </TellRow>
  );
}

const placeOf = ({ finish, of, axis, at }: Place) => ({ finish, of, axis, expected: at });

function OneDrift({ finish, axis, offset_mm: offset, perStep_mm: per, atEnd_mm: end, ...own }: PlanDrift) {
  const { units } = useJob();
  const journal = useJournal();
  const mm = (value: number) => formatError(Math.abs(value), units);
  const { steps } = usePlan();
  const settle = ({ choice, over, ids = [] }: PlanDriftChoice) => {
    const work = workDoneTo(steps, "print", new Set(ids));
    journal.tell([
      { kind: "settled", payload: { finish, axis, choice, over } },
      ...(work.length > 0 ? [{ kind: "again", payload: { work, why: "drift" } }] : []),
    ]);
  };
  return (
    <div className="border-t border-hairline py-2">
      <p>
        <Measure>
          {own.checks > 1
            ? `Off by ${mm(offset)} at the first, ${mm(per)} more with each; ${mm(end)} at the last. It ${own.shows}.`
            : `Off by ${mm(offset)}. It ${own.shows}. A second reading tells whether it grows.`}
        </Measure>
      </p>
      <div className="flex flex-col gap-2 pt-1">
        {own.choices.map((choice) => (
          <Button
            key={choice.choice}
            look={own.settled === choice.choice ? "primary" : "plain"}
            className="min-h-12 justify-start text-left"
            aria-pressed={own.settled === choice.choice}
            onClick={() => settle(choice)}
          >
            <Measure>{choiceWords(choice, mm(choice.worst_mm))}</Measure>
          </Button>
        ))}
      </div>
      {own.readings && own.readings.length > 0 && (
        <ul aria-label="Marks from here" className="pt-1">
          {own.readings.map(({ expected, now }) => (
            <li key={expected}>
              <Measure>{`${formatLength(expected, units)} is marked at ${formatLength(now, units)}`}</Measure>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function choiceWords({ choice, over, shows, minutes }: PlanDriftChoice, worst: string): string {
  const takes = minutes > 0 ? `, ${Math.round(minutes)} min` : "";
  switch (choice) {
    case "leave":
      return `Leave it: up to ${worst}, ${shows}`;
    case "spread":
      return `Take it back over the next ${over === 1 ? "step" : `${over} steps`}: ${shows}${takes}`;
    case "redo":
      return `Do ${over === 1 ? "one" : over} again: ${shows}${takes}`;
    default:
      return choice satisfies never;
  }
}
