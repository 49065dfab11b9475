/** How far a job has come in the data folder; null once it is deleted. */
export type JobStanding = { readonly version: number; readonly seq: number } | null;

/**
 * Follows a job while its page is looked at: a browser lets few such lines be open at once, and what is not looked at catches up
 * when it is. A line that breaks is tried again by the browser itself. Answers how to end it.
 */
export function followLive(jobId: string, hear: (standing: JobStanding) => void): () => void {
  let source: EventSource | null = null;
  const close = () => {
    source?.close();
    source = null;
  };
  const follow = () => {
    if (document.visibilityState !== "visible") return close();
    // The browser gives up on a program that is not there at all.
    if (source && source.readyState !== EventSource.CLOSED) return;
    source = new EventSource(`/api/jobs/${encodeURIComponent(jobId)}/live`);
    source.onmessage = ({ data }: MessageEvent<string>) => hear(JSON.parse(data) as JobStanding);
  };
  const timer = setInterval(follow, againMs);
  document.addEventListener("visibilitychange", follow);
  window.addEventListener("online", follow);
  window.addEventListener("pagehide", close);
  follow();
  return () => {
    clearInterval(timer);
    document.removeEventListener("visibilitychange", follow);
    window.removeEventListener("online", follow);
    window.removeEventListener("pagehide", close);
    close();
  };
}

const againMs = 3000;
