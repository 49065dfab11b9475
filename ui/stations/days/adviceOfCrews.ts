import type { ComparedCrew } from "@/core/job/compareCrews";
import { formatDuration } from "@/core/measure/formatLength";

/** From how many hands on nothing is gained any more, in words. */
export function adviceOfCrews(rows: readonly ComparedCrew[]): string {
  const [alone] = rows;
  const least = Math.min(...rows.map(({ lastDay }) => lastDay));
  const enough = rows.find(({ lastDay }) => lastDay === least)!;
  if (enough === alone) return "More hands save no day here: what dries decides.";
  return `${enough.crew} pairs of hands end on day ${least}, one on day ${alone!.lastDay}, for ${formatDuration(Math.max(0, enough.minutes - alone!.minutes))} more of setting up and closing; more hands than that save no day.`;
}
