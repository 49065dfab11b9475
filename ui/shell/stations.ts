/** The stations that work, with their place among the eight of the job. */
export const stations = [
  { number: 1, slug: "measure", title: "Measure" },
  { number: 2, slug: "pattern", title: "Pattern" },
  { number: 4, slug: "buy", title: "Buy" },
  { number: 5, slug: "days", title: "Days" },
  { number: 6, slug: "mark", title: "Mark" },
] as const;

export type StationSlug = (typeof stations)[number]["slug"];

export const stationPath = (jobId: string, wallId: string, slug: StationSlug): string =>
  `/jobs/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}/${slug}`;
