import { checkDocument } from "@/server/checkDocument";
import { jobWentOn } from "@/server/tiles";
import { readBundleFile, takeIn } from "@/store/bundles";
import { currentStore } from "@/store/currentStore";
import { answer, refuse } from "@/app/api/answer";
import { askedBy } from "@/app/api/askedBy";
import { readBytes } from "@/app/api/readBytes";
import { readBody } from "@/app/api/readBody";

/** A larger bundle is refused before it is read to its end. */
const mostBundleBytes = 60e6;

/** Takes in a job: a document, new or from its file, or a bundle of one with its journal. A bad one is explained and changes nothing. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    if (request.headers.get("content-type") === "application/zip") return takeInBundle(request);
    const text = await readBody(request);
    if (text === null) return refuse(413, "the file is over 5 MB; expected a smaller one");
    const problems = await checkDocument(text);
    if (problems.length > 0) return Response.json({ problems }, { status: 422 });
    const id = await (await currentStore()).jobs.create(text, undefined, askedBy(request));
    jobWentOn(id, 0);
    return Response.json({ id }, { status: 201 });
  });

async function takeInBundle(request: Request): Promise<Response> {
  const bytes = await readBytes(request, mostBundleBytes);
  if (bytes === null) return refuse(413, "the file is over 60 MB; expected a smaller one");
  const read = readBundleFile(bytes);
  if (!read.ok) return Response.json({ problems: read.problems }, { status: 422 });
  const id = await takeIn(await currentStore(), read.bundle, { askedBy: askedBy(request) });
  jobWentOn(id, 0);
  return Response.json({ id }, { status: 201 });
}
