import { roomMinutes } from "../../trade/constants";
import { cautionsOnSteps } from "../cautions";
import { objectMinutes } from "../objects/care";
import type { WorkMarking, WorkSite, WorkWall } from "../site";
import { unmaskedAround } from "./besideBases";
import { curedUnder } from "../curedUnder";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";
import { groundReady } from "./groundReady";

/** Marks go on what is dry: the washed and mended wall, or its new base. */
export function markWall(on: WorkWall, { work, paints }: WorkSite): StepDraft[] {
  const { wall, marking, isPapered } = on;
  const { marks, isLevelled, chips } = marking;
  if (marks === 0) return [];
  const base = paints.get(wall.base)!;
  const based = waitFor(`${wall.id}/base-${base.coats}`, "recoat", base.recoatMin);
  const id = `${wall.id}/mark`;
  const shared = { phase: "set-out", wall: wall.id, cautions: cautionsOnSteps(on) } as const;
  const mark: StepDraft = {
    ...shared,
    id,
    verb: "mark",
    sharedByTwo: true,
    minutes:
      (wall.object ? objectMinutes.squaring : isLevelled ? roomMinutes.levelLine : 0) +
      marks * work.rates.marking_min +
      drawingMinutes(marking),
    after: [
      ...groundReady(wall),
      isPapered ? curedUnder(based) : based,
      waitFor(`${wall.id}/peel-base`),
      ...unmaskedAround(on, paints),
    ],
    say: said("mark", {
      wall: wall.id,
      amount: marks,
      isLevelled,
      arcs: stringsOf(marking).length,
      object: wall.object?.kind ?? null,
    }),
    evening: wall.object ? [] : [said("ready-setting-out", {})],
  };
  const showColours: StepDraft = {
    ...shared,
    id: `${wall.id}/chips`,
    verb: "chips",
    minutes: roomMinutes.chips + chips * roomMinutes.eachChip,
    after: [waitFor(id)],
    say: said("chips", { wall: wall.id, amount: chips }),
    evening: [said("ready-chips", {})],
  };
  return chips > 0 ? [mark, showColours] : [mark];
}

const stringsOf = ({ arcs }: WorkMarking): number[] => [...new Set(arcs.map(({ radius }) => radius))];

/** Each string is set once; its arcs are led the more slowly the longer it is. */
const drawingMinutes = (marking: WorkMarking): number =>
  stringsOf(marking).length * roomMinutes.settingString +
  marking.arcs.reduce(
    (sum, { radius, length }) =>
      sum + (length / 1000) * (roomMinutes.arcPerM + (radius / 1000) * roomMinutes.arcPerMOfString),
    0,
  );
