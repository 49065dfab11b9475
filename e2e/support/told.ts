import type { Page } from "@playwright/test";
import type { Plan } from "../../core/plan/planTypes";

/** Now, by the clock here, with its offset left out: what plans reckon in. */
const nowText = () =>
  new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 16);

/** The plan of a job as the program has it: from now on, or as it was before anything was told. */
export const planOf = async (page: Page, id: string, isNow = true): Promise<Plan> =>
  (await (await page.request.get(`/api/jobs/${id}/plan${isNow ? `?now=${nowText()}` : ""}`)).json()) as Plan;

interface Told {
  readonly kind: string;
  readonly agreed?: readonly object[];
}

/** What has arrived of a job's journal, in its order. */
export async function toldOf(page: Page, id: string): Promise<Told[]> {
  const body = (await (await page.request.get(`/api/jobs/${id}/journal`)).json()) as {
    entries: { entry: Told }[];
  };
  return body.entries.map(({ entry }) => entry);
}

export const kindsOf = async (page: Page, id: string): Promise<string[]> =>
  (await toldOf(page, id)).map(({ kind }) => kind);
