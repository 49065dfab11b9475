import { brickName, partName, printName } from "../words";
import type { PlanPoint } from "../../plan/planPoint";
import type { PlanRegion, PlanWall } from "../../plan/planTypes";
import type { Fault } from "../fault";
import type { History, Layer } from "../history";

/** What is on top in the end is not what is designed: never painted, once too seldom, in another colour, or rolled over. */
export function rehearseColours(history: History): {
  faults: Fault[];
  wrong: ReadonlyMap<string, Set<string>>;
} {
  const wrong = new Map<string, Set<string>>();
  const end = history.plan.work?.end ?? 0;
  const faults = history.plan.walls.flatMap((wall) => {
    const own = new Set<string>();
    wrong.set(wall.id, own);
    const regions = wall.regions.flatMap((region) => {
      const found = wrongRegion(history, wall, region, end);
      if (found) own.add(region.id);
      return found ? [found] : [];
    });
    return [...regions, ...wrongPieces(history, wall, end)];
  });
  return { faults, wrong };
}

function wrongRegion(history: History, wall: PlanWall, region: PlanRegion, end: number): Fault | null {
  const { job } = history;
  const told = job.walls.find(({ id }) => id === wall.id)!;
  const layers = history.layers(region.id);
  const own = layers.filter(({ kind }) => kind === "own");
  const base = layers.filter(({ act }) => act === "base");
  const at = region.label;
  const fault = (say: string, layer?: Layer) =>
    history.fault(
      "wrong-colour",
      { step: layer?.doing?.step.id ?? null, wall: wall.id },
      at,
      layer?.from ?? end,
      say,
    );
  const other = own.find(({ paint }) => paint !== region.colour);
  if (other)
    return fault(
      `${region.name} is painted ${history.called(other.paint!)}; it is to be ${history.called(region.colour)}.`,
      other,
    );
  const isBase = region.colour === told.base;
  const coats = isBase && own.length === 0 ? base : own;
  const needed = isBase && own.length === 0 && told.baseState === "on" ? 0 : coatsOf(history, region.colour);
  const done = new Set(coats.filter(({ doing }) => doing).map(({ coat }) => coat)).size;
  if (done < needed)
    return fault(
      done === 0
        ? `${region.name} is never painted ${history.called(region.colour)}.`
        : `${region.name} gets ${done} of ${needed} coats of ${history.called(region.colour)}.`,
    );
  const last = own.at(-1);
  const over = last && layers.find(({ kind, from }) => kind === "whole" && from > last.from);
  return over
    ? fault(`${region.name} is rolled over with ${history.called(over.paint ?? "what comes after")}.`, over)
    : null;
}

const coatsOf = (history: History, paint: string): number => history.drying.paint(paint)?.coats ?? 1;

/** What is listed on a wall beside its regions, and is left out, or made in another colour. */
function wrongPieces(history: History, wall: PlanWall, end: number): Fault[] {
  /** Each thing that is made, with the paints that are in hand in its step. */
  const done = new Map<string, ReadonlySet<string | undefined>>();
  const note = (act: "print" | "lay" | "coat", of: "print" | "brick" | "drop" | "section") => {
    for (const { id, did, step, wall: on } of history.all(act, of))
      // A sheet that goes around a corner is hung from the wall on which it begins.
      if (on === wall.id || of === "drop")
        done.set(
          `${of} ${id} ${of === "section" ? did.coat : ""}`,
          of === "brick" ? new Set([did.with]) : new Set(step.does.map((one) => one.with)),
        );
  };
  note("print", "print");
  note("print", "brick");
  note("lay", "drop");
  note("coat", "section");
  const missing = (what: string, at: PlanPoint) =>
    history.fault("wrong-colour", { step: null, wall: wall.id }, at, end, `${what} is never made.`);
  const inBox = ([x, y, width, height]: readonly [number, number, number, number]): PlanPoint => [
    x + width / 2,
    y + height / 2,
  ];
  return [
    ...(wall.prints ?? []).flatMap(({ list }) =>
      list.flatMap((print) => {
        const { id, at, motif, overlay } = print;
        const paints = done.get(`print ${id} `);
        if (!paints) return [missing(printName(print), at)];
        const own = wall.motifs?.find((known) => known.id === motif)?.cutouts ?? [];
        const wanted = own.find((cut) => cut.overlay === overlay && !paints.has(cut.colour));
        return wanted === undefined
          ? []
          : [
              history.fault(
                "wrong-colour",
                { step: null, wall: wall.id },
                at,
                end,
                `${printName(print)} is made without ${history.called(wanted.colour)}.`,
              ),
            ];
      }),
    ),
    ...(wall.bricks ?? []).flatMap(({ list }) =>
      list.flatMap((brick) => {
        const { id, box, tone } = brick;
        const paints = done.get(`brick ${id} `);
        const name = brickName(brick, history.length);
        if (!paints) return [missing(name, inBox(box))];
        return paints.has(tone)
          ? []
          : [
              history.fault(
                "wrong-colour",
                { step: null, wall: wall.id },
                inBox(box),
                end,
                `${name} is not printed in ${history.called(tone)}.`,
              ),
            ];
      }),
    ),
    ...(wall.coats ?? []).flatMap(({ coat, sections }) =>
      sections.flatMap(({ id, box }) =>
        done.has(`section ${id} ${coat}`) ? [] : [missing(`${partName(id)}, coat ${coat},`, inBox(box))],
      ),
    ),
    ...(wall.sheets ?? []).flatMap(({ finish, drops }) =>
      drops.flatMap(({ n, from, to }) =>
        done.has(`drop ${finish}/d${n} `) ? [] : [missing(`sheet ${n}`, [(from + to) / 2, 0])],
      ),
    ),
  ];
}
