import { parseJobText } from "@/core/job/parseJob";
import { currentStore } from "@/store/currentStore";
import { readBody } from "@/app/api/readBody";

/** Takes in a job document: a new job or an imported file. A bad one is explained and changes nothing. */
export async function POST(request: Request): Promise<Response> {
  const text = await readBody(request);
  if (text === null)
    return Response.json(
      { problems: [{ path: "", message: "the file is over 5 MB; expected a smaller one" }] },
      { status: 413 },
    );
  const answer = parseJobText(text);
  if (!answer.ok) return Response.json({ problems: answer.problems }, { status: 422 });
  const { jobs } = await currentStore();
  return Response.json({ id: await jobs.create(text) }, { status: 201 });
}
