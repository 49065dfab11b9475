import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { csvOf } from "./csv";

/** What finishes bring to be read off, one table under the other; of one wall, if one is given. */
export function tablesCsv(job: Job, { tables = [] }: Plan, wall?: string): string {
  const names = new Map(job.walls.map(({ id, name }) => [id, name ?? id]));
  return tables
    .filter((table) => wall === undefined || table.wall === undefined || table.wall === wall)
    .map(({ title, columns, cells, wall: on }) => {
      const place = on === undefined ? "" : `, ${names.get(on)!}`;
      return (
        csvOf([`${title}${place}`], []) +
        csvOf(
          columns.map(({ label }) => label),
          cells,
        )
      );
    })
    .join("\r\n");
}
