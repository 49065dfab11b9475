import { brushUpToM2, smallRollerUpToM2, stepsAboveMm, towerAboveMm } from "../trade/constants";
import type { Texture } from "../trade/constants";
import type { Did } from "./act";
import type { SundryUse } from "./contribution";
import { toolItems, type ToolItem } from "./toolKinds";
import type { WorkInput } from "./workInput";
import type { StepDraft } from "./step";

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
