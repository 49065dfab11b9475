import { flattenContour } from "../geometry/flatten";
import { placeBox } from "../geometry/placeContour";
import type { Point } from "../geometry/point";
import { craftOf } from "../finishes/crafts";
import type { Placement, WallMotif } from "../pattern/placement";
import { idsOf } from "../work/act";
import type { ScheduledStep } from "../sequence/scheduledStep";
import { loadOf, type Loads } from "./loadsInTurn";
import type { OrderedWall } from "./orderedWall";
import type { PlanBorder, PlanMotif, PlanPoint, PlanPrint, PlanPrints, PlanWall } from "../plan/planTypes";

const toPoint = ({ x, y }: Point): PlanPoint => [x, y];

/** A motif's name in the plan: two finishes may have motifs of one id. */
const motifId = ({ finish }: { readonly finish: string }, id: string): string => `${finish}/${id}`;

/** What is printed on a wall, by finish; nothing where nothing is. How long that takes is told once the work is known. */
export function describePrints(on: OrderedWall): Pick<PlanWall, "prints" | "border" | "motifs" | "effects"> {
  const { laid } = on;
  const border = describeBorders(on);
  const { placements, motifs, effects } = laid!.pattern;
  const finishes = [...new Set(placements.map(({ finish }) => finish))];
  const prints = finishes.map((finish): PlanPrints => {
    const own = placements.filter((placement) => placement.finish === finish);
    const whole = own.filter(({ share }) => share === 1).length;
    return {
      finish,
      counts: { whole, partial: own.length - whole },
      minutes: 0,
      loads: new Set(own.map(({ overlay, load }) => `${overlay} ${load}`)).size,
      list: own.map((placement) => describePrint(placement, motifs)),
    };
  });
  return {
    ...(border.length > 0 && { border }),
    ...(prints.length > 0 && { prints, motifs: describeMotifs(motifs) }),
    ...(effects.length > 0 && {
      effects: effects.map(({ id, finish, regions, seed, tones, by }) => ({
        id: `${finish}/${id}`,
        finish,
        regions: [...regions],
        seed,
        tones: [...tones],
        by,
      })),
    }),
  };
}

const describeBorders = ({ wall, finishes }: OrderedWall): PlanBorder[] =>
  finishes.flatMap(({ finish, layout }) => {
    const all = layout ? (craftOf(finish.kind).legs?.(layout) ?? []) : [];
    const legs = all.flatMap(({ wall: on, name, length, repeats, stretch, verdict }, index) =>
      on === wall.id ? [{ row: index + 1, name, length, repeats, stretch, verdict }] : [],
    );
    return legs.length === 0 ? [] : [{ finish: finish.id, legs }];
  });

/** The same prints with how long it takes to make them, and with the loads that they take on their days. */
export function timePrints(
  { id, prints }: PlanWall,
  steps: readonly ScheduledStep[],
  loads: Loads,
): Pick<PlanWall, "prints"> {
  if (!prints) return {};
  const printing = steps.flatMap(({ step }) => {
    const printed = step.wall === id ? idsOf(step, "print") : [];
    return printed.length > 0 ? [{ ...step, printed }] : [];
  });
  const timed = prints.map((own): PlanPrints => {
    const ids = new Set(own.list.map((print) => print.id));
    const steps = printing.filter((step) => step.printed.some((print) => ids.has(print)));
    const list = own.list.map((print) => {
      const load = loadOf(loads, id, print.id) ?? print.load;
      return load === print.load ? print : { ...print, load };
    });
    return {
      ...own,
      minutes: steps.reduce((sum, { minutes, hands = 1 }) => sum + minutes * hands, 0),
      loads: new Set(list.map(({ overlay, load }) => `${overlay} ${load}`)).size,
      list,
    };
  });
  return { prints: timed };
}

function describePrint(placement: Placement, motifs: readonly WallMotif[]): PlanPrint {
  const {
    id,
    finish,
    motif,
    column,
    row,
    at,
    turn,
    mirrored,
    share,
    cutBy,
    bends,
    overlay,
    order,
    load,
    kept,
  } = placement;
  const face = placeBox(motifs.find((own) => own.finish === finish && own.id === motif)!.face, placement);
  return {
    id,
    motif: motifId({ finish }, motif),
    column,
    row,
    at: toPoint(at),
    turn,
    ...(mirrored && { mirrored: true as const }),
    width: face.maxX - face.minX,
    height: face.maxY - face.minY,
    share,
    cutBy: [...cutBy],
    bends: [...bends],
    overlay,
    order,
    load,
    ...(kept && {
      kept: kept.map(({ paint, contours }) => ({
        colour: paint,
        contours: contours.map((contour) => flattenContour(contour).map(toPoint)),
      })),
    }),
  };
}

/** The motifs of a wall's prints, each once. */
const describeMotifs = (motifs: readonly WallMotif[]): PlanMotif[] =>
  motifs.map(({ id, finish, face, cutouts, openM2 }) => ({
    id: motifId({ finish }, id),
    finish,
    face: [
      [face.minX, face.minY],
      [face.maxX, face.maxY],
    ],
    cutouts: cutouts.map(({ overlay, slot, paint, contours }, place) => ({
      overlay,
      slot,
      colour: paint,
      open_mm2: openM2[place]! * 1e6,
      contours: contours.map((contour) => flattenContour(contour).map(toPoint)),
    })),
  }));
