import { format } from "date-fns";
import type { TileFigures } from "@/formats/jobTile";
import { isFresh, refreshTiles } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";
import { HomeScreen } from "@/ui/home/HomeScreen";
import { jobOnHome, type ListedJob } from "@/ui/home/jobOnHome";

/** The list of jobs as it was worked out at their last saves: nothing is planned here. */
export default async function HomePage() {
  const tiles = await (await currentStore()).jobs.tiles();
  refreshTiles(tiles.filter(({ deletedAt }) => deletedAt === null));
  const today = format(new Date(), "yyyy-MM-dd");
  const listed = tiles.map((tile): ListedJob => ({
    id: tile.id,
    name: tile.name,
    changed: tile.updatedAt,
    figures: tile.figures === null ? null : (JSON.parse(tile.figures) as TileFigures),
    isFresh: isFresh(tile),
    picture: tile.tileVersion === null ? null : `/picture/${encodeURIComponent(tile.id)}/${tile.tileVersion}`,
    standing: tile.deletedAt ? "deleted" : tile.putAwayAt ? "put-away" : "current",
  }));
  return <HomeScreen jobs={listed.map((job) => jobOnHome(job, today))} />;
}
