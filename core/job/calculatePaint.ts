import type { Finding } from "../findings/finding";
import { groupBy } from "../geometry/groupBy";
import { adviseCoats, type CoatsAdvice } from "../paint/adviseCoats";
import { calculateNeed, type PaintNeed } from "../paint/calculateNeed";
import { batchesOf, componentsOf, furthestOff, inOrderOfMaking, tintLoad, type Batches } from "../paint/mix";
import { rankPacks, type PackChoice } from "../paint/choosePacks";
import { estimatePrices, type Tin } from "../paint/estimatePrices";
import type { Paint } from "../paint/schema";
import { brushUpToM2, smallRollerUpToM2, toolKeepsMl } from "../trade/constants";
import { isOf } from "../trade/materials";
import type { PaintUse } from "../work/contribution";
import type { StepDraft } from "../work/step";
import { toolSessions } from "../work/room/washTools";
import type { JobWork } from "./contribute";
import { countSessions } from "../work/taped/tapedWork";
import type { OrderedWall } from "./orderedWall";
import type { Job } from "./schema";

/** So many ways to buy a colour are told, the one chosen included. */
const mostChoices = 3;

/** What one paint comes to over the whole job. */
export interface PaintOfJob extends PacksOfPaint {
  readonly paint: Paint;
  readonly need: PaintNeed;
  readonly alternatives: readonly PacksOfPaint[];
  /** What each wall takes of its film. */
  readonly walls: readonly { readonly wall: string; readonly areaM2: number; readonly filmMl: number }[];
  readonly advice: CoatsAdvice | null;
  /** How it is made, where it is not bought. */
  readonly batches?: Batches;
}

/** A way to buy it, what its tins cost as far as that is known, and what is left of it then. */
interface PacksOfPaint {
  readonly packs: PackChoice["packs"];
  readonly cost: number;
  readonly leftMl: number;
}

/** Paint per colour over the whole job: the need with its terms, and the cheapest packs beyond what is on hand. */
export function calculatePaint(
  job: Job,
  walls: readonly OrderedWall[],
  uses: readonly PaintUse[],
  { site, drafts }: Pick<JobWork, "site" | "drafts">,
): { paint: PaintOfJob[]; findings: Finding[] } {
  const sessionsOf = toolSessions(drafts);
  const kept = (paint: string, own: readonly PaintUse[]): number => {
    if (own.length > 0 && own.every(({ boards }) => boards)) return 0;
    const rolled = sessionsOf(paint).reduce((sum, used) => sum + keptBy(toolsOf(used, paint)), 0);
    if (rolled > 0) return rolled;
    // What is not rolled, or not worked out day by day, has tools that keep as much as a roller for it would.
    const areaM2 = own.reduce((sum, use) => sum + use.areaM2, 0);
    const isPrinted = own.some(({ printed }) => printed);
    return areaM2 === 0 && isPrinted ? 0 : Math.max(1, countSessions(paint, site)) * keptBy(toolsFor(areaM2));
  };
  const laidWalls = walls.filter(({ laid }) => laid);
  const usesOf = groupBy(uses, ({ paint }) => paint);
  // What is made comes before what it is made of.
  const intoMixes = new Map<string, number>();
  const byPaint = new Map<string, Planned>();
  for (const paint of inOrderOfMaking(job.paints).order) {
    const [own = [], mixedMl = 0] = [usesOf.get(paint.id), intoMixes.get(paint.id)];
    if (own.length === 0 && mixedMl === 0) continue;
    const colour = planColour(job, paint, own, mixedMl, laidWalls, kept(paint.id, own));
    byPaint.set(paint.id, colour);
    const made = colour.paint.batches?.makeMl ?? 0;
    for (const [component, ml] of paint.mix ? componentsOf(paint.mix, made) : [])
      intoMixes.set(component, (intoMixes.get(component) ?? 0) + ml);
  }
  const planned = job.paints.flatMap(({ id }) => byPaint.get(id) ?? []);
  return {
    paint: planned.map(({ paint }) => paint),
    findings: [
      ...planned.flatMap(({ findings }) => findings),
      ...laidWalls.flatMap((wall) => checkGround(job, wall)),
    ],
  };
}

/** The tools that are wetted with a paint. */
const toolsOf = (steps: readonly StepDraft[], paint: string): string[] =>
  steps.flatMap(({ does }) =>
    does.flatMap(({ with: own, rolledM2, tools = [] }) =>
      own === paint && rolledM2 !== undefined ? tools : [],
    ),
  );

/** Those that one would take for so many m2. */
const toolsFor = (areaM2: number): string[] =>
  areaM2 <= brushUpToM2 ? ["brush"] : ["brush", areaM2 <= smallRollerUpToM2 ? "roller-100" : "roller-230"];

/** What they keep, each once, ml. */
const keptBy = (tools: readonly string[]): number =>
  [...new Set(tools)].reduce((sum, tool) => sum + (toolKeepsMl[tool] ?? 0), 0);

interface Planned {
  readonly paint: PaintOfJob;
  readonly findings: readonly Finding[];
}

function planColour(
  job: Job,
  paint: Paint,
  uses: readonly PaintUse[],
  mixedMl: number,
  walls: readonly OrderedWall[],
  keptMl: number,
): Planned {
  const need = calculateNeed(paint, uses, keptMl, mixedMl);
  const toBuy = Math.max(0, need.needMl - paint.onHandMl);
  const tins = estimatePrices(paint.packs.filter((pack) => pack.inStock));
  const batches = paint.mix && batchesOf(paint.mix, toBuy, job.volumes);
  const choices = rankPacks(batches ? 0 : toBuy, tins, mostChoices).map(
    ({ packs, volumeMl }): PacksOfPaint => ({
      packs,
      cost: packs.reduce((sum, { price, count, isEstimate }) => (isEstimate ? sum : sum + price * count), 0),
      leftMl: Math.max(0, volumeMl - (batches ? 0 : toBuy)),
    }),
  );
  const [best = { packs: [], cost: 0, leftMl: 0 }, ...alternatives] = choices;
  const advice = adviceFor(job, paint, walls);
  return {
    paint: {
      paint,
      need,
      ...best,
      alternatives,
      walls: [
        ...groupBy(
          uses.filter(({ boards }) => !boards),
          ({ wall }) => wall,
        ),
      ].flatMap(([wall, own]) => {
        const { areaM2, printedM2, filmMl } = calculateNeed(paint, own, 0);
        return areaM2 + printedM2 > 0 ? [{ wall, areaM2, filmMl }] : [];
      }),
      advice,
      ...(batches && { batches }),
    },
    findings: [
      ...(batches
        ? [...checkTint(paint, batches, job), ...checkRecipe(paint, batches)]
        : [...checkPacks(paint, toBuy, choices.length), ...checkLeft(paint, toBuy, best, tins)]),
      ...checkCoats(paint, advice),
    ],
  };
}

/** What is measured that is off its recipe. */
function checkRecipe({ id, mix }: Paint, { each }: Batches): Finding[] {
  const worst = furthestOff(mix!, each);
  if (!worst) return [];
  const values = { paint: id, part: worst.paint, off: worst.off };
  return [{ code: "recipe-off", severity: "note", values, at: null }];
}

/** More tint in what is measured than its base takes by the label. */
function checkTint({ id, mix }: Paint, { each }: Batches, { paints, accepted = [] }: Job): Finding[] {
  const limit = mix!.limit;
  const made = tintLoad(mix!, each, (other) => paints.find((paint) => paint.id === other)?.mix);
  if (!limit || made === null || made <= limit.ml_per_l + 1e-9) return [];
  const taken = accepted.find((one) => one.mix === id)?.name ?? null;
  const values = { paint: id, tint: limit.of, base: limit.in, made, limit: limit.ml_per_l, taken };
  return [{ code: "tint-over-limit", severity: taken === null ? "check" : "note", values, at: null }];
}

function checkPacks({ id, packs }: Paint, needMl: number, choices: number): Finding[] {
  if (choices > 0) return [];
  const found = { severity: "check", values: { paint: id, needMl }, at: null } as const;
  return [packs.length > 0 ? { code: "out-of-stock", ...found } : { code: "no-packs", ...found }];
}

/** Under this share of what is bought for, what is left over is no reserve. */
const leastLeftShare = 0.03;

/** Tins that hardly suffice, and the next way to buy. */
function checkLeft({ id }: Paint, toBuyMl: number, best: PacksOfPaint, tins: readonly Tin[]): Finding[] {
  if (best.packs.length === 0 || best.leftMl >= leastLeftShare * toBuyMl) return [];
  const [more] = rankPacks(toBuyMl * (1 + leastLeftShare), tins, 1);
  const cost = more ? more.packs.reduce((sum, { price, count }) => sum + price * count, 0) : 0;
  const volume = best.leftMl + toBuyMl;
  const next = more && { ml: more.volumeMl - volume, cost: Math.max(0, cost - best.cost) };
  return [
    {
      code: "little-left",
      severity: "note",
      at: null,
      values: { paint: id, leftMl: best.leftMl, next: next ?? null },
    },
  ];
}

function checkCoats({ id, coats }: Paint, advice: CoatsAdvice | null): Finding[] {
  if (!advice || advice.coats <= coats) return [];
  const { because, primer } = advice;
  return [
    {
      code: "more-coats",
      severity: "note",
      values: { paint: id, coats, advised: advice.coats, because, primer },
      at: null,
      cure: { kind: "more-coats", count: advice.coats, paint: id, set: { coats: advice.coats } },
    },
  ];
}

/** The most coats that a colour is advised on any wall, over the base that it goes on, or as a base over what is there. */
function adviceFor(job: Job, colour: Paint, walls: readonly OrderedWall[]): CoatsAdvice | null {
  if (!isOf(colour.material, "hides")) return null;
  const hexOf = (id: string | undefined) => job.paints.find((paint) => paint.id === id)?.hex;
  const grounds = walls.flatMap(({ wall, laid, groups }) => {
    const isPainted = laid!.pattern.regions.some(
      (region, index) => groups[index] !== 0 && region.colour === colour.id,
    );
    // A base that is painted goes on what is there now, as far as that is told.
    const isBase = wall.base === colour.id && wall.baseState === "paint";
    const present = wall.present?.colour ?? hexOf(wall.present?.paint);
    return [...(isPainted ? [hexOf(wall.base)!] : []), ...(isBase && present !== undefined ? [present] : [])];
  });
  const advised = [...new Set(grounds)].map((hex) => adviseCoats(hex, colour.hex, colour.hiding));
  return advised.reduce<CoatsAdvice | null>(
    (most, next) => (most && most.coats >= next.coats ? most : next),
    null,
  );
}

/** Limewash bonds with mineral grounds only: what is under it, primer or base, has to be one. */
function checkGround(job: Job, { wall, laid, groups }: OrderedWall): Finding[] {
  const materialOf = new Map(job.paints.map(({ id, material }) => [id, material]));
  const isMineral = (id: string | undefined) => id !== undefined && isOf(materialOf.get(id)!, "mineral");
  const isLime = (id: string) => isOf(materialOf.get(id)!, "on mineral only");
  const find = (paint: string): Finding[] => [
    { code: "mineral-ground", severity: "check", values: { paint, wall: wall.id }, at: null },
  ];
  if (wall.baseState === "paint" && isLime(wall.base) && !isMineral(wall.primer)) return find(wall.base);
  const painted = laid!.pattern.regions.find(({ colour }, index) => groups[index] !== 0 && isLime(colour));
  return painted && !isMineral(wall.base) ? find(painted.colour) : [];
}
