import { notFound } from "next/navigation";
import { planOfDocument } from "@/app/planOfDocument";
import { titled } from "@/app/titled";
import { fromHere } from "@/server/fromHere";
import { currentStore } from "@/store/currentStore";
import { BatchLabels } from "@/ui/print/BatchLabels";
import { PrintBar } from "@/ui/print/PrintBar";

export const generateMetadata = titled("Labels for the tins");

interface Props {
  params: Promise<{ jobId: string }>;
}

/** A label for each batch of each mix, as it was made or is to be. */
export default async function LabelsPage({ params }: Props) {
  const { jobId } = await params;
  const { jobs, journal } = await currentStore();
  const saved = await jobs.read(decodeURIComponent(jobId));
  if (!saved) notFound();
  const from = await fromHere(journal, saved.id);
  const { job, plan } = await planOfDocument(saved.document, undefined, from ?? undefined);
  const [wall] = job?.walls ?? [];
  if (!job || !plan || !wall) notFound();
  return (
    <>
      <PrintBar back={`/jobs/${jobId}/${encodeURIComponent(wall.id)}/colour`} />
      <main>
        <BatchLabels job={job} plan={plan} />
      </main>
    </>
  );
}
