"use client";

import { formatDuration, formatRun } from "@/core/measure/formatLength";
import { useJob, useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import { Section } from "@/ui/parts/Section";
import { Choice } from "@/ui/parts/Choice";
import { schoolNames } from "./schoolNames";
import { TapeWidths } from "./TapeWidths";
import { useAddress } from "@/ui/job/useAddress";

/** The schools of rounds side by side with what they cost, and those of edges. */
export function Schools() {
  const job = useJob();
  const plan = usePlan();
  const change = useJobState((state) => state.change);
  if (plan.rounds.length === 0) return null;
  const { count, least } = plan.roundsProof;
  return (
    <Section name="days/rounds" title="Rounds" sum={String(plan.rounds.length)} isFolded>
      <p className="pb-2 text-soft">
        {count === least
          ? `No order of these colours does with fewer than ${count} ${count === 1 ? "round" : "rounds"} of areas.`
          : `${count} rounds of areas are the best found; fewer than ${least} cannot be.`}
      </p>
      <ul className="flex flex-col gap-2">
        {(["finish", "coat-by-coat"] as const).map((school) => {
          const cost = plan.schools.find((candidate) => candidate.school === school)!;
          const isChosen = job.school === school;
          return (
            <li key={school}>
              <button
                type="button"
                aria-pressed={isChosen}
                className={`w-full rounded-md border px-3 py-2 text-left ${isChosen ? "border-violet bg-violet-wash" : "border-hairline bg-paper hover:border-violet"}`}
                onClick={() => change((before) => ({ ...before, school }))}
              >
                <span className="font-semibold">{schoolNames[school]}</span>
                <span className="block text-[0.9375rem] text-soft">
                  {[
                    `${cost.rounds} ${cost.rounds === 1 ? "round" : "rounds"} of taping`,
                    `${formatRun(cost.tape_m, job.units)} of tape`,
                    ...(cost.days === null
                      ? []
                      : [
                          cost.days === cost.lastDay
                            ? `${cost.days} ${cost.days === 1 ? "day" : "days"}`
                            : `${cost.days} days of work over ${cost.lastDay}`,
                          `${formatDuration(cost.waiting_min!)} of drying`,
                        ]),
                  ].join(", ")}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <EdgeSchools />
    </Section>
  );
}

/** The painter's schools for edges beside the seal, in words. */
const edgeChoices = [
  { key: "straight", label: "Straight edges", words: { tape: "taped", hand: "by hand" } },
  { key: "curves", label: "Curves", words: { tape: "taped", hand: "by hand" } },
  { key: "markAt", label: "Lines left are marked", words: { middle: "at the middle", edge: "at the edge" } },
  {
    key: "peel",
    label: "Tape comes off",
    words: { auto: "by the texture", wet: "wet", dry: "dry" },
  },
  {
    key: "externalCorner",
    label: "External corners",
    words: { float: "floated", tape: "taped" },
  },
  {
    key: "ceiling",
    label: "Masks at the ceiling",
    words: {
      auto: "by the ceiling",
      colour: "sealed with its colour",
      clear: "sealed clear",
      press: "pressed only",
    },
  },
] as const;

/** How edges are sealed and peeled, and what is done by hand. */
function EdgeSchools() {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const { wallId } = useAddress();
  const found = useWall(wallId);
  return (
    <>
      <div className="grid grid-cols-2 gap-3 pt-2">
        <div className="col-span-2">
          <Choice
            label="Taped edges are sealed"
            options={(["colour", "caulk", "press"] as const).map((seal) => ({
              seal,
              label: {
                colour: "with the colour under it",
                caulk: "with clear sealer, wet",
                press: "by pressing only",
              }[seal],
              selected: job.edges.seal === seal,
            }))}
            onChoose={({ seal }) => change((before) => ({ ...before, edges: { ...before.edges, seal } }))}
          />
        </div>
        <TapeWidths />
        {edgeChoices.map(({ key, label, words }) => (
          <Choice
            key={key}
            label={label}
            options={Object.entries(words).map(([value, told]) => ({
              value,
              label: told,
              selected: job.edges[key] === value,
            }))}
            onChoose={({ value }) =>
              change((before) => ({ ...before, edges: { ...before.edges, [key]: value } }))
            }
          />
        ))}
      </div>
      {found?.plan && (
        <p className="pt-2 text-[0.9375rem] text-soft">{`Here: ${lower(found.plan.peel.why)}`}</p>
      )}
    </>
  );
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
