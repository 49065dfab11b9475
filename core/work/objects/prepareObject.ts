import type { WorkWall } from "../site";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";
import { careOf, clothDryMin, objectMinutes } from "./care";

/** Washed where it is cloth and laid flat on its backing. */
export function layObject({ wall }: WorkWall): StepDraft[] {
  const { kind, prepared, backing } = wall.object!;
  const { hasGlass, isIroned } = careOf[kind];
  const id = (name: string) => `${wall.id}/${name}`;
  const shared = { phase: "prepare", wall: wall.id } as const;
  const wash: StepDraft = {
    ...shared,
    id: id("wash-cloth"),
    verb: "wash-cloth",
    minutes: objectMinutes.washing,
    after: [],
    say: said("wash-cloth", { wall: wall.id }),
    cautions: [],
    evening: [],
  };
  const lay: StepDraft = {
    ...shared,
    id: id("lay-flat"),
    verb: "lay-flat",
    minutes: objectMinutes.laying,
    after: [waitFor(wash.id, "drying", clothDryMin)],
    say: said("lay-flat", { wall: wall.id, kind, backing: backing ?? null }),
    cautions: [...(hasGlass ? [said("care-glass", {})] : []), ...(isIroned ? [said("care-iron", {})] : [])],
    evening: [said("ready-object", {}), ...(isIroned ? [said("ready-cloth", {})] : [])],
  };
  return careOf[kind].before === "wash" && !prepared ? [wash, lay] : [lay];
}

/** Its shine rubbed off, so that paint holds; only after `tests` for what that would set free. */
export function keyObject({ wall, surfaceM2 }: WorkWall, tests: readonly string[]): StepDraft[] {
  const { kind, prepared } = wall.object!;
  if (careOf[kind].before !== "key" || prepared) return [];
  return [
    {
      id: `${wall.id}/key-object`,
      phase: "prepare",
      verb: "key-object",
      wall: wall.id,
      minutes: objectMinutes.keying + surfaceM2 * objectMinutes.keyingPerM2,
      after: [waitFor(`${wall.id}/lay-flat`), ...tests.map((test) => waitFor(test))],
      say: said("key-object", { wall: wall.id, kind, amount: surfaceM2 }),
      cautions: [said("care-dust", {}), ...(tests.length > 0 ? [] : [said("care-lead", {})])],
      evening: [],
    },
  ];
}
