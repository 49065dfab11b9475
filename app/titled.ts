import type { Metadata } from "next";
import { currentStore } from "@/store/currentStore";

interface Params {
  readonly params: Promise<{ jobId: string; wallId?: string }>;
}

/** A page's title: what it is, of which wall, of which job. */
export const titled =
  (page: string) =>
  async ({ params }: Params): Promise<Metadata> => {
    const { jobId, wallId } = await params;
    const job = await (await currentStore()).jobs.read(decodeURIComponent(jobId));
    if (!job) return { title: "Nothing here - Jacaranda" };
    const wall = wallId === undefined ? undefined : nameOfWall(job.document, decodeURIComponent(wallId));
    return { title: [page, wall, job.name, "Jacaranda"].filter(Boolean).join(" - ") };
  };

/** As it is written: a document that does not hold has a title, too. */
function nameOfWall(document: string, id: string): string | undefined {
  try {
    const { walls } = JSON.parse(document) as { walls?: readonly { id?: string; name?: string }[] };
    const wall = walls?.find((own) => own.id === id);
    return wall?.name ?? wall?.id;
  } catch {
    return undefined;
  }
}
