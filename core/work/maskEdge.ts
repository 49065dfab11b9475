import { maskFilmMm, tapeRollM } from "../trade/constants";
import type { Wall } from "../wall/schema";
import { did } from "./act";
import { heightOf } from "./cautions";
import type { SundryUse } from "./contribution";
import { finishStep } from "./keys";
import type { Work } from "./schema";
import { waitFor, type StepDraft, type Wait } from "./step";
import { said } from "./words";

/** All around what a finish covers on a wall: trim, openings, ceiling, and what else is not its own. */
export interface MaskedEdge {
  readonly wall: Wall;
  readonly finish: string;
  readonly work: Work;
  readonly edgeM: number;
  /** What lies beside it is covered with film, too. */
  readonly isFilmed: boolean;
}

const stepId = ({ wall, finish }: MaskedEdge, name: string) => finishStep(wall.id, finish, name);
const edgeOf = ({ wall, finish }: MaskedEdge): string[] => [`${wall.id}/${finish}/edge`];

export function maskEdge(on: MaskedEdge, after: readonly (Wait | null)[]): StepDraft {
  const { wall, edgeM, isFilmed, work } = on;
  return {
    id: stepId(on, "mask"),
    phase: "mask",
    verb: "mask-broken",
    does: [
      did("mask", "edge", edgeOf(on), {
        tools: ["tape-24", "tool-knife", ...(isFilmed ? ["film"] : [])],
        heightMm: heightOf(wall),
      }),
    ],
    wall: wall.id,
    sharedByTwo: true,
    minutes: edgeM / work.rates.taping_m_min,
    after,
    say: said("broken-mask", { wall: wall.id, amount: edgeM, isCovered: isFilmed }),
    cautions: [],
    evening: [],
  };
}

/** The masks off after what was last done within them; while that is soft, where it says for how long it is. */
export function unmaskEdge(on: MaskedEdge, last: StepDraft, softMin: number | null): StepDraft {
  const { wall, edgeM, work } = on;
  return {
    id: stepId(on, "unmask"),
    phase: "unmask",
    verb: "unmask-broken",
    does: [did("unmask", "edge", edgeOf(on), { heightMm: heightOf(wall) })],
    wall: wall.id,
    minutes: edgeM / work.rates.peeling_m_min,
    after: [waitFor(last.id)],
    ...(softMin !== null && { within: [{ step: last.id, minutes: Math.max(1, Math.floor(softMin)) }] }),
    say: said("broken-unmask", { wall: wall.id, amount: edgeM }),
    cautions: [],
    evening: [],
  };
}

/** Rolls of tape around it, with laps, and film over what is beside it and stays as it is. */
export function maskSundry(edges: readonly Pick<MaskedEdge, "edgeM" | "isFilmed">[]): SundryUse[] {
  const metres = edges.reduce((sum, { edgeM }) => sum + edgeM, 0) * 1.05;
  const besideM = edges.reduce((sum, { isFilmed, edgeM }) => sum + (isFilmed ? edgeM : 0), 0);
  return [
    ...(metres === 0 ? [] : [{ item: "tape-24", amount: metres, count: Math.ceil(metres / tapeRollM) }]),
    ...(besideM === 0 ? [] : [{ item: "film", amount: (besideM * maskFilmMm) / 1000 }]),
  ];
}
