import { preparationFor } from "../findings/preparation";
import type { Paint } from "../paint/schema";
import { isCaulk } from "../tape/sealEdge";
import { mineralMaterials, reachMm } from "../trade/constants";
import type { Step } from "./step";
import type { WorkWall } from "./workSite";

const sayings = {
  circuit:
    "Switch the circuit off and test that it is dead before a plate comes off. Anything more is an electrician's.",
  heavy: "Two people to a heavy piece.",
  lead: "Old paint may hold lead: test it before it is rubbed or scraped. Where it does, certified people remove it.",
  dust: "Wear a dust mask while sanding.",
  steps:
    "On steps or a trestle: level, three points of contact, no reaching over. A stairwell needs proper access.",
  knife: "Cut tape away from yourself.",
  air: "Air the room while the sealer dries, and no flames; its label tells the rest.",
  lime: "Lime burns eyes and skin: goggles, gloves and sleeves. Rinse at length; for eyes, see a doctor.",
  dry: "Keep children and pets out until it is dry. What the tin's label says about skin and air goes first.",
  drain:
    "Nothing goes down the drain: wipe out first, let the rinsing water settle, and hand in what is left.",
} as const;

/** What to take care of at a step; labels, local rules and licensed people have the last word. */
export function cautionsAt(step: Step, wall: WorkWall | undefined, paint: Paint | undefined): string[] {
  const isHigh = wall !== undefined && highestOf(wall) > reachMm;
  const steps = isHigh ? [sayings.steps] : [];
  switch (step.kind) {
    case "clear":
    case "furniture-back":
      return step.amount ? [sayings.heavy] : [];
    case "plates-off":
    case "plates-back":
      return wall!.wall.fixtures.some(({ kind }) => kind === "plate") ? [sayings.circuit] : [];
    case "prepare":
    case "sand": {
      const { caution } = preparationFor[step.condition!];
      return [...(caution === undefined ? [] : [caution]), ...steps];
    }
    case "wash-wall":
      return [sayings.lead, ...steps];
    case "prime":
    case "base":
    case "paint":
      return [...(isLime(paint) ? [sayings.lime] : []), ...sealers(step), sayings.dry, ...steps];
    case "tape":
      return [sayings.knife, ...steps];
    case "seal":
      return [...sealers(step), ...steps];
    case "touch-up":
    case "mark":
    case "peel":
    case "rub-out":
      return steps;
    case "wash-tools":
      return [sayings.drain];
    case "cover":
      return [];
    default:
      return step.kind satisfies never;
  }
}

const sealers = ({ seals = [] }: Step): string[] => (seals.some(isCaulk) ? [sayings.air] : []);

const isLime = (paint: Paint | undefined): boolean =>
  paint !== undefined && mineralMaterials.includes(paint.material);

/** The top of a wall over its floor, mm. */
function highestOf({ wall }: WorkWall): number {
  if (wall.survey) return Math.max(...wall.survey.stations.map(({ down, up }) => down + up));
  return wall.height ?? 0;
}
