import { roomMinutes } from "../../trade/constants";
import { did } from "../act";
import { levelLine, wallStep, wholeStep } from "../keys";
import { objectMinutes } from "../objects/care";
import type { WorkMarking, WorkInput, WorkWall } from "../workInput";
import { unmaskedAround } from "./besideBases";
import { curedUnder } from "../curedUnder";
import { waitFor, waitIfAny, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { groundReady } from "./groundReady";

/** Marks go on what is dry: the washed and mended wall, its new base, or the colour `onTop` that all of it is rolled in. */
export function markWall(
  on: WorkWall,
  { work, paints }: WorkInput,
  onTop: readonly Wait[] = [],
): StepDraft[] {
  const { wall, marking } = on;
  const { marks, isLevelled, chips } = marking;
  if (marks.length === 0) return [];
  const base = paints.get(wall.base)!;
  const based = waitIfAny(wholeStep(wall.id, "base", base.coats), "recoat", base.recoatMin);
  const id = wallStep(wall.id, "mark");
  const shared = { phase: "set-out", wall: wall.id, cautions: [] } as const;
  const heightMm = on.workTopMm;
  const strings = stringsOf(marking);
  const mark: StepDraft = {
    ...shared,
    id,
    verb: "mark",
    sharedByTwo: true,
    does: [
      ...(isLevelled && !wall.object
        ? [did("strike", "line", [levelLine(wall.id)], { tools: ["tool-level"], heightMm })]
        : []),
      did("mark", "mark", marks, {
        tools: ["tool-measure", ...(strings.length > 0 ? ["tool-pin"] : [])],
        heightMm,
      }),
    ],
    minutes:
      (wall.object ? objectMinutes.squaring : isLevelled ? roomMinutes.levelLine : 0) +
      marks.length * work.rates.marking_min +
      drawingMinutes(marking),
    after: [
      ...groundReady(wall),
      isOfPaperAlone(marking) ? curedUnder(based) : based,
      waitIfAny(wallStep(wall.id, "peel-base")),
      ...unmaskedAround(on, paints),
      ...onTop,
    ],
    say: said("mark", {
      wall: wall.id,
      amount: marks.length,
      isLevelled,
      arcs: strings.length,
      object: wall.object?.kind ?? null,
    }),
    evening: [],
  };
  const showColours: StepDraft = {
    ...shared,
    id: wallStep(wall.id, "chips"),
    verb: "chips",
    does: [did("look", "wall", [wall.id], { heightMm })],
    minutes: roomMinutes.chips + chips * roomMinutes.eachChip,
    after: [waitFor(id)],
    say: said("chips", { wall: wall.id, amount: chips }),
    evening: [said("ready-chips", {})],
  };
  return chips > 0 ? [mark, showColours] : [mark];
}

/** Seams are struck when one comes to hang; beside other marks they are struck with those. */
export const isOfPaperAlone = ({ marks, hidden }: WorkMarking): boolean =>
  marks.every((id) => hidden.has(id));

const stringsOf = ({ arcs }: WorkMarking): number[] => [...new Set(arcs.map(({ radius }) => radius))];

/** Each string is set once; its arcs are led the more slowly the longer it is. */
const drawingMinutes = (marking: WorkMarking): number =>
  stringsOf(marking).length * roomMinutes.settingString +
  marking.arcs.reduce(
    (sum, { radius, length }) =>
      sum + (length / 1000) * (roomMinutes.arcPerM + (radius / 1000) * roomMinutes.arcPerMOfString),
    0,
  );
