import { keepEntries } from "@/server/keepEntries";
import { entriesCame, goodSum } from "@/server/longJournals";
import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";
import { answer, noSuchJob, refuse } from "@/app/api/answer";
import { sendExport } from "@/app/api/jobs/sendExport";
import { readBody } from "@/app/api/readBody";

interface Context {
  params: Promise<{ jobId: string }>;
}

/** So many entries are given out at a time; who asks goes on after the last of them. */
const mostAtOnce = 1000;

/**
 * What happened on a job after an entry: `?after=SEQ`; from the beginning with `&sum=yes`, as what the first entries came to where that
 * is kept. All of it as a table: `?format=csv`.
 */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const asked = new URL(request.url).searchParams;
    if (asked.get("format") === "csv") return sendExport(request, jobId, "csv", "journal");
    const after = Number(asked.get("after") ?? 0);
    if (!Number.isSafeInteger(after) || after < 0 || after > 2 ** 31 - 2)
      return refuse(400, "expected the number of the last entry that is known", "after");
    const { jobs, journal } = await currentStore();
    if (!(await jobs.read(jobId))) return noSuchJob();
    const sum = after === 0 && asked.get("sum") === "yes" ? await goodSum(journal, jobId) : null;
    const kept = await journal.after(jobId, sum?.seq ?? after, mostAtOnce);
    return Response.json({
      ...sum,
      entries: kept.map(({ seq, entry }) => ({ seq, entry: JSON.parse(entry) as unknown })),
      isAll: kept.length < mostAtOnce,
    });
  });

/** Takes entries in; each counts once however often it is sent. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const text = await readBody(request);
    if (text === null) return refuse(413, "the batch is over 5 MB; expected a smaller one");
    const { journal } = await currentStore();
    const kept = await keepEntries(journal, jobId, parsed(text), Date.now());
    if (kept === null) return noSuchJob();
    if (typeof kept === "string") return refuse(422, kept);
    entriesCame(journal, jobId, kept.accepted.length);
    jobWentOn(jobId);
    return Response.json(kept);
  });

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
