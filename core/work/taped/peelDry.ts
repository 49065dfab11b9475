import type { Finding } from "../../findings/finding";
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

/** Tells of tape beside which a colour has long dried when it comes off, and which school fits that. */
export function strandedTape({ wall, peel }: WorkWall, off: readonly ComingOff[]): Finding[] {
  const stranded = off.filter(({ strands }) => strands !== null);
  const isAsked = peel.why === "asked";
  if (stranded.length === 0 || (isAsked && peel.when === "dry")) return [];
  const colours = [...new Set(stranded.flatMap(({ bundle }) => bundle.upTo.map(({ paint }) => paint)))];
  return [
    {
      code: "shared-tape",
      severity: isAsked ? "check" : "note",
      at: null,
      values: { wall: wall.id, colours, why: stranded[0]!.strands!, isAsked },
      ...(isAsked && {
        cure: { kind: "peel-dry", count: 0, path: ["edges"], set: { peel: "dry" } } as const,
      }),
    },
  ];
}
