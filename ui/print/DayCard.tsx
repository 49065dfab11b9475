import type { Job } from "@/core/job/schema";
import type { PlanDay } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";
import { whyShort } from "@/formats/pauses";
import { whoDoesIt } from "@/formats/whoDoes";
import { Measure } from "@/ui/parts/Measure";
import { dayTitle } from "@/ui/stations/days/dayWords";
import { rowsOfDay, type DayRow } from "@/ui/stations/days/rowsOfDay";

interface Props {
  readonly job: Job;
  readonly plan: Plan;
  readonly day: PlanDay;
}

/** A day to fold into a pocket: two narrow columns, each step with a box to tick, what dries in between, and each caution once. */
export function DayCard({ job, plan, day }: Props) {
  const short = whyShort(job, plan, day);
  return (
    <article className="mx-auto max-w-[820px] bg-white px-4 pb-8 text-[9.5pt] leading-snug text-black print:max-w-none print:p-0">
      <header className="mb-2 flex items-baseline justify-between gap-4 border-b-2 border-black pb-1">
        <h1 className="text-[15pt] font-bold">{`${dayTitle(day)}, ${day.from} to ${day.to}`}</h1>
        <p>{`${job.name}, day ${day.day} of ${plan.days.at(-1)!.day}`}</p>
      </header>
      <div className="columns-2 gap-8 [column-rule:1px_dashed_#999] max-md:columns-1">
        {day.evening.length > 0 && (
          <section className="mb-2 break-inside-avoid border border-black px-2 py-1">
            <h2 className="text-[9.5pt] font-bold">The evening before</h2>
            <ul className="list-disc pl-4">
              {day.evening.map((thing) => (
                <li key={thing}>{thing}</li>
              ))}
            </ul>
          </section>
        )}
        {rowsOfDay(job, plan, day, null).map((row) => (
          <CardRow key={row.key} row={row} hasHands={job.work.crew > 1} />
        ))}
        {short && <p className="pt-1 italic">{short}</p>}
      </div>
    </article>
  );
}

function CardRow({ row, hasHands }: { readonly row: DayRow; readonly hasHands: boolean }) {
  switch (row.kind) {
    case "wall":
      return <h2 className="pt-1.5 text-[10pt] font-bold [break-after:avoid]">{row.name}</h2>;
    case "pause":
      return <p className="my-1 break-inside-avoid border-y border-dashed border-black py-0.5">{row.say}</p>;
    case "step":
      return (
        <div className="flex break-inside-avoid gap-1.5 py-0.5">
          <span className="mt-0.5 size-[3mm] shrink-0 border border-black bg-white text-center leading-[2.6mm]">
            {row.step.state === "done" ? "x" : ""}
          </span>
          <span className="w-9 shrink-0 tabular-nums">{row.step.from}</span>
          <div className="min-w-0 flex-1">
            <p>
              <Measure>{row.say}</Measure>
              {hasHands && ` ${whoDoesIt(row.step)}`}
            </p>
            {row.cautions.map((caution) => (
              <p key={caution} className="font-semibold">{`! ${caution}`}</p>
            ))}
          </div>
        </div>
      );
    default:
      return row satisfies never;
  }
}
