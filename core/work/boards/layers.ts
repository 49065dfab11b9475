import type { Paint } from "../../paint/schema";
import { leastVisitMin, textureFactors, toolKeepsMl } from "../../trade/constants";
import type { Act, Did } from "../act";
import { filmMl } from "../filmMl";
import type { StepDraft, WaitKind } from "../step";

/** A coat on a board: all that goes on in one go. */
export interface BoardLayer {
  readonly act: Act;
  readonly parts: readonly { readonly paint: string; readonly ml: number }[];
  /** Put on as on the wall, by a finish's own way; else rolled, its colours side by side. */
  readonly asOnWall: boolean;
  readonly minutes: number;
  readonly tools: readonly string[];
  /** By the labels, until the next one may go on, and as what that is told. */
  readonly next: { readonly what: WaitKind; readonly minutes: number };
  /** Until what lies under its paint can be touched, where that takes longer. */
  readonly driesMin?: number;
}

/** A small roller, out of a saucer. */
const rollerTools = ["roller-100", "tool-frame-100", "tool-pile-short"];
/** Wiping a small roller out, or a stamp, minutes a colour. */
const wipingMin = 3;
const leastMin = 2;

/**
 * Colours side by side, each coat over all of them: two full coats, or as many as the paint asks for. Shares add up to one; minutes
 * are those of rolling, with a visit to each colour.
 */
export function flatLayers(
  colours: readonly { readonly paint: Paint; readonly share: number }[],
  { areaM2, coats, rollingM2Min }: { areaM2: number; coats: number | undefined; rollingM2Min: number },
): BoardLayer[] {
  const count = coats ?? Math.max(2, ...colours.map(({ paint }) => paint.coats));
  const minutes = areaM2 / rollingM2Min + colours.length * leastVisitMin;
  return Array.from({ length: count }, () => ({
    act: "coat" as const,
    parts: colours.map(({ paint, share }) => ({
      paint: paint.id,
      ml: filmMl(paint, areaM2 * share, "smooth"),
    })),
    asOnWall: false,
    minutes,
    tools: rollerTools,
    next: { what: "recoat" as const, minutes: Math.max(...colours.map(({ paint }) => paint.recoatMin)) },
  }));
}

/** What leaves paint on a wall, and so on a board of it. */
const onBoards: ReadonlySet<Act> = new Set(["prime", "coat", "print"]);

const paintedBy = ({ does }: StepDraft): readonly Did[] =>
  does.filter(({ act, with: paint, ml = 0 }) => onBoards.has(act) && paint !== undefined && ml > 0);

/**
 * A finish's own coats as its steps put them on a wall, on so much less of it: each coat with its share of paint and minutes, of
 * prints and faces at least one, and between two of them what they wait on the wall.
 * `areaM2` of the board, `ofM2` of what the finish lies over there, of a texture.
 */
export function layersOfSteps(
  steps: readonly StepDraft[],
  { areaM2, ofM2, texture }: { areaM2: number; ofM2: number; texture: keyof typeof textureFactors },
): BoardLayer[] {
  const own = coatByCoat(steps.filter((step) => step.phase !== "prepare" && paintedBy(step).length > 0));
  return own.map((parts, place): BoardLayer => {
    const [first, last] = [parts[0]!, parts.at(-1)!];
    const does = parts.flatMap(paintedBy);
    const [{ of, ids }] = does as [Did, ...Did[]];
    // Of prints and faces there is one at least.
    const least = of === "print" || of === "brick" ? 1 / ids.length : 0;
    const share = Math.min(1, Math.max(areaM2 / Math.max(ofM2, 1e-9), least));
    const minutes = parts.reduce((sum, step) => sum + step.minutes * (step.hands ?? 1), 0);
    const ml = new Map<string, number>();
    for (const { with: paint, ml: own = 0 } of does)
      ml.set(paint!, (ml.get(paint!) ?? 0) + (own * share) / textureFactors[texture]);
    const following = own[place + 1];
    return {
      act: paintedBy(first)[0]!.act,
      parts: [...ml].map(([paint, amount]) => ({ paint, ml: amount })),
      asOnWall: true,
      minutes: Math.max(leastMin, minutes * share) + wipingMin * ml.size,
      tools: [...new Set(does.flatMap(({ tools = [] }) => tools))],
      next: following ? waitBetween(steps, last.id, following[0]!) : { what: "after", minutes: 0 },
      ...(last.driesMin !== undefined && { driesMin: last.driesMin }),
    };
  });
}

/** Steps of one coat together: a first section, and then the rest. */
function coatByCoat(steps: readonly StepDraft[]): StepDraft[][] {
  const coats: StepDraft[][] = [];
  const coatOf = (step: StepDraft) => paintedBy(step)[0]!.coat;
  for (const step of steps) {
    const before = coats.at(-1)?.[0];
    const goesOn =
      before !== undefined &&
      coatOf(before) !== undefined &&
      coatOf(before) === coatOf(step) &&
      before.colour === step.colour;
    if (goesOn) coats.at(-1)!.push(step);
    else coats.push([step]);
  }
  return coats;
}

/** The longest that labels ask for on the way from one step to another. */
function waitBetween(steps: readonly StepDraft[], from: string, to: StepDraft): BoardLayer["next"] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const known = new Map<string, number>();
  const back = (step: StepDraft): number => {
    const before = known.get(step.id);
    if (before !== undefined) return before;
    const ways = step.after.flatMap((wait) => {
      if (!wait) return [];
      if (wait.step === from) return [wait.minutes];
      const other = byId.get(wait.step);
      const far = other ? back(other) : -Infinity;
      return far === -Infinity ? [] : [far + wait.minutes];
    });
    const longest = Math.max(-Infinity, ...ways);
    known.set(step.id, longest);
    return longest;
  };
  return { what: "recoat", minutes: Math.max(0, back(to)) };
}

/** What rollers and brushes keep beside the film, each colour's tool once, ml. */
export const keptOnTools = (layers: readonly BoardLayer[]): ReadonlyMap<string, number> => {
  const kept = new Map<string, number>();
  for (const { parts, tools } of layers)
    for (const { paint } of parts)
      kept.set(paint, Math.max(kept.get(paint) ?? 0, ...tools.map((tool) => toolKeepsMl[tool] ?? 0)));
  return kept;
};
