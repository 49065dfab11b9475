import { answer, noSuchJob } from "@/app/api/answer";
import { writeBundle } from "@/formats/bundle";
import { journalText } from "@/server/journalText";
import { currentStore } from "@/store/currentStore";

/** A job with all that happened on it, as one file to keep. */
export const GET = (_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const { jobs, journal } = await currentStore();
    const job = await jobs.read(jobId);
    if (!job) return noSuchJob();
    const bytes = writeBundle({
      job: job.document,
      journal: await journalText(journal, jobId),
      attachments: new Map(),
    });
    return new Response(Buffer.from(bytes), {
      headers: {
        "content-type": "application/zip",
        "content-disposition": `attachment; filename="${job.id}.jacaranda.zip"`,
      },
    });
  });
