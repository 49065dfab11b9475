import type { Finding } from "../findings/finding";
import { finishOf } from "../finishes/registry";
import type { Job } from "./schema";
import type { OrderedWall } from "./orderedWall";

/** What is told of a job's colours once its walls are laid out: those of a finish that nothing got, and sheens of one colour. */
export const adviseColours = (job: Job, walls: readonly OrderedWall[]): Finding[] => [
  ...unusedColours(job, walls),
  ...sheensOfOneColour(job, walls),
];

/** The paints that lie on a wall, by the finish that put them there; "" for bare base. */
function paintsOn({ laid }: OrderedWall): (readonly [finish: string, paint: string])[] {
  return (laid?.pattern.regions ?? []).map(({ finish, colour }) => [finish ?? "", colour] as const);
}

/** A colour among those that a finish shuffles or takes in turn, which no piece has got. */
function unusedColours(job: Job, walls: readonly OrderedWall[]): Finding[] {
  const laid = walls.filter((wall) => wall.laid);
  if (laid.length < walls.length) return [];
  const used = new Set(laid.flatMap((wall) => paintsOn(wall).map((pair) => pair.join(" "))));
  const bare = new Set(
    laid.flatMap((wall) => paintsOn(wall).flatMap(([finish, paint]) => (finish === "" ? [paint] : []))),
  );
  return job.finishes.flatMap((finish): Finding[] => {
    const inTurn = finishOf(finish.kind)
      .paints(finish)
      .filter(({ path }) => path.includes("colours"))
      .filter(({ path }) => typeof path.at(-1) === "number");
    const unused = [...new Set(inTurn.map(({ id }) => id))].filter(
      (paint) => !used.has(`${finish.id} ${paint}`) && !bare.has(paint),
    );
    if (unused.length === 0 || unused.length === inTurn.length) return [];
    return [
      { code: "unused-colour", severity: "note", values: { finish: finish.id, paints: unused }, at: null },
    ];
  });
}

/** Paints of one colour and several sheens on one wall. */
function sheensOfOneColour(job: Job, walls: readonly OrderedWall[]): Finding[] {
  const paintOf = new Map(job.paints.map((paint) => [paint.id, paint]));
  return walls.flatMap((wall): Finding[] => {
    const own = [...new Set(paintsOn(wall).map(([, paint]) => paint))].map((id) => paintOf.get(id)!);
    const base = wall.laid ? [paintOf.get(wall.wall.base)!] : [];
    const all = [...new Set([...base, ...own])];
    const alike = all.filter((paint) =>
      all.some((other) => other !== paint && other.hex === paint.hex && other.sheen !== paint.sheen),
    );
    if (alike.length < 2) return [];
    const values = { wall: wall.wall.id, paints: alike.map(({ id }) => id) };
    return [{ code: "sheens-of-one", severity: "note", values, at: null }];
  });
}
