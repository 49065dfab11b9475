import { groupBy } from "../geometry/groupBy";
import { coveredBy } from "../pattern/covered";
import type { Region } from "../pattern/pattern";
import type { BoardWork } from "../work/boards/boardSteps";
import { flatLayers, layersOfSteps, type BoardLayer } from "../work/boards/layers";
import { usualSizes, type BoardAsked } from "../work/boards/schema";
import { finishStep } from "../work/keys";
import type { StepDraft } from "../work/step";
import { isBareWood } from "./isBareWood";
import type { LaidOutJob, OrderedWall } from "./orderedWall";
import type { Job } from "./schema";

/** What a board shows, before it is known how large it is. */
interface Shown {
  /** Shares of it, side by side; of what a finish puts on by itself the ground that it comes over. */
  readonly flat: ReadonlyMap<string, number>;
  /** What comes over that, by the steps that put it on a wall. */
  readonly over: { readonly on: OrderedWall; readonly finish: string } | null;
  readonly isBare: boolean;
  readonly wall: string | null;
  readonly concerns: ReadonlySet<string>;
}

/** The boards of a job as they are made: their finishes' own coats as `steps` put them on the walls, else flat colours. */
export function boardsOf({ job, walls: all }: LaidOutJob, steps: readonly StepDraft[]): BoardWork[] {
  const worked = new Set(steps.map(({ wall }) => wall));
  const walls = all.filter(({ wall }) => worked.has(wall.id));
  return job.boards.map((board) => {
    const { id, of, as, grade } = board;
    const size = board.size ?? usualSizes[as];
    const shown = shownOn(of, job, walls, steps);
    const layers = layersOf(board, shown, (size[0] * size[1]) / 1e6, job, steps);
    return {
      ...{ id, of, as, size, grade },
      wall: as === "patch" ? shown.wall : null,
      isBare: shown.isBare,
      layers,
      concerns: shown.concerns,
    };
  });
}

/** What is flat has two full coats and a chip one, unless it is told; a finish its own, or the first of them. */
function layersOf(
  { as, coats }: BoardAsked,
  { flat, over, isBare }: Shown,
  areaM2: number,
  { paints, work }: Job,
  steps: readonly StepDraft[],
): BoardLayer[] {
  const colours = [...flat].map(([id, share]) => ({
    paint: paints.find((paint) => paint.id === id)!,
    share,
  }));
  const flatCoats = over ? undefined : (coats ?? (as === "chip" ? 1 : undefined));
  const asked = { areaM2, coats: flatCoats, rollingM2Min: work.rates.rolling_m2_min };
  const ground = isBare || colours.length === 0 ? [] : flatLayers(colours, asked);
  if (!over) return ground;
  const { on, finish } = over;
  const { texture } = on.wall;
  const own = layersOfSteps(ownSteps(steps, on, finish), { areaM2, ofM2: areaOf(on, finish), texture });
  return [...ground, ...own.slice(0, coats)];
}

const ownSteps = (steps: readonly StepDraft[], { wall }: OrderedWall, finish: string): StepDraft[] =>
  steps.filter(({ id }) => id.startsWith(finishStep(wall.id, finish, "")));

/** What a finish breaks up on a wall. */
const coveredOn = ({ laid }: OrderedWall, finish: string) =>
  laid &&
  coveredBy(
    laid.pattern.effects.filter((effect) => effect.finish === finish),
    laid.pattern,
  );

/** What a finish lies over on a wall: what it breaks up, else all that there is. */
const areaOf = (on: OrderedWall, finish: string): number => coveredOn(on, finish)?.areaM2 ?? on.surfaceM2;

function shownOn(
  of: BoardAsked["of"],
  job: Job,
  walls: readonly OrderedWall[],
  steps: readonly StepDraft[],
): Shown {
  if ("paint" in of) {
    const on = walls.find((wall) => coloursOn([wall]).has(of.paint));
    return {
      flat: new Map([[of.paint, 1]]),
      over: null,
      isBare: false,
      wall: (on ?? walls[0])?.wall.id ?? null,
      concerns: new Set([of.paint]),
    };
  }
  if ("set" in of) {
    const { paints } = job.sets.find(({ id }) => id === of.set)!;
    const flat = new Map<string, number>();
    for (const [slot, share] of sharesOf(flatColoursOn(walls), Object.keys(paints))) {
      const paint = paints[slot] ?? slot;
      flat.set(paint, (flat.get(paint) ?? 0) + share);
    }
    const concerns = new Set([...Object.keys(paints), ...Object.values(paints)]);
    return { flat, over: null, isBare: false, wall: walls[0]?.wall.id ?? null, concerns };
  }
  return shownOfFinish(of.finish, walls, steps);
}

function shownOfFinish(finish: string, walls: readonly OrderedWall[], steps: readonly StepDraft[]): Shown {
  const on = walls.find((one) => one.finishes.some((own) => own.finish.id === finish));
  if (!on) return { flat: new Map(), over: null, isBare: false, wall: null, concerns: new Set() };
  const wall = on.wall.id;
  const own = ownSteps(steps, on, finish);
  const colours = coloursOn([on], finish);
  const puts = new Set(own.flatMap(({ does }) => does.flatMap((one) => (one.ml ? (one.with ?? []) : []))));
  if (puts.size === 0)
    return {
      flat: sharesOf(colours),
      over: null,
      isBare: false,
      wall,
      concerns: new Set(colours.keys()),
    };
  const isBare = isBareWood(on);
  // What is primed has its own ground.
  const under = coveredOn(on, finish)?.over ?? [on.wall.base];
  const isPrimed = own.some(({ does }) => does.some(({ act }) => act === "prime"));
  return {
    flat: new Map(isPrimed ? [] : under.map((paint) => [paint, 1 / under.length])),
    over: { on, finish },
    isBare,
    wall,
    concerns: puts,
  };
}

/** Areas by paint, mm2, of all pieces, or of one finish's. */
const coloursOn = (walls: readonly OrderedWall[], finish?: string): Map<string, number> =>
  areasOf(
    walls
      .flatMap(({ laid }) => laid?.pattern.regions ?? [])
      .filter((region) => finish === undefined || region.finish === finish),
  );

/** The same of what is seen as it is painted; of all pieces, where a finish breaks up the colour of each. */
function flatColoursOn(walls: readonly OrderedWall[]): Map<string, number> {
  const flat = walls.flatMap(({ laid }) => {
    const broken = new Set(laid?.pattern.effects.flatMap(({ regions }) => regions));
    return (laid?.pattern.regions ?? []).filter(({ id }) => !broken.has(id));
  });
  return flat.length > 0 ? areasOf(flat) : coloursOn(walls);
}

const areasOf = (regions: readonly Region[]): Map<string, number> =>
  new Map(
    [...groupBy(regions, ({ colour }) => colour)].map(([colour, all]) => [
      colour,
      all.reduce((sum, { face }) => sum + face.area, 0),
    ]),
  );

/** What no piece shows (it is printed, or laid over them) gets so much of a board beside the others. */
const leastShare = 0.1;

/** Areas as shares of a board, with those among them that have no piece of their own. */
function sharesOf(
  areas: ReadonlyMap<string, number>,
  alsoShown: readonly string[] = [],
): Map<string, number> {
  const whole = [...areas.values()].reduce((sum, area) => sum + area, 0);
  const weights = new Map([...areas].map(([paint, area]) => [paint, whole > 0 ? area / whole : 0]));
  for (const paint of alsoShown) if (!weights.has(paint)) weights.set(paint, leastShare);
  const all = [...weights.values()].reduce((sum, weight) => sum + weight, 0);
  return new Map([...weights].map(([paint, weight]) => [paint, weight / Math.max(all, 1e-9)]));
}
