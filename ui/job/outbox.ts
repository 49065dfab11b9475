import { keptBox } from "./keptBox";

/** A change that the data folder has not acknowledged: the whole document, and the version it was made from. */
export interface Unsent {
  readonly jobId: string;
  /** The page that made it; it sends it itself for as long as it lives. */
  readonly page: string;
  readonly name: string;
  readonly version: number;
  /** The document's text, as it is to be sent. */
  readonly text: string;
  /** Texts sent before it whose answer has not come: the data folder may have taken one of them as its newest. */
  readonly sent: readonly string[];
  /** ms since 1970. */
  readonly at: number;
}

const box = keptBox<Unsent>("unsent");
const keyOf = ({ jobId, page }: Pick<Unsent, "jobId" | "page">) => [jobId, page] as const;

/** Changes of this browser that are not acknowledged yet, by job and page. They outlive the page where the browser keeps anything. */
export const outbox = {
  keep: box.keep,
  rescue: box.rescue,
  isLoose: (unsent: Pick<Unsent, "jobId" | "page">): boolean => box.isLoose(keyOf(unsent)),
  /** Takes out what a page kept of a job, unless something newer than `text` is kept there by now. */
  drop: (jobId: string, page: string, text?: string): Promise<void> =>
    box.drop(keyOf({ jobId, page }), (kept) => text === undefined || kept.text === text),
  /** What pages that are gone have left, the latest first: of one job, or of all. */
  async orphans(jobId?: string): Promise<Unsent[]> {
    const living = await livingPages();
    return (await box.all()).filter(
      ({ page, jobId: of }) => !living.has(page) && (jobId === undefined || of === jobId),
    );
  },
};

const lockPrefix = "jacaranda-page-";

/** An open job on a page, by a name of its own. */
export interface OpenPage {
  readonly name: string;
  leave(): void;
}

/** Enters a page: it counts as living until it leaves, or ends in whatever way, since a browser lock goes with it. */
export function enterPage(): OpenPage {
  const name = crypto.randomUUID();
  let leave = () => undefined as void;
  const left = new Promise<void>((resolve) => (leave = resolve));
  void navigator.locks?.request(lockPrefix + name, () => left);
  return { name, leave };
}

async function livingPages(): Promise<Set<string>> {
  const { held = [], pending = [] } = (await navigator.locks?.query()) ?? {};
  return new Set(
    [...held, ...pending].flatMap(({ name }) =>
      name?.startsWith(lockPrefix) ? [name.slice(lockPrefix.length)] : [],
    ),
  );
}
