import { askedBy } from "@/app/api/askedBy";
import { answer, noSuchJob } from "@/app/api/answer";
import { longestJobName } from "@/core/job/schema";
import { renameJob } from "@/formats/renameJob";
import { shorten } from "@/formats/shorten";
import { jobWentOn } from "@/server/tiles";
import { bundleOf, takeIn } from "@/store/bundles";
import { currentStore } from "@/store/currentStore";

/** Makes a job beside another one that begins as that stands, with what happened on it. */
export const POST = (
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> =>
  answer(async () => {
    const store = await currentStore();
    const { jobId } = await params;
    const [job, bundle] = [await store.jobs.read(jobId), await bundleOf(store, jobId)];
    if (!job || !bundle) return noSuchJob();
    const name = shorten(`Copy of ${job.name}`, longestJobName);
    const copied = { ...bundle, job: renameJob(bundle.job, name) };
    const id = await takeIn(store, copied, { askedBy: askedBy(request) });
    jobWentOn(id, 0);
    return Response.json({ id }, { status: 201 });
  });
