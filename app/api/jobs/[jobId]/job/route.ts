import { checkDocument } from "@/server/checkDocument";
import { announce } from "@/server/live";
import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";
import { answer, noSuchJob, refuse } from "@/app/api/answer";
import { readBody } from "@/app/api/readBody";

interface Context {
  params: Promise<{ jobId: string }>;
}

/** The job document, byte for byte as written; `?download` offers it as a file. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const job = await (await currentStore()).jobs.read(jobId);
    if (!job) return noSuchJob();
    const headers: Record<string, string> = {
      "content-type": "application/json; charset=utf-8",
      etag: `"${job.version}"`,
    };
    if (request.headers.get("if-none-match") === headers.etag)
      return new Response(null, { status: 304, headers });
    if (new URL(request.url).searchParams.has("download")) {
      headers["content-disposition"] = `attachment; filename="${job.id}.jacaranda.json"`;
    }
    return new Response(job.document, { headers });
  });

/** Versions are kept as four-byte integers. */
const lastVersion = 2 ** 31 - 2;

/** Saves a document made from the version named in If-Match; 409 with what is there when that is stale. */
export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const version = Number(/^"(\d+)"$/.exec(request.headers.get("if-match") ?? "")?.[1]);
    if (!Number.isInteger(version) || version > lastVersion) {
      return refuse(428, "missing or no version; expected the version this was made from", "If-Match");
    }
    const text = await readBody(request);
    if (text === null) return refuse(413, "the job is over 5 MB; expected a smaller one");
    const problems = await checkDocument(text);
    if (problems.length > 0) return Response.json({ problems }, { status: 422 });
    const result = await (await currentStore()).jobs.save(jobId, version, text);
    switch (result.kind) {
      case "saved":
        jobWentOn(jobId);
        return Response.json({ version: result.version });
      case "stale":
        return Response.json({ version: result.version, document: result.document }, { status: 409 });
      case "missing":
        return noSuchJob();
      default:
        return result satisfies never;
    }
  });

/** Takes a job away, whatever state it is in; for a month it can be brought back. */
export const DELETE = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    if (!(await (await currentStore()).jobs.remove(jobId))) return noSuchJob();
    announce(jobId);
    return new Response(null, { status: 204 });
  });
