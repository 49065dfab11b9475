import { did } from "../act";
import { wallStep } from "../keys";
import type { WorkWall } from "../workInput";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";
import { careOf, clothDryMin, objectMinutes } from "./care";

/** Washed where it is cloth and laid flat on its backing. */
export function layObject({ wall }: WorkWall): StepDraft[] {
  const { kind, prepared, backing } = wall.object!;
  const { hasGlass, isIroned } = careOf[kind];
  const shared = { phase: "prepare", wall: wall.id } as const;
  const wash: StepDraft = {
    ...shared,
    id: wallStep(wall.id, "wash-cloth"),
    verb: "wash-cloth",
    does: [did("wash", "wall", [wall.id])],
    minutes: objectMinutes.washing,
    after: [],
    say: said("wash-cloth", { wall: wall.id }),
    cautions: [],
    evening: [],
  };
  const isWashed = careOf[kind].before === "wash" && !prepared;
  const lay: StepDraft = {
    ...shared,
    id: wallStep(wall.id, "lay-flat"),
    verb: "lay-flat",
    does: [did("lay", "wall", [wall.id], { tools: isThinlyBacked(wall) ? ["card"] : [] })],
    minutes: objectMinutes.laying,
    after: isWashed ? [waitFor(wash.id, "drying", clothDryMin)] : [],
    say: said("lay-flat", { wall: wall.id, kind, backing: backing ?? null }),
    cautions: [...(hasGlass ? [said("care-glass", {})] : []), ...(isIroned ? [said("care-iron", {})] : [])],
    evening: [said("ready-object", {}), ...(isIroned ? [said("ready-cloth", {})] : [])],
  };
  return isWashed ? [wash, lay] : [lay];
}

/** Whether card lies under it, which paint goes through. */
export const isThinlyBacked = ({ object }: WorkWall["wall"]): boolean =>
  object !== undefined && object.backing === undefined && careOf[object.kind].isThin;

/** Its shine rubbed off, so that paint holds; only after `tests` for what that would set free. */
export function keyObject({ wall, surfaceM2 }: WorkWall, tests: readonly string[]): StepDraft[] {
  const { kind, prepared } = wall.object!;
  if (careOf[kind].before !== "key" || prepared) return [];
  return [
    {
      id: wallStep(wall.id, "key-object"),
      phase: "prepare",
      verb: "key-object",
      does: [
        did("dull", "wall", [wall.id], { tools: ["paper", "dust-mask"] }),
        did("dust", "wall", [wall.id]),
      ],
      wall: wall.id,
      minutes: objectMinutes.keying + surfaceM2 * objectMinutes.keyingPerM2,
      after: [waitFor(wallStep(wall.id, "lay-flat")), ...tests.map((test) => waitFor(test))],
      say: said("key-object", { wall: wall.id, kind, amount: surfaceM2 }),
      cautions: [said("care-dust", {}), ...(tests.length > 0 ? [] : [said("care-lead", {})])],
      evening: [],
    },
  ];
}
