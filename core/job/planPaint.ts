import type { Finding } from "../findings/finding";
import { calculateNeed, type PaintUse } from "../paint/calculateNeed";
import { choosePacks } from "../paint/choosePacks";
import type { Paint } from "../paint/schema";
import type { Pass } from "../rounds/listPasses";
import type { Wall } from "../wall/schema";
import type { OrderedWall } from "./orderWalls";
import type { PlanPaint, PlanWall } from "./planTypes";
import type { Job } from "./schema";

/** Paint per colour over the whole job: the need with its terms, and the cheapest packs beyond what is on hand. */
export function planPaint(
  job: Job,
  walls: readonly OrderedWall[],
  passes: readonly Pass[],
  described: readonly PlanWall[],
): { paint: PlanPaint[]; findings: Finding[] } {
  const findings: Finding[] = [];
  const laidWalls = walls.filter((wall) => wall.laid);
  const paint = job.paints.flatMap((colour): PlanPaint[] => {
    if (!laidWalls.some((wall) => isUsed(colour, wall))) return [];
    const uses = walls.flatMap((wall, index) =>
      wall.laid ? [useOn(colour, wall, sealedWith(colour.id, described[index]!))] : [],
    );
    const need = calculateNeed(colour, uses, countSessions(colour, laidWalls, passes));
    const toBuy = need.needMl - colour.onHandMl;
    const choice = choosePacks(toBuy, colour.packs);
    if (!choice) {
      const values = { paint: colour.id, needMl: toBuy };
      findings.push({ code: "no-packs", severity: "check", values, at: null });
    }
    return [
      {
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
        packs: (choice?.packs ?? []).map(({ size, count, price }) => ({ size_ml: size, count, price })),
        cost: choice?.cost ?? 0,
        left_ml: Math.max(0, (choice?.volumeMl ?? 0) - toBuy),
      },
    ];
  });
  return { paint, findings };
}

function isUsed({ id }: Paint, { wall, laid, tape }: OrderedWall): boolean {
  return (
    countWholeCoats(id, wall) > 0 ||
    laid!.pattern.regions.some((region) => region.colour === id) ||
    tape.some((piece) => piece.over === id)
  );
}

/** mm of edges sealed with a colour, each pass counted; a tape that serves two edges is sealed along both. */
function sealedWith(id: string, { tape }: PlanWall): number {
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
