import { printDryMin } from "../trade/constants";
import type { Contour } from "../geometry/curve";
import { placeBox } from "../geometry/placeContour";
import { partAt, type Strip } from "../wall/strip";
import { openBox, type Motif, type PlacementDraft } from "../pattern/placement";
import type { StencilSheet } from "../stencil/cutSheet";
import { printing, type PrintMethod } from "../work/prints/constants";
import { loadsOf, orderPrints } from "../work/prints/orderPrints";
import { overlaysOf } from "./stencilMotif";

/** Where one sheet is laid: its cell's middle, how it is turned, and what it is called by. */
export interface SheetPlace {
  readonly id: string;
  readonly at: { readonly x: number; readonly y: number };
  readonly turn: number;
  readonly column: number;
  readonly row: number;
  /** What is left of it where a mitre is masked. */
  readonly within?: Contour;
}

/** Columns by the turn in which they are listed. */
function ranksOf(places: readonly SheetPlace[]): number[] {
  let rank = 0;
  return places.map(({ column }, place) =>
    place > 0 && places[place - 1]!.column !== column ? ++rank : rank,
  );
}

/**
 * The prints of a sheet at places that are listed by whole columns or along a way, overlay after overlay and wall after wall, each in
 * its turn so that no sheet lies on what is still wet, and with the load that it takes.
 */
export function printsAt(
  places: readonly SheetPlace[],
  sheet: StencilSheet,
  method: PrintMethod,
  motif: Motif,
  { by, strip }: { readonly by: "column" | "repeat"; readonly strip: Strip },
): PlacementDraft[] {
  const { minutes, spreadRate, loadMl } = printing[method];
  let before = 0;
  return overlaysOf(sheet).flatMap((overlay, index) => {
    const open = openBox(motif, overlay);
    const poses = places.map(({ at, turn }) => ({ at, turn, mirrored: false }));
    const order = orderPrints(
      poses.map((pose) => ({ open: placeBox(open, pose), sheet: placeBox(sheet.plastic, pose), minutes })),
      by === "column" ? ranksOf(places) : places.map((_, place) => place),
      printDryMin,
      places.map(({ at }) => strip.parts.indexOf(partAt(strip, at.x))),
    );
    const openMm2 = Math.max(
      ...sheet.slots.filter((slot) => slot.overlay === overlay).map((slot) => slot.openMm2),
    );
    const needMl = (openMm2 / 1e6 / spreadRate) * 1000;
    const loads = loadsOf(
      order.map(() => needMl),
      loadMl,
    );
    const drafts = order.map((place, turn): PlacementDraft => {
      const { id, at, turn: turned, column, row, within } = places[place]!;
      return {
        id: index === 0 ? id : `${id}/${overlay}`,
        motif: motif.id,
        overlay,
        at,
        turn: turned,
        mirrored: false,
        column,
        row,
        order: before + turn + 1,
        load: loads[turn]!,
        ...(within && { within }),
      };
    });
    before += drafts.length;
    return drafts;
  });
}
