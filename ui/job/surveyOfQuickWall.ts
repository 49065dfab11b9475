import type { WallDocument } from "./jobDocument";
import { mmOf } from "./writtenLength";

type Place = readonly [number | string, number | string];

/**
 * A quick wall in the words of a survey, for the painter to write the true readings over: the level line stands `down`
 * mm above the floor (halfway up a low wall), and all that is on the wall is read from it.
 */
export function surveyOfQuickWall({ width, height, ...wall }: WallDocument, down: number): WallDocument {
  const [wide, high] = [mmOf(width), mmOf(height)];
  const level = Math.min(down, high / 2);
  const lowered = <Thing extends { y: number | string }>(things: readonly Thing[] | undefined) =>
    things?.map((thing) => ({ ...thing, y: mmOf(thing.y) - level }));
  const loweredAt = ([x, y]: Place): [number | string, number] => [x, mmOf(y) - level];
  return {
    ...wall,
    survey: { stations: [0, wide].map((x) => ({ x, down: level, up: high - level })) },
    openings: lowered(wall.openings),
    fixtures: lowered(wall.fixtures),
    conditions: wall.conditions?.map((noted) => (noted.at ? { ...noted, at: loweredAt(noted.at) } : noted)),
    flatness: wall.flatness?.map((read) => ({ ...read, at: loweredAt(read.at) })),
    ...(wall.judgeAt !== undefined && { judgeAt: mmOf(wall.judgeAt) - level }),
  };
}
