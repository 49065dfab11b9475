import { checkDocument } from "@/server/checkDocument";
import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";
import { answer, refuse } from "@/app/api/answer";
import { readBody } from "@/app/api/readBody";

/** Takes in a job document: a new job or an imported file. A bad one is explained and changes nothing. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const text = await readBody(request);
    if (text === null) return refuse(413, "the file is over 5 MB; expected a smaller one");
    const problems = await checkDocument(text);
    if (problems.length > 0) return Response.json({ problems }, { status: 422 });
    const id = await (await currentStore()).jobs.create(text);
    jobWentOn(id, 0);
    return Response.json({ id }, { status: 201 });
  });
