import { roomMinutes } from "../../trade/constants";
import { cautionsOnSteps } from "../cautions";
import type { WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";
import { groundReady } from "./groundReady";

/** Marks go on what is dry: the washed and mended wall, or its new base. */
export function markWall(on: WorkWall, { work, paints }: WorkSite): StepDraft[] {
  const { wall, marks } = on;
  if (marks === 0) return [];
  const base = paints.get(wall.base)!;
  return [
    {
      id: `${wall.id}/mark`,
      phase: "set-out",
      verb: "mark",
      wall: wall.id,
      sharedByTwo: true,
      minutes: roomMinutes.levelLine + marks * work.rates.marking_min,
      after: [
        ...groundReady(wall),
        waitFor(`${wall.id}/base-${base.coats}`, "recoat", base.recoatMin),
        waitFor(`${wall.id}/peel-base`),
      ],
      say: said("mark", { wall: wall.id, amount: marks }),
      cautions: cautionsOnSteps(on),
      evening: [said("ready-setting-out", {})],
    },
  ];
}
