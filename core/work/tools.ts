import { brushUpToM2, smallRollerUpToM2, stepsAboveMm, towerAboveMm } from "../trade/constants";
import type { Texture } from "../trade/constants";
import type { Did } from "./act";
import type { SundryKind, SundryUse } from "./contribution";
import type { WorkInput } from "./workInput";
import type { StepDraft } from "./step";

const kind = (metric: string, imperial: string, why: SundryKind["why"]): SundryKind => ({
  name: { metric, imperial },
  serves: 1,
  why,
});
const pile = (metric: string, imperial: string, why: SundryKind["why"]): SundryKind => ({
  ...kind(metric, imperial, why),
  leavesLook: true,
});

/** Tools that most painters own, with their sizes and what each is for, in the order in which they are laid out. */
export const toolKinds = {
  "tool-steps": kind("Steps with three treads or more", "Steps with three treads or more", "why-steps"),
  "tool-tower": kind("Tower with wheels and rails, hired", "Tower with wheels and rails, hired", "why-tower"),
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
  "tool-pile-short": pile("Short pile, 6 mm", 'Short pile, 1/4"', "why-pile-short"),
  "tool-pile-medium": pile("Medium pile, 10 mm", 'Medium pile, 3/8"', "why-pile-medium"),
  "tool-pile-long": pile("Long pile, 18 mm", 'Long pile, 3/4"', "why-pile-long"),
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

/** What of a paint is rolled and brushed, m2: the most at once, and all of it with what of that is in narrow pieces. */
interface Rolling {
  most: number;
  all: number;
  narrow: number;
  brushed: number;
  isTight: boolean;
}

/**
 * The steps with what brush, roller and steps each of them takes: a colour has one roller, by the largest area that is rolled
 * at once in it and by what most of its pieces let in, and the smallest are brushed; its pile is the wall's.
 */
export function equip(steps: readonly StepDraft[], { walls }: WorkInput): StepDraft[] {
  const rollings = new Map<string, Rolling>();
  for (const one of steps.flatMap(({ does }) => does)) {
    const { with: paint, rolledM2 = 0, narrowM2 = 0, brushedM2 = 0, isTight = false } = one;
    if (paint === undefined || one.rolledM2 === undefined) continue;
    const of = rollings.get(paint) ?? { most: 0, all: 0, narrow: 0, brushed: 0, isTight: false };
    rollings.set(paint, {
      most: Math.max(of.most, rolledM2),
      all: of.all + rolledM2,
      narrow: of.narrow + narrowM2,
      brushed: of.brushed + brushedM2,
      isTight: of.isTight || isTight,
    });
  }
  const textureOf = new Map(walls.map(({ wall }) => [wall.id, wall.texture]));
  return steps.map((step) => ({
    ...step,
    does: step.does.map((one) => {
      const texture = textureOf.get(one.wall ?? step.wall ?? "");
      const more = [...rollingTools(one, rollings, texture), ...stepsFor(one)];
      return more.length === 0 ? one : { ...one, tools: [...new Set([...(one.tools ?? []), ...more])] };
    }),
  }));
}

const stepsFor = ({ heightMm = 0 }: Did): ToolItem[] =>
  heightMm > towerAboveMm ? ["tool-tower"] : heightMm > stepsAboveMm ? ["tool-steps"] : [];

function rollingTools(
  { with: paint, rolledM2, heightMm = 0, act }: Did,
  rollings: ReadonlyMap<string, Rolling>,
  texture: Texture = "smooth",
): string[] {
  if (paint === undefined) return [];
  if (rolledM2 === undefined) return act === "seal" ? ["brush"] : [];
  const { most, all, narrow, brushed, isTight } = rollings.get(paint)!;
  if (most <= brushUpToM2 || brushed > all / 2) return [isTight ? "brush-sash" : "brush"];
  const size = most <= smallRollerUpToM2 || narrow > all / 2 ? "100" : "230";
  const isOnPole = size === "230" && heightMm > stepsAboveMm;
  const roller = [`roller-${size}`, `tool-frame-${size}`, pileOf[texture], "liner"];
  return ["brush", ...(isTight ? ["brush-sash"] : []), ...roller, ...(isOnPole ? ["tool-pole"] : [])];
}

/** The tools that the planned work asks for, in the order of their kinds. */
export function toolsFor(steps: readonly StepDraft[]): ToolItem[] {
  const wanted = new Set(steps.flatMap(({ does }) => does.flatMap(({ tools = [] }) => tools)));
  return toolItems.filter((item) => wanted.has(item));
}

/** Those of them that are not owned are bought; a pile comes with its sleeve. */
export const toolsToBuy = (tools: readonly ToolItem[], notOwned: readonly ToolItem[]): SundryUse[] =>
  tools
    .filter((item) => notOwned.includes(item) && !item.startsWith("tool-pile"))
    .map((item) => ({ item, amount: 1, count: 1 }));
