import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { planText } from "@/core/job/planText";
import { currentStore } from "@/store/currentStore";
import { JobProvider } from "@/ui/job/JobProvider";
import { Workspace } from "@/ui/shell/Workspace";

interface Props {
  children: ReactNode;
  params: Promise<{ jobId: string }>;
}

export default async function JobLayout({ children, params }: Props) {
  const { jobId } = await params;
  const job = await (await currentStore()).jobs.read(decodeURIComponent(jobId));
  if (!job) notFound();
  const answer = planText(job.document);
  if (!answer.ok) {
    return (
      <main className="p-8">
        <h1 className="text-2xl font-bold">This job cannot be opened</h1>
        <ul className="list-disc py-4 pl-5">
          {answer.problems.map(({ path, message }) => (
            <li key={path + message}>{`${path}: ${message}`}</li>
          ))}
        </ul>
      </main>
    );
  }
  return (
    <JobProvider jobId={job.id} documentText={job.document} version={job.version} planText={answer.text}>
      <Workspace>{children}</Workspace>
    </JobProvider>
  );
}
