import { roundStep } from "../keys";
import type { WorkInput, WorkWall } from "../workInput";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { metresOf } from "./bundles";
import { peelingOf } from "./didTape";
import type { ComingOff } from "./tapePlan";

/** Tape of a round that comes off in a visit of its own, once what is painted up to it can be touched; null where there is none. */
export function peelDry(
  { wall, workTopMm }: WorkWall,
  round: { readonly round: number },
  off: readonly ComingOff[],
  painted: ReadonlyMap<string, Wait>,
  { work, paints }: Pick<WorkInput, "work" | "paints">,
): StepDraft | null {
  const dry = off.filter(({ isDry }) => isDry).map(({ bundle }) => bundle);
  if (dry.length === 0) return null;
  const colours = new Set(dry.flatMap(({ upTo }) => upTo.map(({ paint }) => paint)));
  return {
    id: roundStep(wall.id, "peel", round),
    phase: "unmask",
    verb: "peel",
    wall: wall.id,
    round: round.round,
    does: peelingOf(dry, workTopMm).map((one) => one.did),
    minutes: metresOf(dry) / work.rates.peeling_m_min,
    after: [...painted].flatMap(([colour, { step }]) =>
      colours.has(colour) ? [waitFor(step, "touch-dry", paints.get(colour)!.touchDryMin)] : [],
    ),
    say: said("peel", { wall: wall.id, round: round.round, amount: metresOf(dry) }),
    cautions: [],
    evening: [],
  };
}
