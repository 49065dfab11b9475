import type { PlanPoint } from "../../plan/planPoint";
import type { PlanTape } from "../../plan/planTypes";
import type { Fault } from "../fault";
import type { Border, Ground } from "../ground";
import type { History, Layer } from "../history";

/** Whole minutes that are told hide so much. */
const slackMin = 1;

/** Where colours meet along less than this nothing is taped, and nobody looks, mm. */
const leastMeetingMm = 3;
const isPoint = ({ a, b }: Border): boolean =>
  Math.abs(a[0] - b[0]) < leastMeetingMm && Math.abs(a[1] - b[1]) < leastMeetingMm;

const middleOf = ({ a, b }: Border): PlanPoint => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

const ownCoats = (history: History, region: string): Layer[] =>
  history.layers(region).filter(({ kind }) => kind === "own");

/** Each colour beside another one: guarded where that one is there already, carried past where it comes later. */
export function rehearseBorders(history: History): Fault[] {
  return history.plan.walls.flatMap(({ id }) => {
    const ground = history.ground(id);
    return ground.regions.flatMap((region, index) => {
      const coats = ownCoats(history, region.id);
      if (coats.length === 0) return [];
      return beyondOf(ground, index).flatMap((beside) => [
        ...coats.flatMap((coat) => besideWhatIsThere(history, ground, coat, beside)),
        ...besideWhatComes(history, ground, coats, beside),
      ]);
    });
  });
}

/** A neighbour of another colour, and where it is met. */
interface Beside {
  readonly region: number;
  readonly beyond: number;
  readonly borders: readonly Border[];
}

function beyondOf(ground: Ground, region: number): Beside[] {
  const { colour } = ground.regions[region]!;
  const beside = new Map<number, Border[]>();
  for (const border of ground.bordersAround(region)) {
    const { beyond } = border;
    if (isPoint(border) || (beyond !== null && ground.isThread(beyond))) continue;
    if (beyond === null || beyond === region || ground.regions[beyond]!.colour === colour) continue;
    if (ground.isThreadAt(border, beyond)) continue;
    const own = beside.get(beyond);
    if (own) own.push(border);
    else beside.set(beyond, [border]);
  }
  return [...beside].map(([beyond, borders]) => ({ region, beyond, borders }));
}

const isOn = (history: History, { id }: PlanTape, from: number, to: number): boolean => {
  const { laid, off } = history.tape.get(id)!;
  return laid !== null && laid.to <= from + slackMin && (off === null || off.to >= to - slackMin);
};

/** Edges that the document has cut in with a brush. */
const isByHand = ({ job: { edges } }: History, along: readonly PlanTape[]): boolean =>
  edges.straight === "hand" || (edges.curves === "hand" && along.length === 0);

/** A coat up to a neighbour that has its paint, or keeps what is there. */
function besideWhatIsThere(
  history: History,
  ground: Ground,
  coat: Layer,
  { region, beyond, borders }: Beside,
): Fault[] {
  const neighbour = ground.regions[beyond]!;
  const others = ownCoats(history, neighbour.id);
  if (others.length > 0 && others[0]!.from >= coat.from) return [];
  for (const border of borders) {
    const pieces = ground.tapeAlong(border);
    const guarding = pieces.filter((piece) => isOn(history, piece, coat.from, coat.to));
    const isTurned = guarding.length > 0 && guarding.every((piece) => ground.under(piece) === region);
    if (guarding.length > 0 && !isTurned) continue;
    const step = { step: coat.doing!.step.id, wall: ground.wall.id };
    const name = `${neighbour.name} in ${history.called(neighbour.colour)}`;
    const colour = history.called(coat.paint!);
    if (isTurned)
      return [
        history.fault(
          "unguarded",
          step,
          middleOf(border),
          coat.from,
          `the tape lies on the side that is painted ${colour}; ${name} beside it is bare.`,
        ),
      ];
    const along = pieces.filter((piece) => ground.runsAlong(piece, border));
    if (isByHand(history, along)) return cutInto(history, step, border, coat, others);
    const before = pieces.find((piece) => {
      const { laid, off } = history.tape.get(piece.id)!;
      return laid && off && off.to < coat.to && (piece.cuts === coat.paint || piece.andCuts === coat.paint);
    });
    return [
      before
        ? history.fault(
            "off-too-early",
            step,
            middleOf(border),
            coat.from,
            `the tape on ${name} is off before ${colour} beside it has its last coat.`,
          )
        : history.fault(
            "unguarded",
            step,
            middleOf(border),
            coat.from,
            `${colour} goes on beside ${name} with neither tape nor a line to cut in to.`,
          ),
    ];
  }
  return [];
}

/** By hand one cuts in to what is dry. */
function cutInto(
  history: History,
  step: { readonly step: string; readonly wall: string },
  border: Border,
  coat: Layer,
  others: readonly Layer[],
): Fault[] {
  const last = others.findLast(({ from }) => from < coat.from);
  if (!last?.doing || !history.drying.isTooEarly(last.paint!, "touch", last.to, coat.from)) return [];
  return [
    history.fault(
      "touches-wet",
      step,
      middleOf(border),
      coat.from,
      `${history.called(coat.paint!)} is cut in beside ${history.called(last.paint!)} that is still wet.`,
    ),
  ];
}

/** A colour that ends at its line, where another is taped to the same line later: between them the ground shows. */
function besideWhatComes(
  history: History,
  ground: Ground,
  coats: readonly Layer[],
  { beyond, borders }: Beside,
): Fault[] {
  const others = ownCoats(history, ground.regions[beyond]!.id);
  const first = others[0];
  const before = first ? coats.filter(({ from }) => from < first.from) : [];
  if (before.length === 0 || before.some(({ doing }) => (doing!.did.past_mm ?? 0) > 0)) return [];
  const taped = borders.find((border) =>
    ground.tapeAlong(border).some((piece) => !piece.centred && isOn(history, piece, first!.from, first!.to)),
  );
  if (!taped) return [];
  const [mine, other] = [before[0]!, first!].map(({ paint }) => history.called(paint!));
  return [
    history.fault(
      "bare-line",
      { step: before[0]!.doing!.step.id, wall: ground.wall.id },
      middleOf(taped),
      before[0]!.from,
      `${mine} ends at its line and ${other} is taped to the same line later: a thread of the ground shows between them.`,
    ),
  ];
}
