import { parseJobText } from "@/core/job/parseJob";
import { currentStore } from "@/store/currentStore";
import { readBody } from "@/app/api/readBody";

interface Context {
  params: Promise<{ jobId: string }>;
}

/** The job document, byte for byte as written; `?download` offers it as a file. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { jobId } = await params;
  const job = await (await currentStore()).jobs.read(jobId);
  if (!job) return notFound();
  const headers: Record<string, string> = {
    "content-type": "application/json; charset=utf-8",
    etag: `"${job.version}"`,
  };
  if (new URL(request.url).searchParams.has("download")) {
    headers["content-disposition"] = `attachment; filename="${job.id}.jacaranda.json"`;
  }
  return new Response(job.document, { headers });
}

/** Saves a document made from the version named in If-Match; 409 with what is there when that is stale. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const { jobId } = await params;
  const version = Number(/^"(\d+)"$/.exec(request.headers.get("if-match") ?? "")?.[1]);
  if (!Number.isInteger(version)) {
    return Response.json(
      { problems: [{ path: "If-Match", message: "missing; expected the version this was made from" }] },
      { status: 428 },
    );
  }
  const text = await readBody(request);
  if (text === null)
    return Response.json(
      { problems: [{ path: "", message: "the job is over 5 MB; expected a smaller one" }] },
      { status: 413 },
    );
  const answer = parseJobText(text);
  if (!answer.ok) return Response.json({ problems: answer.problems }, { status: 422 });
  const result = await (await currentStore()).jobs.save(jobId, version, text);
  switch (result.kind) {
    case "saved":
      return Response.json({ version: result.version });
    case "stale":
      return Response.json({ version: result.version, document: result.document }, { status: 409 });
    case "missing":
      return notFound();
    default:
      return result satisfies never;
  }
}

const notFound = () =>
  Response.json({ problems: [{ path: "", message: "there is no such job" }] }, { status: 404 });
