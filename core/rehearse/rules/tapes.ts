import { tapeStaysDays } from "../../trade/constants";
import { minutesADay } from "../../measure/calendar";
import type { PlanTape } from "../../plan/planTypes";
import type { Fault } from "../fault";
import type { History, Layer, TapeLife } from "../history";

/** Where a piece of tape is told: the middle of its path. */
export const middleOfTape = ({ path }: PlanTape): [number, number] => {
  const place = Math.floor((path.length - 1) / 2);
  const [a, b] = [path[place]!, path[Math.min(path.length - 1, place + 1)]!];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
};

/** Tape that goes on what does not take it, is painted under, or stays too long. */
export function rehearseTape(history: History): Fault[] {
  return [...history.tape.values()].flatMap((life) => [
    ...staysTooLong(history, life),
    ...goesOnTooEarly(history, life),
    ...isPaintedUnder(history, life),
  ]);
}

function staysTooLong(history: History, { piece, laid, off, wall }: TapeLife): Fault[] {
  if (!laid) return [];
  const end = history.plan.work?.end ?? laid.to;
  const until = off?.to ?? end;
  const place = middleOfTape(piece);
  if (!off)
    return [
      history.fault(
        "off-too-late",
        { step: laid.step.id, wall },
        place,
        end,
        `tape is laid and never comes off again.`,
      ),
    ];
  if (until - laid.from <= tapeStaysDays * minutesADay) return [];
  const days = Math.floor((until - laid.from) / minutesADay);
  return [
    history.fault(
      "off-too-late",
      { step: off.step.id, wall },
      place,
      off.from,
      `tape has been on for ${days} days; its label says ${tapeStaysDays}.`,
    ),
  ];
}

/** What the tape's body lies on, with the paint that came there last. */
function lastUnder(history: History, { piece, wall }: TapeLife, before: number): Layer | null {
  const ground = history.ground(wall);
  const under = ground.under(piece);
  if (under === null) return null;
  return history.layers(ground.regions[under]!.id).findLast(({ from }) => from < before) ?? null;
}

function goesOnTooEarly(history: History, life: TapeLife): Fault[] {
  const { laid, wall, piece } = life;
  if (!laid) return [];
  const layer = lastUnder(history, life, laid.to);
  if (!layer?.doing || layer.paint === null) return [];
  const code = history.drying.harmOf(layer.paint, "tape", layer.to, laid.from);
  if (!code) return [];
  const young = code === "touches-wet" ? "still wet" : "too young for it";
  const say = `tape goes onto ${history.called(layer.paint)} that is ${young}: it went on until ${history.at(layer.to)}.`;
  return [history.fault(code, { step: laid.step.id, wall }, middleOfTape(piece), laid.from, say)];
}

/** A coat over what the tape's body lies on leaves a strip without it. */
function isPaintedUnder(history: History, { laid, off, wall, piece }: TapeLife): Fault[] {
  if (!laid || piece.centred) return [];
  const ground = history.ground(wall);
  const under = ground.under(piece);
  if (under === null) return [];
  const region = ground.regions[under]!;
  const over = history
    .layers(region.id)
    .find(({ kind, from, doing }) => kind === "own" && doing && from >= laid.to && (!off || from < off.from));
  if (!over) return [];
  return [
    history.fault(
      "wrong-colour",
      { step: over.doing!.step.id, wall },
      middleOfTape(piece),
      over.from,
      `tape lies on ${region.name} while that is painted: a strip of it stays without this coat.`,
    ),
  ];
}
