import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";
import { addDemo } from "@/store/files/addDemos";
import { answer } from "@/app/api/answer";
import { askedBy } from "@/app/api/askedBy";

/** Adds the demo job anew, on its second morning as of now. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const id = await addDemo(await currentStore(), "ferry-landing", new Date(), askedBy(request));
    jobWentOn(id, 0);
    return Response.json({ id }, { status: 201 });
  });
