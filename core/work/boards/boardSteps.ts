import { did, idsOf, isTaping, paintsIn } from "../act";
import { boardStep } from "../keys";
import type { Paint } from "../../paint/schema";
import type { PaintUse, SundryUse } from "../contribution";
import { cautionsOfPaint } from "../cautions";
import { groundReady } from "../room/groundReady";
import { floorCovered } from "../room/protectRoom";
import { waitFor, type StepDraft, type Wait } from "../step";
import type { WorkInput } from "../workInput";
import { said } from "../words";
import { keptOnTools, type BoardLayer } from "./layers";
import type { BoardAsked, TrialWay } from "./schema";

/** A board as it is made: what of, how large, and coat by coat. */
export interface BoardWork {
  readonly id: string;
  readonly of: BoardAsked["of"];
  readonly as: TrialWay;
  /** mm, wide and high. */
  readonly size: readonly [number, number];
  readonly grade: BoardAsked["grade"];
  /** Where a patch is painted. */
  readonly wall: string | null;
  /** A piece of bare wood, for what goes on that. */
  readonly isBare: boolean;
  readonly layers: readonly BoardLayer[];
  /** The paints that nobody opens for a wall before it is decided. */
  readonly concerns: ReadonlySet<string>;
}

/** A board is dusted, and labelled on its back. */
const settingUpMin = 10;
const labellingMin = 2;
/** The word is said, and written down. */
const decidingMin = 10;
/** Every light has come by once. */
const allLightsMin = 24 * 60;

/** What a patch on a wall waits for, by the wall. */
type ReadyOn = ReadonlyMap<string, readonly (Wait | null)[]>;

/**
 * Boards before anything else: laid out, painted coat by coat as their labels take the next one, and looked at in every light until
 * it is decided; a chip as soon as it is dry.
 */
function boardSteps(
  boards: readonly BoardWork[],
  paints: ReadonlyMap<string, Paint>,
  readyOn: ReadyOn,
): StepDraft[] {
  return [
    layOut(boards),
    ...boards.flatMap((board) => [...coatsOf(board, paints, readyOn), decide(board, paints)]),
  ];
}

const layOutId = boardStep("all", "lay-out");

const layOut = (boards: readonly BoardWork[]): StepDraft => ({
  id: layOutId,
  phase: "prepare",
  verb: "lay-out-boards",
  does: [
    did(
      "dust",
      "board",
      boards.map(({ id }) => id),
      { tools: [...new Set(boards.flatMap(itemsOf))] },
    ),
  ],
  minutes: settingUpMin + labellingMin * boards.length,
  after: [],
  say: said("boards-laid-out", {
    boards: boards.map(({ id, as, size }) => ({ id, as, size })),
  }),
  cautions: [],
  evening: [],
});

function coatsOf(board: BoardWork, paints: ReadonlyMap<string, Paint>, readyOn: ReadyOn): StepDraft[] {
  const { id, as, grade, wall, layers } = board;
  const under = wall === null ? [] : [floorCovered, ...readyOn.get(wall)!];
  return layers.map((layer, place): StepDraft => {
    const { act, parts, asOnWall, tools, minutes } = layer;
    const coat = place + 1;
    const before = layers[place - 1];
    return {
      id: boardStep(id, `coat-${coat}`),
      phase: "prepare",
      verb: "paint-board",
      ...(wall !== null && { wall }),
      coat,
      does: parts.map(({ paint, ml }) =>
        did(act, "board", [`${id}/${paint}`], { coat, with: paint, ml, tools: [...tools] }),
      ),
      minutes,
      after: before
        ? [waitFor(boardStep(id, `coat-${place}`), before.next.what, before.next.minutes)]
        : [waitFor(layOutId), ...under],
      say: said("board-coat", {
        board: id,
        of: board.of,
        as,
        wall,
        grade,
        act,
        parts,
        asOnWall,
        coat,
        coats: layers.length,
      }),
      cautions: [
        ...new Map(
          parts.flatMap(({ paint }) => cautionsOfPaint(paints.get(paint)!)).map((one) => [one.code, one]),
        ).values(),
      ],
      evening: [],
    };
  });
}

function decide(board: BoardWork, paints: ReadonlyMap<string, Paint>): StepDraft {
  const { id, as, layers } = board;
  const last = layers.at(-1);
  const before = last ? boardStep(id, `coat-${layers.length}`) : layOutId;
  const dry = Math.max(
    last?.driesMin ?? 0,
    ...(last?.parts ?? []).map(({ paint }) => paints.get(paint)!.touchDryMin),
  );
  return {
    id: decideStep(board),
    phase: "prepare",
    verb: "decide",
    does: [did("look", "board", [id])],
    gate: "client",
    minutes: decidingMin,
    after: [waitFor(before, "drying", dry), as === "chip" ? null : waitFor(before, "looks", allLightsMin)],
    say: said("board-decide", { board: id, of: board.of, as }),
    cautions: [],
    evening: [],
  };
}

export const decideStep = ({ id }: Pick<BoardWork, "id">): string => boardStep(id, "decide");

/**
 * All steps with the boards before them: none puts a paint on a wall, or tape under it, that is yet to be decided about; a patch goes on
 * its wall when that is ready for paint, and nothing else before it is decided.
 */
export function withBoards(
  steps: readonly StepDraft[],
  boards: readonly BoardWork[],
  { paints, walls }: Pick<WorkInput, "paints" | "walls">,
): StepDraft[] {
  if (boards.length === 0) return [...steps];
  const place = steps.findIndex(({ id }) => id === floorCovered.step) + 1;
  const rest = steps.slice(place);
  const readyOn = new Map(walls.map(({ wall }) => [wall.id, groundReady(wall)]));
  const isGround = stepsBefore(
    rest,
    boards.flatMap(({ wall }) => readyOn.get(wall ?? "") ?? []),
  );
  return [
    ...steps.slice(0, place),
    ...rest.filter(isGround),
    ...boardSteps(boards, paints, readyOn),
    ...onceDecided(
      rest.filter((step) => !isGround(step)),
      boards,
    ),
  ];
}

/** Those of some steps that waits are for, with all that comes before them. */
function stepsBefore(steps: readonly StepDraft[], waits: readonly (Wait | null)[]) {
  const wanted = new Set(waits.flatMap((wait) => wait?.step ?? []));
  for (const { id, after } of [...steps].reverse())
    if (wanted.has(id)) for (const wait of after) if (wait) wanted.add(wait.step);
  return ({ id }: StepDraft): boolean => wanted.has(id);
}

/** Which decisions a step waits for by what it does: its paints, what is mixed of them, and a patch on its wall. */
function onceDecided(steps: readonly StepDraft[], boards: readonly BoardWork[]): StepDraft[] {
  const askedBy = (step: StepDraft): BoardWork[] => {
    const own = [...paintsIn(step), ...idsOf(step, "mix")];
    return boards.filter(
      ({ concerns, wall }) =>
        own.some((paint) => concerns.has(paint)) || (wall !== null && wall === step.wall),
    );
  };
  const ofWalls = new Map<string, Set<BoardWork>>();
  for (const step of steps) {
    const own = ofWalls.get(step.wall ?? "") ?? new Set();
    for (const board of askedBy(step)) own.add(board);
    ofWalls.set(step.wall ?? "", own);
  }
  return steps.map((step) => {
    // Tape does not lie for days until somebody decides.
    const isTape = step.wall !== undefined && step.does.some(isTaping);
    const open = isTape ? [...ofWalls.get(step.wall)!] : askedBy(step);
    if (open.length === 0) return step;
    return { ...step, after: [...step.after, ...open.map((board) => waitFor(decideStep(board)))] };
  });
}

/** What boards take of each paint: films, and what their tools keep. */
export const boardPaint = (boards: readonly BoardWork[]): PaintUse[] =>
  boards.flatMap(({ layers, wall }) => {
    const film = new Map<string, number>();
    for (const { parts } of layers)
      for (const { paint, ml } of parts) film.set(paint, (film.get(paint) ?? 0) + ml);
    const kept = keptOnTools(layers);
    return [...film].map(([paint, filmMl]) => ({
      paint,
      wall: wall ?? "",
      texture: "smooth" as const,
      areaM2: 0,
      sealMm: 0,
      boards: { filmMl, toolsMl: kept.get(paint)! },
    }));
  });

/** Patches and chips take no board. */
const itemsOf = ({ as, isBare }: BoardWork): string[] =>
  as === "patch" ? [] : isBare ? ["sample-wood"] : as === "chip" ? ["sample-card"] : ["sample-board"];

export const boardSundries = (boards: readonly BoardWork[]): SundryUse[] =>
  boards.flatMap((board) => itemsOf(board).map((item) => ({ item, amount: 1 })));
