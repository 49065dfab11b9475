import { parseJobText } from "@/core/job/parseJob";
import { currentStore } from "@/store/currentStore";
import { answer, refuse } from "@/app/api/answer";
import { readBody } from "@/app/api/readBody";

/** Takes in a job document: a new job or an imported file. A bad one is explained and changes nothing. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const text = await readBody(request);
    if (text === null) return refuse(413, "the file is over 5 MB; expected a smaller one");
    const parsed = parseJobText(text);
    if (!parsed.ok) return Response.json({ problems: parsed.problems }, { status: 422 });
    const { jobs } = await currentStore();
    return Response.json({ id: await jobs.create(text) }, { status: 201 });
  });
