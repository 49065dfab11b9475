import { lowerFirst } from "../findings/capital";
import { speak } from "../findings/said";
import type { Speech } from "../findings/speech";
import { finishOf } from "../finishes/registry";
import {
  formatArea,
  formatDegrees,
  formatDuration,
  formatError,
  formatLength,
  formatRun,
  formatTemperature,
  formatVolume,
} from "../measure/formatLength";
import type { Job } from "./schema";
import { allWords } from "./words";

/** What a job is spoken of in: its units, money, and names. */
export interface Spoken extends Pick<Job, "units" | "volumes" | "currency"> {
  readonly paints: readonly Pick<Job["paints"][number], "id" | "name">[];
  readonly walls: readonly Pick<Job["walls"][number], "id" | "name">[];
  readonly sets?: readonly Pick<Job["sets"][number], "id" | "name">[];
  readonly runs?: readonly Pick<Job["runs"][number], "id" | "name">[];
  readonly finishes?: readonly Pick<Job["finishes"][number], "id" | "kind" | "on">[];
  readonly stays?: readonly Pick<Job["stays"][number], "id" | "name">[];
}

/** Speaks lengths, volumes and paints the way the job's own people would. */
export function speechOf(job: Spoken): Speech {
  const names = new Map([...(job.stays ?? []), ...job.paints].map(({ id, name }) => [id, name ?? id]));
  const sets = new Map(job.sets?.map(({ id, name }) => [id, name ?? id]));
  const walls = new Map(job.walls.map((wall) => [wall.id, wall.name ?? wall.id]));
  const places = new Map([...walls, ...(job.runs ?? []).map(({ id, name }) => [id, name ?? id] as const)]);
  const finishes = new Map(
    job.finishes?.map(({ id, kind, on }) => [
      id,
      `${lowerFirst(finishOf(kind).title)} on ${places.get(on) ?? on}`,
    ]),
  );
  const speech: Speech = {
    length: (mm) => formatLength(mm, job.units),
    error: (mm) => formatError(mm, job.units),
    area: (m2) => formatArea(m2, job.units),
    volume: (ml) => formatVolume(ml, job.volumes),
    run: (m) => formatRun(m, job.units),
    wall: (id) => walls.get(id) ?? id,
    finish: (id) => finishes.get(id) ?? id,
    temperature: (celsius) => formatTemperature(celsius, job.volumes),
    degrees: (celsius) => formatDegrees(celsius, job.volumes),
    money: (amount) => `${amount.toFixed(2)} ${job.currency}`,
    paint: (id) => names.get(id) ?? id,
    set: (id) => sets.get(id) ?? id,
    duration: formatDuration,
    say: (said) => speak(said, allWords, speech),
  };
  return speech;
}
