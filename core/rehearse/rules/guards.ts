import { once } from "../../geometry/once";
import { partName } from "../words";
import type { PlanPoint } from "../../plan/planPoint";
import type { PlanWall } from "../../plan/planTypes";
import { maskFilmMm, tapeWidthMm } from "../../trade/constants";
import type { Fault } from "../fault";
import type { Border } from "../ground";
import type { History } from "../history";
import type { Doing } from "../timeline";

/** Broken colour without its masks, over what is not its own, stamps beside bare trim, and paint over a bare floor. */
export function rehearseGuards(history: History): Fault[] {
  return [
    ...history.plan.walls.flatMap((wall) => [...unmasked(history, wall), ...beyondItsOwn(history, wall)]),
    ...bareFloor(history),
  ];
}

/** Masks lie all around while it is worked: each coat of broken colour, and all faces of bricks. */
function unmasked(history: History, wall: PlanWall): Fault[] {
  const coats = (wall.coats ?? []).flatMap(({ finish, coat, sections }) => {
    const ids = new Set(sections.map(({ id }) => id));
    const worked = history
      .all("coat", "section")
      .filter(({ id, did, wall: on }) => on === wall.id && (did.coat ?? 1) === coat && ids.has(id));
    const lastCoat = Math.max(...(wall.coats ?? []).map((own) => (own.finish === finish ? own.coat : 0)));
    const what = `coat ${coat} of ${history.called(worked[0]?.did.with ?? "")}`;
    return [{ finish, what, worked, isLast: coat === lastCoat }];
  });
  const stamped = (wall.bricks ?? []).map(({ finish, list }) => {
    const ids = new Set(list.map(({ id }) => id));
    const worked = history.all("print", "brick").filter(({ id, wall: on }) => on === wall.id && ids.has(id));
    return { finish, what: "the brickwork", worked, isLast: true };
  });
  return [...coats, ...stamped].flatMap((work) => masksAround(history, wall, work));
}

interface Masked {
  readonly finish: string;
  readonly what: string;
  readonly worked: readonly Doing[];
  /** Nothing more is done within these masks. */
  readonly isLast: boolean;
}

function masksAround(history: History, wall: PlanWall, { finish, what, worked, isLast }: Masked): Fault[] {
  if (worked.length === 0) return [];
  const edge = `${wall.id}/${finish}/edge`;
  const [first, last] = [worked[0]!, worked.at(-1)!];
  const mask = history.all("mask", "edge").find(({ id }) => id === edge);
  const unmask = history.all("unmask", "edge").find(({ id }) => id === edge);
  const where = { step: first.step.id, wall: wall.id };
  if (!mask || mask.to > first.from + 1)
    return [
      history.fault("unguarded", where, null, first.from, `${what} goes on with nothing masked around it.`),
    ];
  // The first of them is off as soon as that begins.
  if (unmask && unmask.from < last.to - 1)
    return [
      history.fault(
        "off-too-early",
        { step: unmask.step.id, wall: wall.id },
        null,
        unmask.from,
        `the masks are off before ${what} is on.`,
      ),
    ];
  return unmask || !isLast
    ? []
    : [history.fault("off-too-late", where, null, last.to, `the masks around it never come off.`)];
}

/** Over a mask's tape a tool may go, and over film on it, mm; a hand's breadth of slack is none. */
const beyondTapeMm = tapeWidthMm + 5;
const samples = 7;
const ringMm = beyondTapeMm;

/** Parts that reach over neighbours that are not theirs, further than a mask's tape covers. */
function beyondItsOwn(history: History, wall: PlanWall): Fault[] {
  return (wall.coats ?? []).flatMap(({ finish, coat, sections }) => {
    const covered = new Set(
      (wall.effects ?? []).flatMap((effect) => (effect.finish === finish ? effect.regions : [])),
    );
    if (covered.size === wall.regions.length) return [];
    const ground = history.ground(wall.id);
    const mask = history.all("mask", "edge").find(({ id }) => id === `${wall.id}/${finish}/edge`);
    const beyondMm = mask?.did.tools?.includes("film") ? maskFilmMm : beyondTapeMm;
    const isTheirs = (point: PlanPoint): boolean | null => {
      const region = ground.regionAt(point);
      return region === null ? null : covered.has(ground.regions[region]!.id);
    };
    const bordersOf = once(() =>
      wall.regions.flatMap((region, index) => (covered.has(region.id) ? ground.bordersAround(index) : [])),
    );
    return sections.flatMap(({ id, box }) => {
      const isFar = (point: PlanPoint, awayMm: number) =>
        isTheirs(point) === false && !ringsOf(point, awayMm).some((near) => isTheirs(near));
      if (!pointsIn(box).some((point) => isFar(point, beyondMm))) return [];
      const at = looseSide(box, { isTheirs, borders: bordersOf() }, beyondMm);
      const doing =
        at && history.all("coat", "section").find((own) => own.id === id && (own.did.coat ?? 1) === coat);
      if (!at || !doing) return [];
      const say = `${partName(id)} goes over what is not its own, further than a mask covers.`;
      return [history.fault("wrong-colour", { step: doing.step.id, wall: wall.id }, at, doing.from, say)];
    });
  });
}

/** What is to be covered. */
interface OwnArea {
  readonly isTheirs: (point: PlanPoint) => boolean | null;
  readonly borders: readonly Border[];
}

/** So far within a corner it is asked whose it is, mm. */
const cornerMm = 0.5;

/**
 * A box is around what of a part is covered, whatever lies in its middle. The middle of a side that has nothing of that near it;
 * null where all have.
 */
function looseSide(
  [x, y, width, height]: readonly [number, number, number, number],
  { isTheirs, borders }: OwnArea,
  beyondMm: number,
): PlanPoint | null {
  const corners = [-1, 1].flatMap((right) =>
    [-1, 1].map((up): PlanPoint => [
      x + width / 2 + right * (width / 2 - cornerMm),
      y + height / 2 + up * (height / 2 - cornerMm),
    ]),
  );
  const inside = [
    ...corners.filter((corner) => isTheirs(corner)),
    ...borders.flatMap(({ a, b }) => clipToBox(a, b, [x, y, x + width, y + height]) ?? []),
  ];
  if (inside.length === 0) return [x + width / 2, y + height / 2];
  const [xs, ys] = [inside.map((point) => point[0]), inside.map((point) => point[1])];
  if (Math.min(...xs) - x > beyondMm) return [x, y + height / 2];
  if (x + width - Math.max(...xs) > beyondMm) return [x + width, y + height / 2];
  if (Math.min(...ys) - y > beyondMm) return [x + width / 2, y];
  return y + height - Math.max(...ys) > beyondMm ? [x + width / 2, y + height] : null;
}

/** The ends of what of a stretch lies in a box of least and most x and y, after Liang and Barsky; null where nothing does. */
function clipToBox(
  a: PlanPoint,
  b: PlanPoint,
  [minX, minY, maxX, maxY]: readonly [number, number, number, number],
): [PlanPoint, PlanPoint] | null {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const sides = [
    [-dx, a[0] - minX],
    [dx, maxX - a[0]],
    [-dy, a[1] - minY],
    [dy, maxY - a[1]],
  ] as const;
  let [from, to] = [0, 1];
  for (const [step, room] of sides) {
    if (step === 0 && room < 0) return null;
    if (step < 0) from = Math.max(from, room / step);
    if (step > 0) to = Math.min(to, room / step);
  }
  const at = (share: number): PlanPoint => [a[0] + share * dx, a[1] + share * dy];
  return from <= to ? [at(from), at(to)] : null;
}

const pointsIn = ([x, y, width, height]: readonly [number, number, number, number]): PlanPoint[] =>
  Array.from({ length: samples }, (_, row) =>
    Array.from({ length: samples }, (_, column): PlanPoint => [
      x + (width * (column + 0.5)) / samples,
      y + (height * (row + 0.5)) / samples,
    ]),
  ).flat();

/** Around a place, up to so far from it. */
const ringsOf = ([x, y]: PlanPoint, awayMm: number): PlanPoint[] =>
  Array.from({ length: Math.ceil(awayMm / ringMm) }, (_, ring) =>
    Math.min(awayMm, (ring + 1) * ringMm),
  ).flatMap((mm) =>
    [-1, 0, 1].flatMap((across) => [-1, 0, 1].map((up): PlanPoint => [x + across * mm, y + up * mm])),
  );

const wets = (doing: Doing): boolean => ["prime", "base", "coat", "print", "seal"].includes(doing.did.act);

/** Nothing is opened over a bare floor; what lies on a table has none. */
function bareFloor(history: History): Fault[] {
  const standing = new Set(history.job.walls.flatMap(({ id, object }) => (object ? [] : [id])));
  const first = history.doings.find((doing) => wets(doing) && standing.has(doing.wall));
  const covered = history.all("cover", "room")[0];
  if (!first || (covered && covered.to <= first.from + 1)) return [];
  return [history.faultIn("unguarded", first, `paint is opened over a bare floor.`)];
}
