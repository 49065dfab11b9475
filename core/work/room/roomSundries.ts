import { brushUpToM2, smallRollerUpToM2 } from "../../trade/constants";
import type { SundryUse } from "../contribution";
import type { WorkSite, WorkWall } from "../site";
import type { StepDraft } from "../step";
import { careOf } from "../objects/care";
import { metresOfWall } from "./protectRoom";
import { isSanded } from "./prepareWall";
import { thingsOf } from "./thingsOf";
import { isRolled } from "./washTools";

/** What covering, masking, washing, mending, brushing and rolling use up, whatever is painted. */
export function roomSundries({ walls }: WorkSite, steps: readonly StepDraft[]): SundryUse[] {
  const worked = steps.length === 0 ? [] : walls.filter(({ isWorkedOn }) => isWorkedOn);
  const sanded = worked.reduce((sum, { wall }) => sum + wall.conditions.filter(isSanded).length, 0);
  const washed = worked.filter(({ isBareWood, wall }) => !isBareWood && !wall.object);
  const keyed = worked.filter(({ wall }) => steps.some(({ id }) => id === `${wall.id}/key-object`)).length;
  const once = sanded + keyed > 0 ? 1 : 0;
  return [
    ...toolsOf(steps),
    { item: "dust-sheet", amount: metresOfWall(worked) },
    { item: "film", amount: maskedM2(walls) },
    { item: "filler", amount: sanded, count: sanded > 0 ? 1 : 0 },
    { item: "paper", amount: sanded + keyed },
    { item: "dust-mask", amount: sanded + keyed, count: once },
    { item: "card", amount: cardM2Under(worked) },
    {
      item: "sugar-soap",
      amount: washed.reduce((sum, { surfaceM2 }) => sum + surfaceM2, 0),
      count: washed.length > 0 ? 1 : 0,
    },
  ];
}

/** A brush and a roller a colour, the roller by the largest area that is rolled at once; the smallest are brushed. */
function toolsOf(steps: readonly StepDraft[]): SundryUse[] {
  const largest = new Map<string, number>();
  for (const { colour, coatsM2 } of steps) {
    if (colour !== undefined && coatsM2 !== undefined)
      largest.set(colour, Math.max(largest.get(colour) ?? 0, coatsM2));
  }
  const areas = [...largest.values()];
  // What is printed has brushes of its own.
  const wetted = steps.flatMap(({ brushedWith = [], prints }) => (prints ? [] : brushedWith));
  const brushed = new Set([...largest.keys(), ...wetted]);
  return [
    { item: "brush", amount: brushed.size },
    {
      item: "roller-100",
      amount: areas.filter((area) => area > brushUpToM2 && area <= smallRollerUpToM2).length,
    },
    { item: "roller-230", amount: areas.filter((area) => area > smallRollerUpToM2).length },
    { item: "liner", amount: linersFor(steps) },
  ];
}

/** Openings, radiators and pipes of the walls that are painted, which film keeps clean. */
function maskedM2(walls: readonly WorkWall[]): number {
  return walls.reduce((sum, { wall }) => {
    const masked = thingsOf(wall, "radiator", "pipe");
    return [...wall.openings, ...masked].reduce(
      (area, { width, height }) => area + (width * height) / 1e6,
      sum,
    );
  }, 0);
}

/** One for each time that a roller is washed out of a tray. */
const linersFor = (steps: readonly StepDraft[]): number =>
  steps.filter(
    ({ phase, colour, after }) =>
      phase === "clean" &&
      colour !== undefined &&
      steps.some((step) => isRolled(step) && after.some((wait) => wait?.step === step.id)),
  ).length;

/** What lies under things that paint goes through, where nothing else is to. */
const cardM2Under = (walls: readonly WorkWall[]): number =>
  walls.reduce(
    (sum, { wall, surfaceM2 }) => sum + (wall.object?.backing === undefined && isThin(wall) ? surfaceM2 : 0),
    0,
  );

const isThin = ({ object }: WorkWall["wall"]): boolean => object !== undefined && careOf[object.kind].isThin;
