import type { TapeTotal } from "../tape/totalTape";
import {
  brushUpToM2,
  dustSheetM,
  flexibleRollM,
  maskingFilmM2,
  sandingsPerPaper,
  sealerMlPerM,
  sealerTubeMl,
  smallRollerUpToM2,
} from "../trade/constants";
import type { TapeBundle } from "./bundleTape";
import type { Step } from "./step";
import type { SundryItem } from "./sundries";
import { isInPass, type WorkSite } from "./workSite";

/** So many of a thing, and what they were counted from: metres, millilitres, square metres, pieces or sessions. */
export interface Sundry {
  readonly item: SundryItem;
  readonly count: number;
  readonly from: number;
}

/** All that the work uses beside paint, counted from it. `steps` are those of the job, in its own school. */
export function countSundries(site: WorkSite, steps: readonly Step[], tape: readonly TapeTotal[]): Sundry[] {
  const of = (...kinds: Step["kind"][]) => steps.filter(({ kind }) => kinds.includes(kind));
  const sum = (some: readonly Step[]) => some.reduce((total, { amount = 0 }) => total + amount, 0);
  const coats = of("paint", "base", "prime");
  const rollers = rollersOf(coats);
  const film = maskedM2(site);
  const curved = sumLaid(site, ({ curvedMetres }) => curvedMetres);
  const sanded = of("sand").length;
  const all: Sundry[] = [
    ...tape.map(({ widthMm, rolls, buyM }) => ({
      item: `tape-${widthMm}` as SundryItem,
      count: rolls,
      from: buyM,
    })),
    { item: "tape-flexible", count: Math.ceil(curved / flexibleRollM - 1e-9), from: curved },
    ...(["clear", "white"] as const).map((seal) => {
      const sealed = sumLaid(site, ({ sealWith, edgeMetres }) => (sealWith === seal ? edgeMetres : 0));
      const ml = sealed * sealerMlPerM;
      return { item: `sealer-${seal}` as const, count: Math.ceil(ml / sealerTubeMl - 1e-9), from: ml };
    }),
    counted("brush", new Set(coats.map(({ colour }) => colour)).size),
    counted("roller-100", rollers.small),
    counted("roller-230", rollers.large),
    counted("liner", of("wash-tools").length),
    { item: "dust-sheet", count: Math.ceil(sum(of("cover")) / dustSheetM - 1e-9), from: sum(of("cover")) },
    { item: "film", count: Math.ceil(film / maskingFilmM2 - 1e-9), from: film },
    { item: "filler", count: sanded > 0 ? 1 : 0, from: sanded },
    { item: "paper", count: Math.ceil(sanded / sandingsPerPaper), from: sanded },
    { item: "dust-mask", count: sanded > 0 ? 1 : 0, from: sanded },
    { item: "sugar-soap", count: of("wash-wall").length > 0 ? 1 : 0, from: sum(of("wash-wall")) },
  ];
  return all.filter(({ count }) => count > 0);
}

const counted = (item: SundryItem, count: number): Sundry => ({ item, count, from: count });

/** One roller a colour, by the largest area that it is rolled on at once; the smallest are brushed. */
function rollersOf(coats: readonly Step[]): { small: number; large: number } {
  const largest = new Map<string, number>();
  for (const { colour, amount = 0 } of coats)
    largest.set(colour!, Math.max(largest.get(colour!) ?? 0, amount));
  const areas = [...largest.values()];
  return {
    small: areas.filter((area) => area > brushUpToM2 && area <= smallRollerUpToM2).length,
    large: areas.filter((area) => area > smallRollerUpToM2).length,
  };
}

/** Sums over all tape, in every round in which it is laid. */
function sumLaid({ walls, passes, paints }: WorkSite, of: (bundle: TapeBundle) => number): number {
  const paintOf = new Map(paints.map((paint) => [paint.id, paint]));
  const laid = passes.flatMap((pass) =>
    walls.flatMap(({ tape }) =>
      tape.filter((bundle) => bundle.group === pass.group && isInPass(paintOf.get(bundle.paints)!, pass)),
    ),
  );
  return laid.reduce((sum, bundle) => sum + of(bundle), 0);
}

/** Openings, radiators and pipes of the walls that are painted, which film keeps clean. */
function maskedM2({ walls }: WorkSite): number {
  return walls.reduce((sum, { wall }) => {
    const masked = wall.fixtures.filter(({ kind }) => kind === "radiator" || kind === "pipe");
    return [...wall.openings, ...masked].reduce(
      (area, { width, height }) => area + (width * height) / 1e6,
      sum,
    );
  }, 0);
}
