import { currentStore } from "@/store/currentStore";
import { NotThere } from "@/ui/shell/NotThere";

export const metadata = { title: "Nothing here - Jacaranda" };

/** An address that leads nowhere: what was looked for, and the jobs that are nearest to it. */
export default async function NotFoundPage() {
  const tiles = await (await currentStore()).jobs.tiles();
  const current = tiles.filter(({ deletedAt }) => deletedAt === null);
  return <NotThere jobs={current.map(({ id, name }) => ({ id, name }))} />;
}
