/** What open pages of this browser tell each other of journals, with a connection to the program or without. */
export type News =
  | { readonly kind: "told"; readonly job: string; readonly lines: readonly string[] }
  | { readonly kind: "accepted"; readonly job: string; readonly ids: readonly string[] }
  | { readonly kind: "refused"; readonly job: string; readonly id: string; readonly why: string };

type Listener = (news: News) => void;

const listeners = new Set<Listener>();
let channel: BroadcastChannel | null = null;

/** Tells all open pages, this one too. */
export function spread(news: News): void {
  listen();
  channel?.postMessage(news);
  for (const listener of listeners) listener(news);
}

/** Hears all of them; answers how to end it. */
export function hearNews(listener: Listener): () => void {
  listen();
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function listen(): void {
  if (channel || typeof BroadcastChannel === "undefined") return;
  channel = new BroadcastChannel("jacaranda-journal");
  channel.onmessage = ({ data }: MessageEvent<News>) => listeners.forEach((listener) => listener(data));
}
