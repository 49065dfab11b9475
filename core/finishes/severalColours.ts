import type { Finding } from "../findings/finding";
import { betweenOverlays } from "../stencil/betweenOverlays";
import { byColour, sharesOf, type PartOfSheet } from "../stencil/byColour";
import type { StencilSheet } from "../stencil/cutSheet";
import type { PiecesOfSheet } from "../work/prints/severalColours";
import type { FinishContext } from "./defineFinish";
import { wholeSheetOf, type PrintedSheet } from "./stencilMotif";

type Spec = PrintedSheet & { readonly id: string };

/** Colours of one overlay so near to each other that a card does not keep one out of the other's holes. */
export function checkSeveralColours(spec: Spec, context: FinishContext): Finding[] {
  if (spec.printBy === "colour") return [];
  const sheet = wholeSheetOf(context, spec.stencil);
  return sheet.stencil.overlays.flatMap(({ id: overlay }): Finding[] => {
    const near = nearColours(sheet, overlay, spec.colours);
    if (!near) return [];
    const { slots, gapMm: gap } = near;
    return [
      {
        code: "colours-near",
        severity: "check",
        values: { stencil: sheet.stencil.name ?? spec.stencil, overlay, slots, gap },
        at: null,
        cure: { kind: "by-colour", count: 0, finish: spec.id, set: { printBy: "colour" } },
      },
    ];
  });
}

interface Near {
  readonly slots: readonly [string, string];
  readonly gapMm: number;
}

/** A document is read anew at every change, and its sheet's holes stay the same. */
const kept = new WeakMap<StencilSheet["slots"], Map<string, Near | null>>();

/** The two colours of an overlay whose holes lie nearest; none where a card is wider than what is between. */
function nearColours(sheet: StencilSheet, overlay: string, colours: Spec["colours"]): Near | null {
  const own = kept.get(sheet.slots) ?? new Map<string, Near | null>();
  kept.set(sheet.slots, own);
  const key = JSON.stringify([overlay, colours]);
  const before = own.get(key);
  if (before !== undefined) return before;
  const made = nearestOf(sharesOf(sheet, overlay, colours).map(({ slots }) => slots));
  own.set(key, made);
  return made;
}

function nearestOf(shares: readonly StencilSheet["slots"][]): Near | null {
  const holesOf = (slots: StencilSheet["slots"]) => slots.flatMap(({ contours }) => contours);
  const near = shares.flatMap((first, index) =>
    shares.slice(index + 1).flatMap((second): Near[] => {
      const slots = [first[0]!.slot, second[0]!.slot] as const;
      const { gapMm } = betweenOverlays(slots, [holesOf(first), holesOf(second)]);
      return gapMm === null ? [] : [{ slots, gapMm }];
    }),
  );
  return near.sort((a, b) => a.gapMm - b.gapMm)[0] ?? null;
}

/** The pieces of plastic of some sheets, what each pass leaves open of them, and the tape over the rest. */
export function piecesOf(spec: Spec, sheets: readonly StencilSheet[], context: FinishContext): PiecesOfSheet {
  const whole = wholeSheetOf(context, spec.stencil);
  const parts: ReadonlyMap<string, PartOfSheet> =
    spec.printBy === "colour" ? byColour(whole.stencil, spec.colours).parts : new Map();
  const plastics = [whole, ...sheets.slice(1)].map(({ stencil: { id, overlays } }) => ({
    stencil: id,
    plastics: overlays.length,
  }));
  return {
    plastics: plastics.reduce((sum, own) => sum + own.plastics, 0),
    sheets: plastics,
    parts,
    holes: whole.slots,
    several: whole.stencil.overlays
      .map(({ id }) => ({ overlay: id, shares: sharesOf(whole, id, spec.colours) }))
      .filter(({ shares }) => shares.length > 1),
  };
}
