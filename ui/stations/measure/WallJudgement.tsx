"use client";

import type { PlanSurvey, PlanWall } from "@/core/plan/planTypes";
import type { UnitSystem } from "@/core/measure/units";
import type { WallDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Section } from "@/ui/parts/Section";
import { LengthField } from "@/ui/parts/LengthField";
import { Measure } from "@/ui/parts/Measure";
import { lowerFirst } from "@/core/findings/capital";
import { fromTo } from "./fromTo";

interface Props {
  readonly plan: PlanWall & { survey: PlanSurvey };
  readonly written: WallDocument;
  readonly units: UnitSystem;
  readonly isExaggerated: boolean;
  readonly onExaggerate: (isExaggerated: boolean) => void;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

const choiceWords = {
  level: "Level",
  floor: "Follow the floor",
  ceiling: "Follow the ceiling",
  split: "Split the difference",
} as const;
const tones = { "won't show": "text-leaf", "may show": "text-ochre", "will show": "text-brick" } as const;

/** What a line at one height would show by each datum, with the one to take; and how to strike and prove the level line. */
export function WallJudgement({ plan, written, units, isExaggerated, onExaggerate, onEdit }: Props) {
  const { survey } = plan;
  return (
    <Section
      name="measure/judgement"
      title="Level or follow"
      action={
        <Button
          look="quiet"
          className="-mr-3 text-sm"
          aria-pressed={isExaggerated}
          onClick={() => onExaggerate(!isExaggerated)}
        >
          {isExaggerated ? "Draw it true" : "Out of true × 10"}
        </Button>
      }
    >
      <LengthField
        label={written.survey ? "A line at, from the level line" : "A line at, from the floor"}
        written={written.judgeAt ?? survey.judgedAt}
        units={units}
        onChange={(judgeAt) => onEdit((before) => ({ ...before, judgeAt }))}
      />
      {survey.datums.length === 0 && (
        <p className="pt-2 text-soft">That height is not on the painted wall.</p>
      )}
      <ul className="pt-1">
        {survey.datums.map((datum) => (
          <li
            key={datum.choice}
            className={`-mx-2 rounded-md border px-2 py-1.5 ${datum.recommended ? "border-violet bg-violet-wash" : "border-transparent"}`}
          >
            <div className="flex items-baseline justify-between gap-2">
              <span className="font-semibold">{choiceWords[datum.choice]}</span>
              <span className={`text-sm font-semibold ${tones[datum.verdict]}`}>{datum.verdict}</span>
            </div>
            <p className="text-[0.9375rem] text-soft">
              <Measure>
                {`${fromTo(datum.left, datum.right, units)} from the ${datum.against}. ${datum.recommended ? `Take this: ${lowerFirst(datum.why)}` : datum.why}`}
              </Measure>
            </p>
          </li>
        ))}
      </ul>
      <LevelLineAdvice survey={survey} isSurveyed={written.survey !== undefined} />
    </Section>
  );
}

function LevelLineAdvice({ survey, isSurveyed }: { survey: PlanSurvey; isSurveyed: boolean }) {
  const { levelLine } = survey;
  const ticks = levelLine.ticks.map(({ tool, reading }) => `${reading} for a ${tool}`);
  return (
    <details className="pt-2">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">The level line</summary>
      <div className="flex flex-col gap-1.5 pb-2 text-[0.9375rem]">
        <p>
          <Measure>
            {isSurveyed
              ? `It stands ${levelLine.aboveFloorReading} above the floor at the left.`
              : `Strike it ${levelLine.aboveFloorReading} above the floor at the left: clear of what is on the wall, and read standing.`}
          </Measure>
        </p>
        <p>
          <Measure>{`Tick it at most every ${ticks.join(", ")}, so that the tool always meets two.`}</Measure>
        </p>
        <p>
          <Measure>
            {`After moving the laser, read down to the floor at the right end again: ${levelLine.proof.reading} proves that the line has not moved.`}
          </Measure>
        </p>
      </div>
    </details>
  );
}
