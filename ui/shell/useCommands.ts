"use client";

import { useRouter } from "next/navigation";
import { useJob, useJobState, useJobStore } from "@/ui/job/JobProvider";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { useContrast } from "@/ui/parts/useContrast";
import { stations } from "@/ui/stations/registry";
import { mayLeave } from "./mayLeave";
import { askForTour } from "./TourOnce";

export interface ShellCommand {
  readonly name: string;
  readonly run: () => unknown;
}

/** All that can be gone to or done from anywhere in a job; the wall that is shown comes first. */
export function useCommands(): ShellCommand[] {
  const job = useJob();
  const store = useJobStore();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const router = useRouter();
  const { toggle } = useContrast();
  const go = (name: string, path: string): ShellCommand => ({
    name,
    run: () => mayLeave(store.getState(), path) && router.push(path),
  });
  const inJob = `/jobs/${encodeURIComponent(jobId)}`;
  const walls = [...job.walls].sort((a, b) => Number(b.id === wallId) - Number(a.id === wallId));
  const toWalls = walls.flatMap((wall) =>
    stations.map(({ slug, title }) =>
      go(`${wall.name ?? wall.id}: ${title}`, stationPath(jobId, wall.id, slug)),
    ),
  );
  const sheet = `/print/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId ?? "")}`;
  const other = job.units === "imperial" ? "metric" : "imperial";
  return [
    ...toWalls,
    ...(wallId === null ? [] : [go("Print the setting-out sheet", sheet)]),
    go("Print the shopping list", `/shopping/${encodeURIComponent(jobId)}`),
    go("Add a wall", `${inJob}/add-wall`),
    { name: "Undo", run: () => store.temporal.getState().undo() },
    { name: "Redo", run: () => store.temporal.getState().redo() },
    {
      name: other === "metric" ? "Show millimetres" : "Show feet and inches",
      run: () => store.getState().change((document) => ({ ...document, units: other })),
    },
    { name: "Screen as usual, for a sunlit room, or for the evening", run: toggle },
    { name: "Show the tour", run: askForTour },
    { name: "Export the job file", run: () => window.open(`/api${inJob}/job?download`, "_self") },
    go("All jobs", "/"),
  ];
}
