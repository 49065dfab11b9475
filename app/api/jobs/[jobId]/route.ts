import * as z from "zod";
import { answer, noSuchJob, refuse } from "@/app/api/answer";
import { readBody } from "@/app/api/readBody";
import { longestJobName } from "@/core/job/schema";
import { nameSchema } from "@/core/measure/schema";
import { renameJob } from "@/formats/renameJob";
import { checkDocument } from "@/server/checkDocument";
import { announce } from "@/server/live";
import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";

interface Context {
  params: Promise<{ jobId: string }>;
}

const changeSchema = z.union([
  z.strictObject({ name: nameSchema(longestJobName).trim().min(1) }),
  z.strictObject({ putAway: z.boolean() }),
  z.strictObject({ deleted: z.literal(false) }),
]);

/** Changes where a job stands in the list: another name, put away or not, brought back. */
export const PATCH = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const change = changeSchema.safeParse(parsedBody(await readBody(request)));
    if (!change.success) return refuse(422, "expected a name, putAway, or deleted: false");
    if ("name" in change.data) return rename(jobId, change.data.name);
    const { jobs } = await currentStore();
    const isDone =
      "putAway" in change.data ? await jobs.putAway(jobId, change.data.putAway) : await jobs.bringBack(jobId);
    if (!isDone) return noSuchJob();
    announce(jobId);
    return new Response(null, { status: 204 });
  });

function parsedBody(text: string | null): unknown {
  try {
    return JSON.parse(text ?? "");
  } catch {
    return null;
  }
}

/** The name is the document's own: where that was saved meanwhile, it is changed in what is there then. */
async function rename(jobId: string, name: string): Promise<Response> {
  const { jobs } = await currentStore();
  for (;;) {
    const job = await jobs.read(jobId);
    if (!job) return noSuchJob();
    const document = renameJob(job.document, name);
    const problems = await checkDocument(document);
    if (problems.length > 0) return Response.json({ problems }, { status: 422 });
    const saved = await jobs.save(jobId, job.version, document);
    if (saved.kind === "stale") continue;
    if (saved.kind === "missing") return noSuchJob();
    jobWentOn(jobId, 0);
    return Response.json({ version: saved.version });
  }
}
