import { notFound } from "next/navigation";
import { planOfDocument } from "@/app/planOfDocument";
import { titled } from "@/app/titled";
import { fromHere } from "@/server/fromHere";
import { currentStore } from "@/store/currentStore";
import { DayCard } from "@/ui/print/DayCard";
import { PrintBar } from "@/ui/print/PrintBar";

export const generateMetadata = titled("Day card");

interface Props {
  params: Promise<{ jobId: string; day: string }>;
}

/** A day of a job as it stands by now. */
export default async function DayCardPage({ params }: Props) {
  const { jobId, day } = await params;
  const { jobs, journal } = await currentStore();
  const saved = await jobs.read(decodeURIComponent(jobId));
  if (!saved) notFound();
  const from = await fromHere(journal, saved.id);
  const { job, plan } = await planOfDocument(saved.document, undefined, from ?? undefined);
  const own = plan?.days.find((one) => String(one.day) === day);
  const [wall] = job?.walls ?? [];
  if (!job || !plan || !own || !wall) notFound();
  return (
    <>
      <PrintBar back={`/jobs/${jobId}/${encodeURIComponent(wall.id)}/days`} />
      <main>
        <DayCard job={job} plan={plan} day={own} />
      </main>
    </>
  );
}
