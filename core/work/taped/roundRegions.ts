import { rolled } from "../../pattern/pattern";
import { isRoundFor, isRoundOn, type Round } from "../../rounds/listPasses";
import type { WorkRegion, WorkWall } from "../workInput";

/** What is rolled on each wall by group and paint, found without looking at every region again. */
export class RoundRegions {
  /** By wall, group and paint, each in the order of the wall's regions. */
  private readonly byWall = new Map<string, Map<number, Map<string, WorkRegion[]>>>();

  constructor(walls: readonly WorkWall[]) {
    for (const { wall, regions } of walls) {
      const groups = new Map<number, Map<string, WorkRegion[]>>();
      this.byWall.set(wall.id, groups);
      for (const region of regions) {
        const { group, colour, technique } = region;
        if (technique !== rolled) continue;
        let colours = groups.get(group);
        if (!colours) groups.set(group, (colours = new Map()));
        const own = colours.get(colour);
        if (own) own.push(region);
        else colours.set(colour, [region]);
      }
    }
  }

  /** What a wall gets of one paint in a round. */
  of = (wall: string, round: Round, paint: string): readonly WorkRegion[] => {
    const all = isRoundOn(round, wall) ? this.byWall.get(wall)?.get(round.group)?.get(paint) : undefined;
    return (round.anew ? all?.filter(({ id }) => isRoundFor(round, id)) : all) ?? [];
  };

  /** The colours of a round on a wall in the order in which they are painted. */
  coloursInTurn = (wall: string, round: Round): string[] =>
    isRoundOn(round, wall)
      ? [...(this.byWall.get(wall)?.get(round.group)?.keys() ?? [])].filter(
          (paint) => round.paints.has(paint) && this.of(wall, round, paint).length > 0,
        )
      : [];

  /** On how many walls a round uses a paint. */
  visits = (round: Round, paint: string): number =>
    [...this.byWall.keys()].filter((wall) => this.of(wall, round, paint).length > 0).length;
}
