import { answer, noSuchJob } from "@/app/api/answer";
import { currentStore } from "@/store/currentStore";

/** The walls of a job in little. The address names the version, so that what is there once stays. */
export const GET = (_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> =>
  answer(async () => {
    const picture = await (await currentStore()).jobs.picture((await params).jobId);
    if (!picture) return noSuchJob();
    return new Response(picture, {
      headers: {
        "content-type": "image/svg+xml",
        "cache-control": "private, max-age=31536000, immutable",
      },
    });
  });
