import { roomMinutes } from "../../trade/constants";
import { did } from "../act";
import { roomStep, wallStep } from "../keys";
import type { WorkWall } from "../workInput";
import { waitFor, waitIfAny, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { thingsOf } from "./thingsOf";

const furnitureAt = (walls: readonly WorkWall[]): number =>
  walls.reduce((sum, { wall }) => sum + thingsOf(wall, "furniture").length, 0);

const heavy = (pieces: number) => (pieces > 0 ? [said("care-heavy", {})] : []);

/** Nothing is opened before the floor is covered; things on a table have none. */
export const floorCovered: Wait = waitIfAny(roomStep("cover"));

const room = ["room"];

/** Those that stand: a thing on a table needs no room cleared. */
const standing = (walls: readonly WorkWall[]) => walls.filter(({ wall }) => !wall.object);

/** The room cleared and its floor covered; nothing where there are only things on a table. */
export function protectRoom(all: readonly WorkWall[]): StepDraft[] {
  const walls = standing(all);
  if (walls.length === 0) return [];
  const furniture = furnitureAt(walls);
  const metres = metresOfWall(walls);
  return [
    {
      id: roomStep("clear"),
      phase: "protect",
      verb: "clear",
      does: [did("clear", "room", room)],
      ...(furniture > 0 && { sharedByTwo: true }),
      minutes: roomMinutes.clearing + furniture * roomMinutes.movingOne,
      after: [],
      say: said("clear", { amount: furniture }),
      cautions: heavy(furniture),
      evening: [said("ready-moves", {})],
    },
    {
      id: floorCovered.step,
      phase: "protect",
      verb: "cover",
      does: [did("cover", "room", room, { tools: ["dust-sheet"] })],
      sharedByTwo: true,
      minutes: metres * roomMinutes.coveringPerM,
      after: [waitFor(roomStep("clear"))],
      say: said("cover", { amount: metres }),
      cautions: [],
      evening: [],
    },
  ];
}

/** Along the floor, m. */
export const metresOfWall = (walls: readonly WorkWall[]): number =>
  standing(walls).reduce((sum, { wall }) => sum + wall.width / 1000, 0);

/** Sheets up and furniture back, after all else. */
export function putBack(all: readonly WorkWall[], before: readonly StepDraft[]): StepDraft[] {
  const walls = standing(all);
  if (walls.length === 0) return [];
  const furniture = furnitureAt(walls);
  const back: StepDraft = {
    id: roomStep("furniture-back"),
    phase: "finish",
    verb: "furniture-back",
    does: [did("put-back", "room", room)],
    // Nobody comes again for the sheets alone.
    ...(furniture > 0 && { sharedByTwo: true }),
    minutes: roomMinutes.uncovering + furniture * roomMinutes.movingOne,
    after: [
      ...walls.map(({ wall }) => waitIfAny(wallStep(wall.id, "plates-back"))),
      ...before.map(({ id }) => waitFor(id)),
    ],
    say: said("furniture-back", {}),
    cautions: heavy(furniture),
    evening: [],
  };
  return [back];
}
