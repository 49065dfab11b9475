import { cutSheet, type StencilSheet, type SheetSlot } from "./cutSheet";
import type { Stencil } from "./schema";

/** What of one piece of plastic is open in one pass: the rest of its holes is taped off. */
export interface PartOfSheet {
  readonly overlay: string;
  /** Holes that are open, and those that are taped off. */
  readonly slots: readonly string[];
  readonly tapedOff: readonly string[];
}

/** The holes of one overlay that take one paint. */
interface PaintOfOverlay {
  readonly paint: string;
  readonly slots: readonly SheetSlot[];
}

/** The paints of an overlay, the one with the most open first: details go over areas. */
export function sharesOf(
  { slots }: StencilSheet,
  overlay: string,
  colours: Readonly<Record<string, string>>,
): PaintOfOverlay[] {
  const own = slots.filter((slot) => slot.overlay === overlay);
  const paints = [...new Set(own.map(({ slot }) => colours[slot]!))];
  const openOf = (of: readonly SheetSlot[]) => of.reduce((sum, { openMm2 }) => sum + openMm2, 0);
  return paints
    .map((paint) => ({ paint, slots: own.filter(({ slot }) => colours[slot] === paint) }))
    .sort((a, b) => openOf(b.slots) - openOf(a.slots));
}

/** A sheet that is printed colour by colour, and what each of its passes leaves open. */
export interface ByColour {
  readonly stencil: Stencil;
  readonly parts: ReadonlyMap<string, PartOfSheet>;
}

const kept = new WeakMap<Stencil, Map<string, ByColour>>();

/** An overlay of several paints as so many overlays of one each, in turn; the plastic stays one piece. */
export function byColour(stencil: Stencil, colours: Readonly<Record<string, string>>): ByColour {
  const own = kept.get(stencil) ?? new Map<string, ByColour>();
  kept.set(stencil, own);
  const key = JSON.stringify(colours);
  const before = own.get(key);
  if (before) return before;
  const made = divide(stencil, colours);
  own.set(key, made);
  return made;
}

function divide(stencil: Stencil, colours: Readonly<Record<string, string>>): ByColour {
  const sheet = cutSheet(stencil);
  const parts = new Map<string, PartOfSheet>();
  const overlays = stencil.overlays.flatMap(({ id, cuts }) => {
    const shares = sharesOf(sheet, id, colours);
    if (shares.length < 2) return [{ id, cuts }];
    const all = shares.flatMap(({ slots }) => slots.map(({ slot }) => slot));
    return shares.map((share) => {
      const slots = share.slots.map(({ slot }) => slot);
      const part = `${id} ${slots[0]!}`;
      parts.set(part, { overlay: id, slots, tapedOff: all.filter((slot) => !slots.includes(slot)) });
      return { id: part, cuts: cuts.filter(({ slot }) => slots.includes(slot)) };
    });
  });
  return { stencil: { ...stencil, overlays }, parts };
}
