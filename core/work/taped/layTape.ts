import type { Said } from "../../findings/speech";
import { isCaulk } from "../../tape/sealEdge";
import { cautionsOfSeals } from "../cautions";
import type { WorkInput } from "../workInput";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import type { TapeBundle } from "./bundleTape";
import { edgeMetresOf, sealsOf, tapingMinutes } from "./bundles";
import { layingOf, sealingOf } from "./didTape";

/** Tape to be laid in one go. */
interface Laying {
  readonly wall: string;
  readonly round: number;
  readonly coat?: number;
  readonly ids: { readonly tape: string; readonly seal: string };
  readonly tape: readonly TapeBundle[];
  readonly after: readonly (Wait | null)[];
  readonly say: Said;
  readonly heightMm: number;
}

/** Tape laid, and then sealed with colours, which dry; a sealer goes on last, just before the paint that is laid into it. */
export function layTape(
  { wall, round, coat, ids, tape, after, say, heightMm }: Laying,
  { work: { rates }, tapes }: Pick<WorkInput, "work" | "tapes">,
): StepDraft[] {
  const shared = {
    phase: "mask",
    wall,
    round,
    ...(coat !== undefined && { coat }),
    sharedByTwo: true,
  } as const;
  const laid: StepDraft = {
    ...shared,
    id: ids.tape,
    verb: "tape",
    does: layingOf(tape, tapes, heightMm),
    minutes: tapingMinutes(tape, rates),
    after,
    say,
    cautions: [],
    evening: [],
  };
  const sealed = tape.filter(({ sealWith }) => sealWith !== "press" && !isCaulk(sealWith));
  if (sealed.length === 0) return [laid];
  const [seals, amount] = [sealsOf(sealed), edgeMetresOf(sealed)];
  const seal: StepDraft = {
    ...shared,
    id: ids.seal,
    verb: "seal",
    does: sealingOf(sealed, heightMm).map((one) => one.did),
    minutes: amount / rates.sealing_m_min,
    after: [waitFor(ids.tape)],
    say: said("seal", { wall, amount, seals }),
    cautions: cautionsOfSeals(seals),
    evening: [],
  };
  return [laid, seal];
}
