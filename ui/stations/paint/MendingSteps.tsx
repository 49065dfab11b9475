import { formatDuration } from "@/core/measure/formatLength";
import type { MendPlan } from "@/core/work/mend/mendPlan";
import { Measure } from "@/ui/parts/Measure";

/** A remedy step by step, with what dries between, and what it comes to. */
export function MendingSteps({ steps, minutes, wholeMin }: MendPlan) {
  return (
    <>
      <ol className="list-decimal pl-5">
        {steps.map(({ say, minutes: own, dryMin }) => (
          <li key={say} className="py-1">
            <Measure>{say}</Measure>
            <span className="text-[0.9375rem] text-soft">
              {own > 0 && ` ${own} min.`}
              {dryMin > 0 && ` Then ${formatDuration(dryMin)} to dry.`}
            </span>
          </li>
        ))}
      </ol>
      <p className="pt-1 font-semibold">
        {wholeMin > minutes
          ? `${formatDuration(minutes)} of work, ${formatDuration(wholeMin)} with its waits in this air.`
          : `${formatDuration(minutes)} of work.`}
      </p>
    </>
  );
}
