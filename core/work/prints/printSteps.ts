import { placeBox } from "../../geometry/placeContour";
import { openBox, type Placement, type WallMotif } from "../../pattern/placement";
import type { Paint } from "../../paint/schema";
import type { Wall } from "../../wall/schema";
import type { PaintUse, SundryUse, Table } from "../contribution";
import { waitFor, type StepDraft, type Stretch, type Wait } from "../step";
import {
  adhesiveFactor,
  brushSizesMm,
  cleanedDryMin,
  cleaningMin,
  partPrintFactor,
  printDryMin,
  printing,
  tackMin,
  tapeAPrintMm,
  type PrintMethod,
} from "./constants";
import { waitsIn } from "./orderPrints";

/** What is printed on one wall. */
export interface PrintedWall {
  readonly wall: Wall;
  readonly motifs: readonly WallMotif[];
  readonly placements: readonly Placement[];
}

/** How a finish prints. */
export interface Printing {
  readonly finish: string;
  readonly method: PrintMethod;
  readonly fixing: "tape" | "adhesive";
  /** Minutes a whole print. */
  readonly eachMin: number;
  readonly overlays: readonly string[];
  /** About how wide the narrowest hole of each colour is, mm. */
  readonly narrowestMm: ReadonlyMap<string, number>;
  readonly walls: readonly PrintedWall[];
  readonly paints: ReadonlyMap<string, Paint>;
  readonly ready: (wall: Wall) => readonly (Wait | null)[];
  /** How much longer things dry in this air. */
  readonly airFactor: number;
}

const stepId = (finish: string, wall: string, overlay: string) => `${wall}/${finish}/print-${overlay}`;

/** One step for all prints of an overlay on a wall, which goes from column to column and may stop between them. */
export function printSteps(own: Printing): StepDraft[] {
  return own.walls.flatMap((on) =>
    own.overlays.flatMap((overlay, place): StepDraft[] => {
      const prints = printsOf(on, overlay);
      if (prints.length === 0) return [];
      const { wall } = on;
      const colours = coloursOf(on, overlay);
      const stretches = stretchesOf(on, overlay, prints, own);
      const partial = prints.filter(({ share }) => share < 1).length;
      return [
        {
          id: stepId(own.finish, wall.id, overlay),
          phase: "colour",
          verb: "print",
          wall: wall.id,
          ...(colours.length === 1 ? { colour: colours[0]! } : { brushedWith: colours }),
          session: own.finish,
          prints: prints.map(({ id }) => id),
          stretches,
          minutes: stretches.reduce((sum, { minutes }) => sum + minutes, 0),
          after: [
            ...own.ready(wall).map((wait) => tapedOver(wait, own.paints)),
            ...own.overlays
              .slice(0, place)
              .map((before) => waitFor(stepId(own.finish, wall.id, before), "touch-dry", printDryMin)),
          ],
          say: {
            code: "print",
            values: {
              wall: wall.id,
              overlay: own.overlays.length > 1 ? overlay : "",
              colours,
              prints: prints.length,
              partial,
              loads: new Set(prints.map(({ load }) => load)).size,
              every: cleanEvery(own),
              method: own.method,
              stretches: stretches.length,
              ...stretches.at(-1)!.until,
            },
          },
          cautions: [
            ...(own.fixing === "adhesive" ? [{ code: "care-spray", values: {} }] : []),
            { code: "care-print", values: {} },
          ],
          evening: [
            { code: "ready-tins", values: { colours } },
            { code: "ready-sheets", values: { copies: copiesOf(own) } },
          ],
        },
      ];
    }),
  );
}

/** A sheet's tape is tape: what a coat waits for before the next one is not enough for it. */
function tapedOver(wait: Wait | null, paints: ReadonlyMap<string, Paint>): Wait | null {
  if (!wait || wait.what !== "recoat") return wait;
  const slowest = Math.max(...[...paints.values()].map(({ tapeOverMin }) => tapeOverMin));
  return { ...wait, what: "tape-over", minutes: Math.max(wait.minutes, slowest) };
}

/** In their turn. */
const printsOf = ({ placements }: PrintedWall, overlay: string): Placement[] =>
  placements.filter((print) => print.overlay === overlay).sort((a, b) => a.order - b.order);

const coloursOf = ({ motifs, placements }: PrintedWall, overlay: string): string[] => {
  const used = new Set(placements.map(({ motif }) => motif));
  return [
    ...new Set(
      motifs
        .filter(({ id }) => used.has(id))
        .flatMap(({ cutouts }) =>
          cutouts.filter((cutout) => cutout.overlay === overlay).map(({ paint }) => paint),
        ),
    ),
  ];
};

/** After so many prints a rim of paint is felt on the sheet. */
export const cleanEvery = ({ method, fixing }: Pick<Printing, "method" | "fixing">): number =>
  Math.floor(printing[method].cleanEvery * (fixing === "adhesive" ? adhesiveFactor : 1));

/** Sheets at hand, so that one can be cleaned and dry while another is printed with: that time by the time between, and one more. */
export const copiesOf = (own: Pick<Printing, "method" | "fixing" | "eachMin">): number =>
  Math.ceil((cleaningMin + cleanedDryMin) / (cleanEvery(own) * own.eachMin) - 1e-9) + 1;

/** Minutes of each print: its own, waits for what its sheet would lie on, cleaning where it is due, and adhesive's tack. */
function minutesOf(prints: readonly Placement[], { motifs }: PrintedWall, own: Printing): number[] {
  const each = prints.map(({ share }) => own.eachMin * (share < 1 ? partPrintFactor : 1));
  const every = cleanEvery(own);
  const byId = new Map(motifs.map((motif) => [motif.id, motif]));
  const open = new Map(motifs.map((motif) => [motif.id, openBox(motif, prints[0]!.overlay)]));
  const extra = prints.map((_, place) => {
    const isDue = place > 0 && place % every === 0;
    return isDue ? cleaningMin + (own.fixing === "adhesive" ? tackMin : 0) : 0;
  });
  const waits = waitsIn(
    prints.map((print, place) => {
      const motif = byId.get(print.motif)!;
      return {
        open: placeBox(open.get(print.motif)!, print),
        sheet: placeBox(motif.sheet ?? motif.face, print),
        minutes: each[place]! + extra[place]!,
      };
    }),
    printDryMin * own.airFactor,
  );
  return each.map((minutes, place) => minutes + extra[place]! + waits[place]!);
}

/** Both schools of rounds print alike. */
const keptStretches = new WeakMap<PrintedWall, Map<string, Stretch[]>>();

function stretchesOf(
  on: PrintedWall,
  overlay: string,
  prints: readonly Placement[],
  own: Printing,
): Stretch[] {
  const kept = keptStretches.get(on) ?? new Map<string, Stretch[]>();
  keptStretches.set(on, kept);
  const key = JSON.stringify([overlay, own.method, own.fixing, own.eachMin, own.airFactor]);
  const before = kept.get(key);
  if (before) return before;
  const made = columnsOf(prints, minutesOf(prints, on, own));
  kept.set(key, made);
  return made;
}

/** Prints in their turn, by whole columns: a stretch ends where all columns up to it are done. */
function columnsOf(prints: readonly Placement[], minutes: readonly number[]): Stretch[] {
  const last = new Map(prints.map(({ column }, place) => [column, place]));
  const stretches: Stretch[] = [];
  let [from, open] = [0, 0];
  prints.forEach(({ column }, place) => {
    open = Math.max(open, last.get(column)!);
    if (place < open) return;
    const own = prints.slice(from, place + 1);
    stretches.push({
      regions: own.map(({ id }) => id),
      minutes: minutes.slice(from, place + 1).reduce((sum, each) => sum + each, 0),
      until: { column: Math.max(...own.map((print) => print.column)), at: own.at(-1)!.at.x },
    });
    from = place + 1;
  });
  return stretches;
}

/** Printed open parts by paint; each paint's tool is wetted once. */
export function printedPaint(own: Printing): PaintUse[] {
  const wetted = new Set<string>();
  return own.walls.flatMap((on): PaintUse[] => {
    const areas = new Map<string, number>();
    const byId = new Map(on.motifs.map((motif) => [motif.id, motif]));
    for (const print of on.placements) {
      if (print.kept) {
        for (const { paint, areaM2 } of print.kept) areas.set(paint, (areas.get(paint) ?? 0) + areaM2);
        continue;
      }
      const { cutouts, openM2 } = byId.get(print.motif)!;
      cutouts.forEach(({ overlay, paint }, place) => {
        if (overlay === print.overlay) areas.set(paint, (areas.get(paint) ?? 0) + openM2[place]!);
      });
    }
    return [...areas].map(([paint, areaM2]): PaintUse => {
      const { spreadRate, toolsMl } = printing[own.method];
      const isFirst = !wetted.has(paint);
      wetted.add(paint);
      return {
        paint,
        wall: on.wall.id,
        texture: on.wall.texture,
        areaM2: 0,
        sealMm: 0,
        printed: { areaM2, spreadRate, toolsMl: isFirst ? toolsMl : 0 },
      };
    });
  });
}

/** Sheets, tools, paper and what holds the sheets. */
export function printedSundries(own: Printing): SundryUse[] {
  const prints = own.walls.flatMap(({ placements }) => placements);
  if (prints.length === 0) return [];
  const loads = own.walls.reduce(
    (sum, { placements }) => sum + new Set(placements.map(({ overlay, load }) => `${overlay} ${load}`)).size,
    0,
  );
  const tools = [...own.narrowestMm].map(([, narrowest]): SundryUse =>
    own.method === "roller"
      ? { item: "foam-roller", amount: 1 }
      : {
          item: `stencil-brush-${brushSizesMm.findLast((size) => size <= narrowest * 1.5) ?? brushSizesMm[0]}`,
          amount: 1,
        },
  );
  return [
    { item: "stencil-sheet", amount: copiesOf(own) * own.overlays.length },
    ...tools,
    { item: "blotting-paper", amount: loads },
    { item: "stencil-tape", amount: (prints.length * tapeAPrintMm) / 1000 },
    ...(own.fixing === "adhesive" ? [{ item: "stencil-adhesive", amount: prints.length }] : []),
  ];
}

/** Prints that are cut, by place, with what cuts them; and those that only bend the sheet. */
export const partPrintTables = ({ finish, walls }: Printing): Table[] =>
  walls.flatMap(({ wall, placements }): Table[] => {
    const rows = placements
      .filter(({ share, bends }) => share < 1 || bends.length > 0)
      .sort((a, b) => a.column - b.column || a.row - b.row)
      .map(({ column, row, overlay, share, cutBy, bends }) => ({
        place: `column ${column}, row ${row}`,
        overlay,
        share: share < 1 ? `${Math.max(1, Math.round(share * 100))} %` : "whole",
        by: [...cutBy, ...bends.map((name) => `bent at ${name}`)].join(", "),
      }));
    if (rows.length === 0) return [];
    return [
      {
        id: `part-prints-${wall.id}`,
        wall: wall.id,
        title: { code: "table-part-prints", values: { finish } },
        columns: [
          { key: "place", label: "Print", as: "text" },
          { key: "overlay", label: "Overlay", as: "text" },
          { key: "share", label: "Of it", as: "text" },
          { key: "by", label: "Cut by", as: "text" },
        ],
        rows,
      },
    ];
  });
