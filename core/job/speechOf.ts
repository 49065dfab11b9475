import type { Speech } from "../findings/speech";
import { formatArea, formatError, formatLength, formatVolume } from "../measure/formatLength";
import type { Job } from "./schema";

/** Speaks lengths, volumes and paints the way the job's own people would. */
export function speechOf(job: Job): Speech {
  const names = new Map(job.paints.map((paint) => [paint.id, paint.name]));
  return {
    length: (mm) => formatLength(mm, job.units),
    error: (mm) => formatError(mm, job.units),
    area: (m2) => formatArea(m2, job.units),
    volume: (ml) => formatVolume(ml, job.units),
    paint: (id) => names.get(id) ?? id,
  };
}
