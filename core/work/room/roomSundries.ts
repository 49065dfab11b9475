import type { SundryUse } from "../contribution";
import type { WorkInput, WorkWall } from "../workInput";
import type { StepDraft } from "../step";
import { isThinlyBacked } from "../objects/prepareObject";
import { metresOfWall } from "./protectRoom";
import { washableDays } from "../../trade/constants";
import { isSanded, isStripped } from "./mending";
import { isYoungerThan } from "./prepareWall";
import { thingsOf } from "./thingsOf";

/** What covering, masking, washing, mending, brushing and rolling use up, whatever is painted. */
export function roomSundries({ walls }: WorkInput, steps: readonly StepDraft[]): SundryUse[] {
  const worked = steps.length === 0 ? [] : walls.filter(({ isWorkedOn }) => isWorkedOn);
  const sanded = worked.reduce((sum, { wall }) => sum + wall.conditions.filter(isSanded).length, 0);
  const washed = worked.filter(
    ({ isBareWood, wall }) => !isBareWood && !wall.object && !isYoungerThan(wall, washableDays),
  );
  const stripped = worked.reduce(
    (sum, { wall, isBareWood }) => sum + wall.conditions.filter((own) => isStripped(own, isBareWood)).length,
    0,
  );
  const rubbed = sanded + stripped;
  const tried = steps.filter(({ does }) => does.some(({ tools }) => tools?.includes("tape-low-tack"))).length;
  const keyed = steps.filter(({ wall, does }) =>
    does.some(({ act, ids }) => act === "dull" && ids[0] === wall),
  ).length;
  const once = rubbed + keyed > 0 ? 1 : 0;
  return [
    ...toolsOf(steps),
    { item: "dust-sheet", amount: metresOfWall(worked) },
    { item: "film", amount: maskedM2(walls) },
    { item: "filler", amount: sanded, count: sanded > 0 ? 1 : 0 },
    { item: "paper", amount: rubbed + keyed },
    { item: "dust-mask", amount: rubbed + keyed, count: once },
    { item: "tape-low-tack", amount: tried, count: tried > 0 ? 1 : 0 },
    { item: "card", amount: cardM2Under(worked) },
    {
      item: "sugar-soap",
      amount: washed.reduce((sum, { surfaceM2 }) => sum + surfaceM2, 0),
      count: washed.length > 0 ? 1 : 0,
    },
  ];
}

/** A brush and a roller a colour, as its coats ask for them. */
function toolsOf(steps: readonly StepDraft[]): SundryUse[] {
  const does = steps.flatMap((step) => step.does);
  const coloursWith = (item: string): number =>
    new Set(
      does.flatMap(({ with: paint, tools = [] }) =>
        paint !== undefined && tools.includes(item) ? [paint] : [],
      ),
    ).size;
  return [
    ...["brush", "brush-sash", "roller-100", "roller-230"].map((item) => ({
      item,
      amount: coloursWith(item),
    })),
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
function linersFor(steps: readonly StepDraft[]): number {
  const isRolled = new Map(
    steps.map(({ id, does }) => [id, does.some(({ tools = [] }) => tools.includes("liner"))]),
  );
  return steps.filter(
    ({ phase, colour, after }) =>
      phase === "clean" && colour !== undefined && after.some((wait) => wait && isRolled.get(wait.step)),
  ).length;
}

/** What lies under things that paint goes through, where nothing else is to. */
const cardM2Under = (walls: readonly WorkWall[]): number =>
  walls.reduce((sum, { wall, surfaceM2 }) => sum + (isThinlyBacked(wall) ? surfaceM2 : 0), 0);
