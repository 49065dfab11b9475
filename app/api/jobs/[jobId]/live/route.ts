import { hearChanges, hearEnd } from "@/server/live";
import { currentStore } from "@/store/currentStore";
import { answer, noSuchJob } from "@/app/api/answer";

/** A quiet line is proved so often, ms: who is gone is found out, and what stands between does not close it. */
const beatMs = 20_000;

/** Server-sent events: how far a job has come, at once and whenever it goes on. Deleted, it is at null. */
export const GET = (
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const { jobs } = await currentStore();
    if ((await jobs.standing(jobId)) === null) return noSuchJob();
    const encoder = new TextEncoder();
    let [end, isClosed] = [() => undefined as void, false];
    const body = new ReadableStream<Uint8Array>({
      start(controller) {
        const send = (text: string) => controller.enqueue(encoder.encode(text));
        let told = Promise.resolve();
        const tell = () => {
          told = told
            .then(() => jobs.standing(jobId))
            .then((now) => send(`data: ${JSON.stringify(now)}\n\n`))
            // A folder that cannot be read now is read at the next change; a line that is gone hears no more.
            .catch(() => undefined);
        };
        const timer = setInterval(() => send(": \n\n"), beatMs);
        const stops = [hearChanges(jobId, tell), hearEnd(() => close()), () => clearInterval(timer)];
        end = () => stops.forEach((stop) => stop());
        const close = () => {
          end();
          if (!isClosed) controller.close();
          isClosed = true;
        };
        request.signal.addEventListener("abort", close, { once: true });
        send("retry: 1000\n\n");
        tell();
      },
      // Whoever heard it is gone: there is nothing left to close.
      cancel() {
        isClosed = true;
        end();
      },
    });
    return new Response(body, {
      headers: { "content-type": "text/event-stream; charset=utf-8", "x-accel-buffering": "no" },
    });
  });
