import { answer, noSuchJob } from "@/app/api/answer";
import { writeBundle } from "@/formats/bundle";
import { bundleOf } from "@/store/bundles";
import { currentStore } from "@/store/currentStore";

/** A job with all that happened on it, as one file to keep. */
export const GET = (_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const bundle = await bundleOf(await currentStore(), jobId);
    if (!bundle) return noSuchJob();
    return new Response(Buffer.from(writeBundle(bundle)), {
      headers: {
        "content-type": "application/zip",
        "content-disposition": `attachment; filename="${jobId}.jacaranda.zip"`,
      },
    });
  });
