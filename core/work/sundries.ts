import * as z from "zod";
import {
  dustSheetM,
  flexibleRollM,
  maskingFilmM2,
  sandingsPerPaper,
  sealerTubeMl,
  soldTapesMm,
} from "../trade/constants";
import type { UnitSystem } from "../measure/units";
import { objectSundries } from "./objects/sundries";
import { printSundries } from "./prints/sundries";
import type { SundryKind, SundryUse } from "./contribution";

/** How each width is called in inches. */
const inchesOfTape: Readonly<Record<(typeof soldTapesMm)[number], string>> = {
  13: '1/2"',
  18: '11/16"',
  19: '3/4"',
  24: '15/16"',
  25: '1"',
  30: '1 3/16"',
  36: '1 7/16"',
  38: '1 1/2"',
  48: '1 7/8"',
  50: '2"',
  72: '2 13/16"',
};

/** What a width of tape is called. */
export const nameOfTape = (mm: (typeof soldTapesMm)[number], units: UnitSystem): string =>
  units === "metric" ? `${mm} mm` : inchesOfTape[mm];

type TapeItem = `tape-${(typeof soldTapesMm)[number]}`;
const tapeKinds = Object.fromEntries(
  soldTapesMm.map((mm) => [
    `tape-${mm}`,
    {
      name: { metric: `Tape, ${nameOfTape(mm, "metric")}`, imperial: `Tape, ${nameOfTape(mm, "imperial")}` },
      serves: 1,
      why: "why-tape",
    },
  ]),
) as unknown as Readonly<Record<TapeItem, SundryKind & { readonly why: "why-tape" }>>;

/** What is bought beside paint for the work that all finishes share, in the order in which it is listed. */
export const sundryKinds = {
  ...tapeKinds,
  "tape-flexible": { name: "Flexible tape, narrow", serves: flexibleRollM, why: "why-flexible" },
  "sealer-clear": { name: "Sealer, clear", serves: sealerTubeMl, why: "why-sealer" },
  "sealer-white": { name: "Sealer, white", serves: sealerTubeMl, why: "why-sealer" },
  brush: {
    name: { metric: "Brush, 60 mm", imperial: 'Brush, 2 1/2"' },
    serves: 1,
    why: "why-brush",
    leavesLook: true,
  },
  "brush-sash": {
    name: { metric: "Sash brush, 25 mm", imperial: 'Sash brush, 1"' },
    serves: 1,
    why: "why-brush-sash",
  },
  "brush-wide": {
    name: { metric: "Brush, 100 mm", imperial: 'Brush, 4"' },
    serves: 1,
    why: "why-brush-wide",
    leavesLook: true,
  },
  "roller-100": {
    name: { metric: "Roller sleeve, 100 mm", imperial: 'Roller sleeve, 4"' },
    serves: 1,
    why: "why-roller-100",
  },
  "roller-230": {
    name: { metric: "Roller sleeve, 230 mm", imperial: 'Roller sleeve, 9"' },
    serves: 1,
    why: "why-roller-230",
  },
  liner: { name: "Tray liner", serves: 1, why: "why-liner" },
  "dust-sheet": {
    name: { metric: "Dust sheet, 3.6 m", imperial: "Dust sheet, 12 ft" },
    serves: dustSheetM,
    why: "why-dust-sheet",
  },
  film: { name: "Masking film", serves: maskingFilmM2, why: "why-film" },
  "tape-low-tack": { name: "Low-tack tape", serves: 1, why: "why-low-tack" },
  filler: { name: "Filler", serves: 1, why: "why-filled" },
  paper: { name: "Fine paper", serves: sandingsPerPaper, why: "why-rubbed" },
  "dust-mask": { name: "Dust mask", serves: 1, why: "why-rubbed" },
  "sugar-soap": { name: "Sugar soap", serves: 1, why: "why-soap" },
  "sample-board": {
    name: { metric: "Primed board, A2 or as told", imperial: 'Primed board, 16 1/2" × 23 3/8" or as told' },
    serves: 1,
    why: "why-sample-board",
  },
  "sample-card": { name: "Primed card for chips", serves: 1, why: "why-sample-card" },
  "sample-wood": { name: "Offcut of the same bare wood", serves: 1, why: "why-sample-wood" },
  ...printSundries,
  ...objectSundries,
} as const satisfies Record<string, SundryKind>;

export type SundryItem = keyof typeof sundryKinds;

/** What one of each costs, and how many are at hand; by the item. */
export const suppliesSchemaOf = (items: readonly string[]) =>
  z.partialRecord(
    z.enum(items),
    z.strictObject({
      price: z.number().min(0).max(1e6).optional(),
      onHand: z.int().min(0).max(10_000).default(0),
    }),
  );

/** So many of a thing, and what they were counted from. */
export interface Sundry {
  readonly item: string;
  readonly count: number;
  readonly from: number;
  /** What one costs on the average, where that came with what it is for. */
  readonly told?: number;
}

/** What several contributions use of each thing, together, in whole pieces; in the order of the kinds. */
export function countSundries(
  uses: readonly SundryUse[],
  kinds: Readonly<Record<string, SundryKind>>,
): Sundry[] {
  return Object.entries(kinds).flatMap(([item, { serves }]): Sundry[] => {
    const own = onceForEach(uses.filter((use) => use.item === item));
    const from = own.reduce((sum, { amount }) => sum + amount, 0);
    const counted = own.reduce((sum, { count = 0 }) => sum + count, 0);
    const measured = own.reduce((sum, { amount, count }) => (count === undefined ? sum + amount : sum), 0);
    const count = counted + Math.ceil(measured / serves - 1e-9);
    return count > 0 ? [{ item, count, from, ...toldPrice(own) }] : [];
  });
}

/** Of uses of the same the largest: it is washed, and serves again. */
function onceForEach(uses: readonly SundryUse[]): SundryUse[] {
  const served = new Map<string, SundryUse>();
  for (const use of uses) {
    if (use.of === undefined) continue;
    const before = served.get(use.of);
    if (!before || before.amount < use.amount) served.set(use.of, use);
  }
  return [...uses.filter(({ of }) => of === undefined), ...served.values()];
}

/** What one costs on the average, where every use tells that. */
function toldPrice(uses: readonly SundryUse[]): Pick<Sundry, "told"> {
  let [cost, pieces] = [0, 0];
  for (const { price, count = 0 } of uses) {
    if (price === undefined) return {};
    cost += price * count;
    pieces += count;
  }
  return pieces === 0 ? {} : { told: cost / pieces };
}
