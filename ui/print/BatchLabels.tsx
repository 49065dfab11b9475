import type { Job } from "@/core/job/schema";
import type { Plan, PlanMix } from "@/core/plan/planTypes";
import { Measure } from "@/ui/parts/Measure";
import { labelsOf, type Label } from "./labelsOf";

interface Props {
  readonly job: Job;
  readonly plan: Plan;
}

/** Labels to cut out and tape on, two side by side, black on white. */
export function BatchLabels({ job, plan }: Props) {
  const labels = (plan.mixes ?? []).flatMap((mix: PlanMix) => labelsOf(job, plan, mix));
  return (
    <article className="mx-auto max-w-[820px] bg-white px-4 pb-8 text-[10pt] leading-snug text-black print:max-w-none print:p-0">
      <h1 className="border-b-2 border-black pb-1 text-[15pt] font-bold">{`Labels, ${job.name}`}</h1>
      {labels.length === 0 && <p className="pt-3">No paint of this job is mixed.</p>}
      <ul className="grid grid-cols-2 gap-2 pt-3">
        {labels.map((label) => (
          <OneLabel key={label.key} label={label} />
        ))}
      </ul>
    </article>
  );
}

const OneLabel = ({ label }: { readonly label: Label }) => (
  <li className="break-inside-avoid border border-black px-3 py-2">
    <p className="flex items-baseline justify-between gap-2">
      <b className="text-[13pt]">{label.name}</b>
      <span>{label.batch}</span>
    </p>
    <p>{label.where}</p>
    <p className="pt-1 font-semibold">
      <Measure>{label.recipe}</Measure>
    </p>
    {label.notes.map((note) => (
      <p key={note}>
        <Measure>{note}</Measure>
      </p>
    ))}
  </li>
);
