import { createStore } from "zustand";
import type * as EntrySender from "@/ui/journal/entrySender";
import { entryBox } from "@/ui/journal/entryBox";
import { outbox, type Unsent } from "./outbox";
import { sendUnsent } from "./sendJob";

/** A change that a page has left unsent, and why it still is. */
export interface Left {
  readonly unsent: Unsent;
  readonly why: "stale" | "gone" | "failed";
}

/** What is left unsent in this browser, and how many changes have been saved from it since this window was opened. */
export const unsentChanges = createStore<{ readonly left: readonly Left[]; readonly saved: number }>(() => ({
  left: [],
  saved: 0,
}));

const retryMs = 2500;
/** The page that was left is just sending its last. */
const firstMs = 400;

/** A job that is open here takes up its own. */
const openJob = (): string | null => {
  const id = /^\/jobs\/([^/]+)/.exec(window.location.pathname)?.[1];
  return id === undefined ? null : decodeURIComponent(id);
};

export async function sendAllUnsent(): Promise<void> {
  const left: Left[] = [];
  let { saved } = unsentChanges.getState();
  for (const unsent of await outbox.orphans()) {
    if (unsent.jobId === openJob()) continue;
    const { kind } = await sendUnsent(unsent);
    if (kind === "saved") {
      await outbox.drop(unsent.jobId, unsent.page).catch(() => undefined);
      saved++;
    } else left.push({ unsent, why: kind });
  }
  unsentChanges.setState({ left, saved });
}

/** Sends what pages have left unsent, from whatever page is open, as soon as the program takes it; answers how to end it. */
export function keepSending(): () => void {
  const sendAll = () => {
    void sendAllUnsent();
    void sendTold();
  };
  // How things are sent comes when there is something to send.
  let told: Promise<typeof EntrySender> | null = null;
  const sendTold = async () => {
    if ((await entryBox.all()).every(({ refused }) => refused !== undefined)) return;
    told ??= import("@/ui/journal/entrySender");
    told.then(
      ({ sendEntries }) => sendEntries(),
      () => (told = null),
    );
  };
  const first = setTimeout(() => void sendAllUnsent(), firstMs);
  const timer = setInterval(sendAll, retryMs);
  const warn = (event: BeforeUnloadEvent) => {
    const isSafe = [outbox.rescue(), entryBox.rescue()].every(Boolean);
    if (!isSafe) event.preventDefault();
  };
  window.addEventListener("beforeunload", warn);
  window.addEventListener("online", sendAll);
  return () => {
    clearTimeout(first);
    clearInterval(timer);
    window.removeEventListener("beforeunload", warn);
    window.removeEventListener("online", sendAll);
  };
}
