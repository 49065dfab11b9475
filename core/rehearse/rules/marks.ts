import type { PlanPoint } from "../../plan/planPoint";
import type { PlanMark, PlanWall } from "../../plan/planTypes";
import type { Fault } from "../fault";
import { jointMm } from "../../trade/constants";
import type { History, TapeLife } from "../history";
import { middleOfTape } from "./tapes";

/** Places told with twelve digits are off a wall only beyond this, mm. */
const slackMm = 1;

/** Marks that are asked for and were never made, lie off the wall, or are covered or rubbed out before they are used. */
export function rehearseMarks(history: History): Fault[] {
  const made = timesOf(history, "mark", ({ to }) => to);
  const rubbed = timesOf(history, "rub-out", ({ from }) => from);
  return history.plan.walls.flatMap((wall) => {
    const marks = [...wall.marks, ...wall.checks];
    const usesTape = [...history.tape.values()].filter((life) => life.wall === wall.id && life.laid);
    return [
      ...marks.flatMap((mark) => (made.has(mark.id) ? offTheWall(history, wall, mark) : [])),
      ...usesTape.flatMap((life) => usedByTape(history, wall, life, marks, made, rubbed)),
      ...usedByPieces(history, wall, marks, made, rubbed),
    ];
  });
}

type Times = ReadonlyMap<string, number>;

function timesOf(
  history: History,
  act: "mark" | "rub-out",
  of: (doing: { from: number; to: number }) => number,
): Times {
  const times = new Map<string, number>();
  for (const doing of history.all(act, "mark")) if (!times.has(doing.id)) times.set(doing.id, of(doing));
  return times;
}

function offTheWall(history: History, wall: PlanWall, { id, axis, at, use }: PlanMark): Fault[] {
  const along = wall.outline.map(([x, y]) => (axis === "x" ? x : y));
  // A pin for a centre finds hold in a joint.
  const slack = id.includes("centre") ? jointMm : slackMm;
  if (at >= Math.min(...along) - slack && at <= Math.max(...along) + slack) return [];
  const doing = history.all("mark", "mark").find((own) => own.id === id)!;
  const place: PlanPoint = axis === "x" ? [at, 0] : [0, at];
  return [
    history.fault(
      "mark-lost",
      { step: doing.step.id, wall: wall.id },
      place,
      doing.from,
      `the mark of ${use} lies off the wall.`,
    ),
  ];
}

/** Tape along a line is laid by the marks of that line. */
function usedByTape(
  history: History,
  wall: PlanWall,
  life: TapeLife,
  marks: readonly PlanMark[],
  made: Times,
  rubbed: Times,
): Fault[] {
  const { piece, laid } = life;
  const own = marks.filter(({ line }) => line !== undefined && line === piece.line);
  if (own.length === 0) return [];
  const lost =
    whyLost(own, laid!.from, made, rubbed) ?? whyCovered(history, wall, own, piece, laid!.from, made);
  if (lost === null || isAtEdge(history, life)) return [];
  return [
    history.fault(
      "mark-lost",
      { step: laid!.step.id, wall: wall.id },
      middleOfTape(piece),
      laid!.from,
      `tape is laid along the line "${own[0]!.use}": ${lost}`,
    ),
  ];
}

/** Where a colour was painted up to tape before, tape that is laid there again has that edge to go by. */
function isAtEdge(history: History, { piece, wall, laid }: TapeLife): boolean {
  const isSame = (other: TapeLife["piece"]) =>
    other.line === piece.line &&
    piece.path.every(([x, y]) =>
      other.path.some(([u, v]) => Math.abs(x - u) <= slackMm && Math.abs(y - v) <= slackMm),
    );
  return [...history.tape.values()].some(
    (other) => other.wall === wall && other.off !== null && other.off.to <= laid!.from && isSame(other.piece),
  );
}

function whyLost(own: readonly PlanMark[], when: number, made: Times, rubbed: Times): string | null {
  const slackMin = 1;
  if (own.some(({ id }) => (made.get(id) ?? Infinity) > when + slackMin))
    return "its mark is not made by then.";
  if (own.some(({ id }) => (rubbed.get(id) ?? Infinity) < when)) return "its mark is rubbed out by then.";
  return null;
}

/** A colour that is carried past a line, or a coat over all of the wall, covers the marks that lie in it. */
function whyCovered(
  history: History,
  wall: PlanWall,
  own: readonly PlanMark[],
  { overRegion }: TapeLife["piece"],
  when: number,
  made: Times,
): string | null {
  const region = overRegion === undefined ? undefined : wall.regions.find(({ id }) => id === overRegion);
  const isCovered = (mark: PlanMark): boolean => {
    const since = made.get(mark.id)!;
    return history.layers(overRegion ?? wall.regions[0]?.id ?? "").some(({ doing, from, kind }) => {
      if (!doing || from < since || from >= when) return false;
      if (kind === "whole") return true;
      return (doing.did.past_mm ?? 0) > 0 && region !== undefined && liesAlong(mark, region.outline, wall);
    });
  };
  const isAgain = own.some(({ id }) =>
    history
      .all("mark", "mark")
      .some((doing) => doing.id === id && (doing.did.pass ?? 1) > 1 && doing.to <= when + 1),
  );
  return !isAgain && own.every(isCovered) ? "its marks lie under paint by then." : null;
}

/** Whether a mark lies beside a region: at a height, or a place along the wall, that the region takes up. */
function liesAlong(
  { on, axis, at }: PlanMark,
  outline: readonly PlanPoint[],
  { level, outline: whole }: PlanWall,
): boolean {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const wallYs = whole.map(([, y]) => y);
  const wallXs = whole.map(([x]) => x);
  const reach = 5;
  if (axis === "x") {
    const y = on === "top" ? Math.max(...wallYs) : on === "bottom" ? Math.min(...wallYs) : (level?.at ?? NaN);
    return y >= Math.min(...ys) - reach && y <= Math.max(...ys) + reach;
  }
  const x = on === "left" ? Math.min(...wallXs) : on === "right" ? Math.max(...wallXs) : at;
  return x >= Math.min(...xs) - reach && x <= Math.max(...xs) + reach;
}

/** Prints, bricks and sheets are set by the marks of their own finish. */
function usedByPieces(
  history: History,
  wall: PlanWall,
  marks: readonly PlanMark[],
  made: Times,
  rubbed: Times,
): Fault[] {
  const finishOf = new Map(wall.lines.map(({ id, finish }) => [id, finish]));
  const first = new Map<string, { readonly step: string; readonly from: number }>();
  const pieces = [
    ...history.all("print", "print"),
    ...history.all("print", "brick"),
    ...history.all("lay", "drop"),
  ];
  for (const { id, wall: on, step, from } of pieces) {
    const finish = id.slice(0, id.indexOf("/"));
    const before = first.get(finish);
    if (on === wall.id && (!before || from < before.from)) first.set(finish, { step: step.id, from });
  }
  return [...first].flatMap(([finish, { step, from }]) => {
    const own = marks.filter(({ line }) => line !== undefined && finishOf.get(line) === finish);
    const lost = own.length === 0 ? null : whyLost(own, from, made, rubbed);
    return lost === null
      ? []
      : [
          history.fault(
            "mark-lost",
            { step, wall: wall.id },
            null,
            from,
            `work is set by ${own[0]!.use}: ${lost}`,
          ),
        ];
  });
}
