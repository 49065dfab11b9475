import type { SundryKind, SundryUse } from "./contribution";
import { smallRollerUpToM2, stepsAboveMm } from "../trade/constants";
import type { Texture } from "../trade/constants";
import type { WorkSite } from "./site";
import type { StepDraft } from "./step";

const kind = (metric: string, imperial: string, why: SundryKind["why"]): SundryKind => ({
  name: { metric, imperial },
  serves: 1,
  why,
});

/** Tools that most painters own, with their sizes and what each is for, in the order in which they are laid out. */
export const toolKinds = {
  "tool-steps": kind("Steps, three treads or more", "Steps, three treads or more", "why-steps"),
  "tool-lamp": kind("Lamp on a stand", "Lamp on a stand", "why-lamp"),
  "tool-bucket": kind("Bucket and sponge, 10 L", "Bucket and sponge, 2 1/2 gal", "why-bucket"),
  "tool-tester": kind("Screwdriver and voltage tester", "Screwdriver and voltage tester", "why-tester"),
  "tool-filling-knife": kind("Filling knife, 75 mm", 'Filling knife, 3"', "why-filling-knife"),
  "tool-level": kind("Laser, or long level of 1.8 m", "Laser, or long level of 6 ft", "why-level"),
  "tool-measure": kind(
    "Tape measure of 5 m, soft pencil",
    "Tape measure of 16 ft, soft pencil",
    "why-measure",
  ),
  "tool-pin": kind("Pin and string", "Pin and string", "why-pin"),
  "tool-knife": kind("Knife with snap-off blades", "Knife with snap-off blades", "why-knife"),
  "tool-frame-100": kind("Roller frame, 100 mm", 'Roller frame, 4"', "why-frame-100"),
  "tool-frame-230": kind("Roller frame, 230 mm, and tray", 'Roller frame, 9", and tray', "why-frame-230"),
  "tool-pole": kind("Extension pole, 1 to 2 m", "Extension pole, 3 to 6 ft", "why-pole"),
  "tool-pile-short": kind("Short pile, 6 mm", 'Short pile, 1/4"', "why-pile-short"),
  "tool-pile-medium": kind("Medium pile, 10 mm", 'Medium pile, 3/8"', "why-pile-medium"),
  "tool-pile-long": kind("Long pile, 18 mm", 'Long pile, 3/4"', "why-pile-long"),
} as const satisfies Record<string, SundryKind>;

export type ToolItem = keyof typeof toolKinds;
export const toolItems = Object.keys(toolKinds) as ToolItem[];

const pileOf: Record<Texture, ToolItem> = {
  smooth: "tool-pile-short",
  boards: "tool-pile-short",
  light: "tool-pile-medium",
  heavy: "tool-pile-long",
  brick: "tool-pile-long",
};

/** The tools that the planned work asks for, in the order of their kinds. */
export function toolsFor({ walls, laid }: WorkSite, steps: readonly StepDraft[]): ToolItem[] {
  const verbs = new Set(steps.map(({ verb }) => verb));
  const worked = walls.filter(({ isWorkedOn }) => isWorkedOn);
  const areas = steps.flatMap(({ coatsM2 }) => (coatsM2 === undefined ? [] : [coatsM2]));
  const isHigh = worked.some(({ workTopMm }) => workTopMm > stepsAboveMm);
  const isCurved = [...laid.values()].flat(2).some(({ path }) => path.some(({ kind: of }) => of === "arc"));
  const hasPlates = worked.some(({ wall }) => wall.fixtures.some((fixture) => fixture.kind === "plate"));
  const isObject = (id: string | undefined) => walls.some(({ wall }) => wall.id === id && wall.object);
  const wanted: Record<ToolItem, boolean> = {
    "tool-steps": isHigh,
    "tool-lamp": verbs.has("touch-up"),
    "tool-bucket": verbs.has("wash-wall"),
    "tool-tester": hasPlates,
    "tool-filling-knife": verbs.has("sand"),
    "tool-level": steps.some(({ verb, wall }) => verb === "mark" && !isObject(wall)),
    "tool-measure": verbs.has("mark"),
    "tool-pin": isCurved,
    "tool-knife": verbs.has("tape"),
    "tool-frame-100": areas.some((area) => area <= smallRollerUpToM2),
    "tool-frame-230": areas.some((area) => area > smallRollerUpToM2),
    "tool-pole": isHigh && areas.some((area) => area > smallRollerUpToM2),
    "tool-pile-short": false,
    "tool-pile-medium": false,
    "tool-pile-long": false,
  };
  if (areas.length > 0) for (const { wall } of worked) wanted[pileOf[wall.texture]] = true;
  return toolItems.filter((item) => wanted[item]);
}

/** Those of them that are not owned are bought; a pile comes with its sleeve. */
export const toolsToBuy = (tools: readonly ToolItem[], notOwned: readonly ToolItem[]): SundryUse[] =>
  tools
    .filter((item) => notOwned.includes(item) && !item.startsWith("tool-pile"))
    .map((item) => ({ item, amount: 1, count: 1 }));
