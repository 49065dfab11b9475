import { titled } from "@/app/titled";
import { notFound } from "next/navigation";
import { planOfDocument } from "@/app/planOfDocument";
import { currentStore } from "@/store/currentStore";
import { PrintBar } from "@/ui/print/PrintBar";
import { ShoppingList } from "@/ui/print/ShoppingList";

export const generateMetadata = titled("Shopping list");

interface Props {
  params: Promise<{ jobId: string }>;
}

export default async function ShoppingPage({ params }: Props) {
  const { jobId } = await params;
  const saved = await (await currentStore()).jobs.read(decodeURIComponent(jobId));
  if (!saved) notFound();
  const { job, plan } = await planOfDocument(saved.document);
  const wall = job?.walls[0];
  if (!job || !plan || !wall) notFound();
  return (
    <>
      <PrintBar back={`/jobs/${jobId}/${encodeURIComponent(wall.id)}/buy`} />
      <main>
        <ShoppingList job={job} plan={plan} version={saved.version} />
      </main>
    </>
  );
}
