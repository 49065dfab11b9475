import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { planOfDocument } from "@/app/planOfDocument";
import { currentStore } from "@/store/currentStore";
import { PrintBar } from "@/ui/print/PrintBar";
import { SettingOutSheet } from "@/ui/print/SettingOutSheet";

export const generateMetadata = titled("Setting-out sheet");

interface Props {
  params: Promise<{ jobId: string; wallId: string }>;
}

export default async function PrintPage({ params }: Props) {
  const { jobId, wallId } = await params;
  const saved = await (await currentStore()).jobs.read(decodeURIComponent(jobId));
  if (!saved) notFound();
  const { job, plan } = await planOfDocument(saved.document);
  const wall = job?.walls.find((candidate) => candidate.id === decodeURIComponent(wallId));
  const planned = plan?.walls.find((candidate) => candidate.id === wall?.id);
  if (!job || !plan || !wall || !planned) notFound();
  return (
    <>
      <PrintBar back={`/jobs/${jobId}/${wallId}/mark`} />
      <main>
        <SettingOutSheet job={job} plan={plan} wall={wall} planned={planned} version={saved.version} />
      </main>
    </>
  );
}
