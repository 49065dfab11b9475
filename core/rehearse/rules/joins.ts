import { formatDuration } from "../../measure/formatLength";
import { partName } from "../words";
import type { PlanPoint } from "../../plan/planPoint";
import type { PlanCoat, PlanWall } from "../../plan/planTypes";
import type { Fault } from "../fault";
import type { History } from "../history";
import type { Doing, Span } from "../timeline";

/** Minutes between two stretches of one field that are no pause. */
const pauseMin = 5;

/** Fields that are stopped in, and parts of broken colour that are joined after their edge has set. */
export function rehearseJoins(history: History): Fault[] {
  return [...stoppedInField(history), ...history.plan.walls.flatMap((wall) => joinedDry(history, wall))];
}

/** A region is one field: all of its coat is one wet area, whatever stretches and days it is divided into. */
function stoppedInField(history: History): Fault[] {
  const coats = new Map<string, Doing[]>();
  const fields = [
    ...history.all("coat", "region"),
    ...history.all("base", "wall"),
    ...history.all("prime", "wall"),
    ...history.all("prime", "section"),
    ...history.all("varnish", "wall"),
  ];
  for (const doing of fields) {
    const key = [doing.did.act, doing.wall, doing.id, doing.did.coat ?? 1, doing.did.pass ?? 1].join(" ");
    coats.set(key, [...(coats.get(key) ?? []), doing]);
  }
  return [...coats.values()].flatMap((doings): Fault[] => {
    const spans = doings.flatMap((doing) => spansWithBreak(history, doing));
    for (let place = 1; place < spans.length; place++) {
      const [before, after] = [spans[place - 1]!, spans[place]!];
      const pause = after[0] - before[1];
      if (pause < pauseMin) continue;
      const last = doings.at(-1)!;
      const region = history.walls.get(last.wall)?.regions.find(({ id }) => id === last.id);
      const name = region?.name ?? "the wall";
      return [
        history.fault(
          "stopped-in-field",
          { step: last.step.id, wall: last.wall },
          region?.label ?? null,
          before[1],
          `${name} is left half painted for ${formatDuration(pause)} from ${history.at(before[1])}: its edge sets.`,
        ),
      ];
    }
    return [];
  });
}

/** The spans in which it is really worked on: one that goes over the break is laid down for it. What is under way is only slower. */
function spansWithBreak(history: History, { step, spans }: Doing): Span[] {
  if (step.state === "running" || spans.length > 1 || (step.stretches?.length ?? 0) > 1) return [...spans];
  const rest = step.end - step.start - step.minutes;
  const day = history.plan.days.find((own) => own.day === step.day);
  if (rest < pauseMin || !day?.pause) return [...spans];
  const clock = Number(day.pause.from.slice(0, 2)) * 60 + Number(day.pause.from.slice(3));
  const from = (step.day - 1) * 1440 + clock;
  return [
    [step.start, from],
    [from + rest, step.end],
  ];
}

interface Part {
  readonly id: string;
  readonly box: PlanCoat["sections"][number]["box"];
  readonly ragged: readonly string[];
  readonly from: number;
  readonly to: number;
  readonly step: string;
}

/** Sides touch where boxes are this near, mm. */
const touchMm = 1;
/** A corner is no side: parts join along at least so much of one, mm. */
const leastSideMm = 20;

function joinedDry(history: History, wall: PlanWall): Fault[] {
  // What is laid once more is joined to what is laid with it.
  const passes = new Set(history.all("coat", "section").map(({ did }) => did.pass ?? 1));
  return (wall.coats ?? []).flatMap((coat) =>
    // Boards are each a field of their own, from end to end.
    coat.sections.some(({ tone }) => tone !== undefined)
      ? []
      : [...passes].flatMap((pass) => joinedDryIn(history, wall, coat, pass)),
  );
}

function joinedDryIn(history: History, wall: PlanWall, coat: PlanCoat, pass: number): Fault[] {
  const parts = partsOf(history, wall, coat, pass);
  const open = history.drying.openMinutes(coat.colour);
  return parts.flatMap((part, place): Fault[] => {
    // Side by side from one end to the other: each place of the join waits from its own turn to its neighbour's.
    const other = parts
      .slice(0, place)
      .find(
        ({ id, box, from, ragged }) =>
          fieldOf(part.id) === fieldOf(id) &&
          part.from - from > open + 1 &&
          isBeside(part.box, box) &&
          !ragged.includes(sideOf(box, part.box)),
      );
    if (!other) return [];
    const [x, y, width, height] = part.box;
    const say = `${partName(part.id)} of coat ${coat.coat} joins ${partName(other.id)} after ${formatDuration(part.from - other.from)}; an edge of ${history.called(coat.colour)} stays wet for ${formatDuration(Math.floor(open))}.`;
    const at: PlanPoint = [x + width / 2, y + height / 2];
    return [history.fault("join-dry", { step: part.step, wall: wall.id }, at, part.from, say)];
  });
}

/** Parts in their turn, each with its share of its step's time. */
function partsOf(history: History, wall: PlanWall, { coat, sections }: PlanCoat, pass: number): Part[] {
  const known = new Map(sections.map((section) => [section.id, section]));
  const steps = new Map<string, Doing[]>();
  for (const doing of history.all("coat", "section")) {
    if (doing.wall !== wall.id || (doing.did.coat ?? 1) !== coat || !known.has(doing.id)) continue;
    if ((doing.did.pass ?? 1) !== pass) continue;
    steps.set(doing.step.id, [...(steps.get(doing.step.id) ?? []), doing]);
  }
  return [...steps.values()].flatMap((doings) => {
    const { step } = doings[0]!;
    const minutes = doings.map(({ id }) => known.get(id)!.minutes);
    const total = minutes.reduce((sum, own) => sum + own, 0);
    // What else is done in the step comes after its parts.
    const lasts = Math.min(step.end - step.start, total);
    let at = step.start;
    return doings.map(({ id }, place): Part => {
      const from = at;
      at += (minutes[place]! * lasts) / Math.max(1e-9, total);
      const { box, ragged = [] } = known.get(id)!;
      return { id, box, ragged, from, to: at, step: step.id };
    });
  });
}

type BoxOfPart = Part["box"];

/** Parts of one field join; fields do not touch. */
const fieldOf = (id: string): string => id.slice(0, id.lastIndexOf("/"));

/** The side of a part on which another lies. */
const sideOf = ([ax, ay, aw, ah]: BoxOfPart, [bx, by, bw, bh]: BoxOfPart): string =>
  bx >= ax + aw - touchMm
    ? "right"
    : bx + bw <= ax + touchMm
      ? "left"
      : by + bh <= ay + touchMm
        ? "bottom"
        : by >= ay + ah - touchMm
          ? "top"
          : "within";

function isBeside([ax, ay, aw, ah]: BoxOfPart, [bx, by, bw, bh]: BoxOfPart): boolean {
  const across = Math.min(ax + aw, bx + bw) - Math.max(ax, bx);
  const upright = Math.min(ay + ah, by + bh) - Math.max(ay, by);
  return (
    (Math.abs(across) <= touchMm && upright >= leastSideMm) ||
    (Math.abs(upright) <= touchMm && across >= leastSideMm)
  );
}
