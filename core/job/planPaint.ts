import { coatReasons } from "../findings/coatReasons";
import type { Finding } from "../findings/finding";
import { calculateNeed, type PaintUse } from "../paint/calculateNeed";
import { adviseCoats, type CoatsAdvice } from "../paint/adviseCoats";
import { rankPacks } from "../paint/choosePacks";
import type { Paint } from "../paint/schema";
import type { Pass } from "../rounds/listPasses";
import { mineralMaterials } from "../trade/constants";
import type { Wall } from "../wall/schema";
import type { OrderedWall } from "./orderWalls";
import type { PlanPaint, PlanTape, PlanWall } from "./planTypes";
import type { Job } from "./schema";

/** So many ways to buy a colour are told, the one chosen included. */
const mostChoices = 3;

/** Paint per colour over the whole job: the need with its terms, and the cheapest packs beyond what is on hand. */
export function planPaint(
  job: Job,
  walls: readonly OrderedWall[],
  passes: readonly Pass[],
  described: readonly PlanWall[],
): { paint: PlanPaint[]; findings: Finding[] } {
  const laidWalls = walls.flatMap((wall, index) =>
    wall.laid ? [{ ...wall, tapePieces: described[index]!.tape }] : [],
  );
  const planned = job.paints
    .filter((colour) => laidWalls.some((wall) => isUsed(colour, wall)))
    .map((colour) => planColour(job, colour, laidWalls, passes));
  return {
    paint: planned.map(({ paint }) => paint),
    findings: [
      ...planned.flatMap(({ findings }) => findings),
      ...laidWalls.flatMap((wall) => checkGround(job, wall)),
    ],
  };
}

type LaidWall = OrderedWall & { readonly tapePieces: readonly PlanTape[] };

function planColour(
  job: Job,
  colour: Paint,
  walls: readonly LaidWall[],
  passes: readonly Pass[],
): { paint: PlanPaint; findings: Finding[] } {
  const uses = walls.map((wall) => useOn(colour, wall, sealedWith(colour.id, wall.tapePieces)));
  const need = calculateNeed(colour, uses, countSessions(colour, walls, passes));
  const toBuy = Math.max(0, need.needMl - colour.onHandMl);
  const choices = rankPacks(
    toBuy,
    colour.packs.filter((pack) => pack.inStock),
    mostChoices,
  ).map(({ packs, cost, volumeMl }) => ({
    packs: packs.map(({ size, count, price }) => ({ size_ml: size, count, price })),
    cost,
    left_ml: Math.max(0, volumeMl - toBuy),
  }));
  const [best = { packs: [], cost: 0, left_ml: 0 }, ...alternatives] = choices;
  const advice = adviceFor(job, colour, walls);
  const film = (use: PaintUse) => calculateNeed(colour, [use], 1).filmMl;
  return {
    paint: {
      colour: colour.id,
      area_m2: need.areaM2,
      coats: colour.coats,
      need_ml: need.needMl,
      terms: {
        film_ml: need.filmMl,
        seal_ml: need.sealMl,
        tools_ml: need.toolsMl,
        touchUp_ml: need.touchUpMl,
      },
      store_ml: Math.min(need.needMl, colour.onHandMl),
      ...best,
      alternatives,
      walls: uses.flatMap((use, index) =>
        use.areaM2 > 0 ? [{ wall: walls[index]!.wall.id, area_m2: use.areaM2, film_ml: film(use) }] : [],
      ),
      advice: advice && {
        coats: advice.coats,
        why: advice.because.map((code) => coatReasons[code]),
      },
    },
    findings: [...checkPacks(colour, toBuy, choices.length), ...checkCoats(colour, advice)],
  };
}

function checkPacks({ id, packs }: Paint, needMl: number, choices: number): Finding[] {
  if (choices > 0) return [];
  const code = packs.length > 0 ? "out-of-stock" : "no-packs";
  return [{ code, severity: "check", values: { paint: id, needMl }, at: null }];
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

/** The most coats that a colour is advised on any wall, over the base that it goes on. */
function adviceFor(job: Job, colour: Paint, walls: readonly LaidWall[]): CoatsAdvice | null {
  if (colour.material !== "wall-paint") return null;
  const grounds = walls
    .filter(({ laid, groups }) =>
      laid!.pattern.regions.some((region, index) => groups[index] !== 0 && region.colour === colour.id),
    )
    .map(({ wall }) => job.paints.find((paint) => paint.id === wall.base)!.hex);
  const advised = [...new Set(grounds)].map((hex) => adviseCoats(hex, colour.hex, colour.hiding));
  return advised.reduce<CoatsAdvice | null>(
    (most, next) => (most && most.coats >= next.coats ? most : next),
    null,
  );
}

/** Limewash bonds with mineral grounds only: what is under it, primer or base, has to be one. */
function checkGround(job: Job, { wall, laid, groups }: LaidWall): Finding[] {
  const materialOf = new Map(job.paints.map(({ id, material }) => [id, material]));
  const isMineral = (id: string | undefined) =>
    id !== undefined && mineralMaterials.includes(materialOf.get(id)!);
  const isLime = (id: string) => materialOf.get(id) === "limewash";
  const find = (paint: string): Finding[] => [
    { code: "mineral-ground", severity: "check", values: { paint, wall: wall.id }, at: null },
  ];
  if (wall.baseState === "paint" && isLime(wall.base) && !isMineral(wall.primer)) return find(wall.base);
  const painted = laid!.pattern.regions.find(({ colour }, index) => groups[index] !== 0 && isLime(colour));
  return painted && !isMineral(wall.base) ? find(painted.colour) : [];
}

function isUsed({ id }: Paint, { wall, laid, tape }: OrderedWall): boolean {
  return (
    countWholeCoats(id, wall) > 0 ||
    laid!.pattern.regions.some((region) => region.colour === id) ||
    tape.some((piece) => piece.over === id)
  );
}

/** mm of edges sealed with a colour, each pass counted; a tape that serves two edges is sealed along both. */
function sealedWith(id: string, tape: readonly PlanTape[]): number {
  return tape
    .filter((piece) => piece.seal === id)
    .reduce((sum, piece) => sum + piece.length * (piece.centred ? 2 : 1), 0);
}

/** What is coated and sealed on one wall; a base that is already on is not coated again. */
function useOn({ id }: Paint, ordered: OrderedWall, sealMm: number): PaintUse {
  const { wall, laid, surfaceM2, groups } = ordered;
  const painted = laid!.pattern.regions
    .filter((region, index) => groups[index] !== 0 && region.colour === id)
    .reduce((sum, region) => sum + region.face.area / 1e6, 0);
  return { texture: wall.texture, areaM2: painted + countWholeCoats(id, wall) * surfaceM2, sealMm };
}

/** How often a paint covers the whole wall, each time with all its coats: as its primer, as its base. */
function countWholeCoats(id: string, { base, baseState, primer }: Wall): number {
  return Number(primer === id) + Number(base === id && baseState === "paint");
}

/** How often tools are wetted and washed: once for a base coat and once for every round that uses the colour. */
function countSessions({ id, coats }: Paint, walls: readonly OrderedWall[], passes: readonly Pass[]): number {
  const groups = new Set(
    walls.flatMap((wall) =>
      wall.groups.filter((group, index) => group !== 0 && wall.laid!.pattern.regions[index]!.colour === id),
    ),
  );
  const rounds = passes.filter((pass) => groups.has(pass.group) && (pass.coat ?? 1) <= coats).length;
  const whole = walls.some(({ wall }) => countWholeCoats(id, wall) > 0) ? 1 : 0;
  return rounds + whole;
}
