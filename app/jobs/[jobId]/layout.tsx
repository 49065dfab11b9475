import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { planTextOf } from "@/app/planOfDocument";
import { fromHere } from "@/server/fromHere";
import { currentStore } from "@/store/currentStore";
import { JobProvider } from "@/ui/job/JobProvider";
import { Workspace } from "@/ui/shell/Workspace";

interface Props {
  children: ReactNode;
  params: Promise<{ jobId: string }>;
}

export default async function JobLayout({ children, params }: Props) {
  const { jobId } = await params;
  const { jobs, journal } = await currentStore();
  const job = await jobs.read(decodeURIComponent(jobId));
  if (!job) notFound();
  const from = await fromHere(journal, job.id);
  const answer = await planTextOf(job.document, undefined, from ?? undefined);
  if ("problems" in answer) {
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
    <JobProvider
      jobId={job.id}
      documentText={job.document}
      version={job.version}
      hasBegun={from !== null}
      planText={answer.text.replace(/\n */g, "")}
    >
      <Workspace>{children}</Workspace>
    </JobProvider>
  );
}
