import type { PlanPoint } from "../../plan/planPoint";
import { minutesADay } from "../../measure/calendar";
import { clothSetMin, curedDays, fillerDryMin, washedDryMin } from "../../trade/constants";
import type { Ready } from "../drying";
import type { Fault } from "../fault";
import type { History, Layer } from "../history";
import type { Doing } from "../timeline";

/** What goes onto paint, filler or a washed wall before that takes it. */
export function rehearseWaits(history: History): Fault[] {
  return [
    ...history.plan.walls.flatMap(({ id, regions }) =>
      regions.flatMap((region) => betweenCoats(history, id, region.id, region.label)),
    ),
    ...underPieces(history),
    ...underMasks(history),
    ...leanedOn(history),
    ...underGround(history),
    ...underSeals(history),
  ];
}

const tooEarly = ({ drying }: History, { doing, paint, to }: Layer, ready: Ready, now: number) =>
  doing && paint !== null ? drying.harmOf(paint, ready, to, now) : null;

const dayOf = (minute: number): number => Math.floor(minute / minutesADay);

function betweenCoats(history: History, wall: string, region: string, at: PlanPoint): Fault[] {
  const layers = history.layers(region);
  return layers.flatMap((layer, place) => {
    const before = layers[place - 1];
    if (!before?.doing || !layer.doing || before.doing.step.id === layer.doing.step.id) return [];
    // Coats of one work follow the painter's school; over another's, each paint's label counts.
    const isSame = before.paint === layer.paint && before.act === layer.act && before.coat < layer.coat;
    const isNextDay =
      isSame && history.job.work.secondCoat === "next-day" && dayOf(before.to - 1) === dayOf(layer.from);
    const code =
      tooEarly(history, before, isSame ? "recoat" : "coat", layer.from) ??
      (isNextDay ? "on-too-early" : null);
    if (!code) return [];
    const say = `${history.called(layer.paint ?? "a coat")} goes over ${history.called(before.paint!)} that went on until ${history.at(before.to)} and is not ready for it.`;
    return [history.fault(code, { step: layer.doing.step.id, wall }, at, layer.from, say)];
  });
}

const whatLies: Readonly<Record<string, { readonly ready: Ready; readonly word: string }>> = {
  print: { ready: "tape", word: "a sheet is held by tape" },
  brick: { ready: "coat", word: "a brick is stamped" },
};

/** Prints, bricks and drops on the paint of what they lie on. */
function underPieces(history: History): Fault[] {
  return history.plan.walls.flatMap(({ id: wall, prints = [], bricks = [], sheets = [], regions }) => {
    const ground = history.ground(wall);
    const at = new Map<string, PlanPoint>();
    for (const { list } of prints) for (const print of list) at.set(print.id, print.at);
    for (const { list } of bricks)
      for (const { id, box } of list) at.set(id, [box[0] + box[2] / 2, box[1] + box[3] / 2]);
    const pieces = [...history.all("print", "print"), ...history.all("print", "brick")].flatMap((doing) => {
      const place = doing.wall === wall ? at.get(doing.id) : undefined;
      const region = place && ground.regionAt(place);
      if (place === undefined || region === null || region === undefined) return [];
      const { ready, word } = whatLies[doing.did.of]!;
      return onto(history, doing, history.layers(ground.regions[region]!.id), ready, place, word);
    });
    const drops =
      sheets.length === 0 ? [] : history.all("lay", "drop").filter((doing) => doing.wall === wall);
    return [
      ...pieces,
      ...drops.flatMap((doing) => regions.flatMap(({ id, label }) => underPaper(history, doing, id, label))),
    ];
  });
}

function onto(
  history: History,
  doing: Doing,
  layers: readonly Layer[],
  ready: Ready,
  at: PlanPoint,
  word: string,
): Fault[] {
  const last = layers.findLast(({ from }) => from < doing.from);
  const code = last && tooEarly(history, last, ready, doing.from);
  if (!code) return [];
  const say = `${word} on ${history.called(last.paint!)} that went on until ${history.at(last.to)} and does not take it yet.`;
  return [history.faultIn(code, doing, say, at)];
}

/** What pulls at the paint waits until that has cured. */
function underPaper(history: History, doing: Doing, region: string, at: PlanPoint): Fault[] {
  const last = history.layers(region).findLast(({ from, doing: made }) => made && from < doing.from);
  if (!last || !history.drying.isUnderWait(curedDays * minutesADay, last.to, doing.from)) return [];
  const say = `paper goes onto ${history.called(last.paint!)} of ${history.at(last.to)}, which has not cured under it.`;
  return [history.faultIn("on-too-early", doing, say, at)];
}

/** Masks around broken colour lie on its neighbours. */
function underMasks(history: History): Fault[] {
  return history.all("mask", "edge").flatMap((doing) => {
    const effects = history.walls.get(doing.wall)?.effects ?? [];
    const covered = new Set(
      effects.flatMap(({ finish, regions }) => (doing.id === `${doing.wall}/${finish}/edge` ? regions : [])),
    );
    const ground = history.ground(doing.wall);
    const beside = new Set(
      [...covered].flatMap((region) =>
        ground
          .bordersAround(ground.indexOf.get(region) ?? -1)
          .flatMap(({ beyond }) => (beyond === null ? [] : [beyond])),
      ),
    );
    return [...beside].flatMap((index) => {
      const { id, label } = ground.regions[index]!;
      return covered.has(id) ? [] : onto(history, doing, history.layers(id), "tape", label, "masks go");
    });
  });
}

/** Rubbing, touching up and varnish lean on all that is painted on a wall. */
function leanedOn(history: History): Fault[] {
  const leans: readonly (readonly [readonly Doing[], Ready, string])[] = [
    [history.all("rub-out", "mark"), "touch", "marks are rubbed out"],
    [history.all("touch-up", "wall"), "touch", "it is touched up"],
    [history.all("varnish", "wall").filter(({ did }) => (did.coat ?? 1) === 1), "tape", "varnish goes"],
  ];
  const walls = (doings: readonly Doing[]) =>
    new Map(doings.map((doing) => [`${doing.wall} ${doing.step.id}`, doing]));
  return [
    ...leans.flatMap(([doings, ready, word]) =>
      [...walls(doings).values()].flatMap((doing) => {
        const regions = history.walls.get(doing.wall)?.regions ?? [];
        return regions
          .flatMap(({ id, label }) => onto(history, doing, history.layers(id), ready, label, word))
          .slice(0, 1);
      }),
    ),
    ...varnishAgain(history),
    ...ironed(history),
  ];
}

function varnishAgain(history: History): Fault[] {
  const coats = history.all("varnish", "wall");
  return coats.flatMap((doing) => {
    const { coat = 1, with: paint = "" } = doing.did;
    const before = coats.find((other) => other.wall === doing.wall && (other.did.coat ?? 1) === coat - 1);
    const code = before && history.drying.harmOf(paint, "recoat", before.to, doing.from);
    if (!code) return [];
    return [history.faultIn(code, doing, `varnish goes over varnish that is not ready for it.`)];
  });
}

/** An iron sets paint that is dry through. */
function ironed(history: History): Fault[] {
  return history.all("iron", "wall").flatMap((doing) => {
    const last = Math.max(
      -Infinity,
      ...history.doings.flatMap(({ wall, did, to, from }) =>
        wall === doing.wall && from < doing.from && (did.act === "print" || did.act === "coat") ? [to] : [],
      ),
    );
    if (last === -Infinity || !history.drying.isUnderWait(clothSetMin, last, doing.from)) return [];
    return [history.faultIn("on-too-early", doing, `it is ironed before its paint is dry through.`)];
  });
}

/** Filler is dry before it is sanded, and a washed wall before anything goes onto it. */
function underGround(history: History): Fault[] {
  const sanded = history.all("sand", "wall").flatMap((doing) => {
    const filled = history.all("fill", "wall").find(({ id, wall }) => id === doing.id && wall === doing.wall);
    if (!filled || !history.drying.isUnderWait(fillerDryMin, filled.to, doing.from)) return [];
    return [history.faultIn("on-too-early", doing, `filler is sanded before it is dry.`)];
  });
  const washed = history.all("wash", "wall").flatMap((wash) => {
    if (wash.id !== wash.wall || history.job.walls.some(({ id, object }) => id === wash.wall && object))
      return [];
    const next = history.doings.find(
      ({ wall, from, did, step }) =>
        wall === wash.wall && from >= wash.from && step.id !== wash.step.id && goesOnWall(did.act, did.of),
    );
    if (!next || !history.drying.isUnderWait(washedDryMin, wash.to, next.from)) return [];
    return [
      history.faultIn(
        "on-too-early",
        next,
        `something goes onto the wall that was washed until ${history.at(wash.to)} and is not dry.`,
      ),
    ];
  });
  return [...sanded, ...washed];
}

const goingOn = new Set(["tape", "mask", "prime", "base", "coat", "print", "mark", "strike", "lay"]);
const goesOnWall = (act: string, of: string): boolean =>
  goingOn.has(act) && of !== "paint" && of !== "tool" && !(act === "mask" && of === "wall");

/** A colour that seals tape is dry before it is painted over. */
function underSeals(history: History): Fault[] {
  const seen = new Set<string>();
  return history.all("seal", "tape").flatMap((seal) => {
    const paint = seal.did.with;
    const key = `${seal.step.id} ${paint}`;
    if (paint === undefined || seen.has(key)) return [];
    seen.add(key);
    const life = history.tape.get(seal.id);
    const colours = life ? [life.piece.cuts, life.piece.andCuts] : [];
    const coat = history
      .all("coat", "region")
      .find(
        ({ from, did, step, wall }) =>
          from >= seal.from &&
          step.id !== seal.step.id &&
          step.round === seal.step.round &&
          (wall === seal.wall || wall === life?.piece.corner) &&
          (colours.includes(did.with) || life?.piece.against !== undefined),
      );
    if (!coat || !history.drying.isTooEarly(paint, "touch", seal.to, coat.from)) return [];
    return [
      history.faultIn(
        "on-too-early",
        coat,
        `it is painted over edges sealed with ${history.called(paint)} that are not dry.`,
      ),
    ];
  });
}
