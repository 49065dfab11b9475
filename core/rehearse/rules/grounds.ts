import type { Job } from "../../job/schema";
import { minutesADay } from "../../measure/calendar";
import { formatDuration } from "../../measure/formatLength";
import { washableDays } from "../../trade/constants";
import { isOf } from "../../trade/materials";
import type { Fault } from "../fault";
import type { History } from "../history";

type Wall = Job["walls"][number];
type Condition = Wall["conditions"][number]["kind"];

/** What has to be done to each condition before anything is painted there. */
const asked: Readonly<Record<Condition, readonly string[]>> = {
  crack: ["fill", "sand", "dust"],
  patch: ["fill", "sand", "dust"],
  gloss: ["dull"],
  grease: ["wash"],
  "bare-plaster": ["prime"],
  "old-paint": ["look"],
  varnish: ["strip", "sand", "dust"],
  wax: ["strip", "sand", "dust"],
};

/** Ground that cannot take what goes on it. */
export function rehearseGrounds(history: History): Fault[] {
  return history.job.walls.flatMap((wall) => [
    ...underConditions(history, wall),
    ...underLime(history, wall),
    ...washedYoung(history, wall),
  ]);
}

/** Paint that is younger than its washable days takes no soap. */
function washedYoung(history: History, { id: wall, baseAge, base }: Wall): Fault[] {
  if (baseAge === undefined || baseAge >= washableDays * minutesADay) return [];
  const washed = history.doings.find(({ id, did }) => id === wall && did.act === "wash");
  if (!washed) return [];
  const say = `${history.called(base)} is washed, and is ${formatDuration(baseAge)} old on the first morning.`;
  return [history.fault("wrong-ground", { step: washed.step.id, wall }, null, washed.from, say)];
}

/** The first paint, tape or mark on a wall. */
const firstOn = ({ doings }: History, wall: string) =>
  doings.find(
    (doing) =>
      doing.wall === wall &&
      ["base", "coat", "print", "tape", "mark"].includes(doing.did.act) &&
      doing.did.of !== "paint",
  );

function underConditions(history: History, { id: wall, conditions }: Wall): Fault[] {
  const first = firstOn(history, wall);
  if (!first) return [];
  const times = new Map<Condition, number>();
  return conditions.flatMap(({ kind, at }) => {
    const number = (times.get(kind) ?? 0) + 1;
    times.set(kind, number);
    const id = number === 1 ? `${wall}/${kind}` : `${wall}/${kind}-${number}`;
    // What is bare again is dulled too.
    const isBare =
      kind === "gloss" && history.doings.some(({ id: of, did }) => of === id && did.act === "strip");
    const missing = asked[isBare ? "varnish" : kind].find(
      (act) =>
        !history.doings.some(
          (doing) => doing.id === id && doing.did.act === act && doing.to <= first.from + 1,
        ),
    );
    if (missing === undefined) return [];
    const say = `work begins on ${words[kind]} before that is ${done[missing]}.`;
    return [
      history.fault(
        "wrong-ground",
        { step: first.step.id, wall },
        at ? [at[0], at[1]] : null,
        first.from,
        say,
      ),
    ];
  });
}

const words: Readonly<Record<Condition, string>> = {
  crack: "a crack",
  patch: "a patch",
  gloss: "old gloss",
  grease: "grease",
  "bare-plaster": "bare plaster",
  "old-paint": "old paint that may hold lead",
  varnish: "varnish",
  wax: "wax",
};
const done: Readonly<Record<string, string>> = {
  fill: "filled",
  sand: "sanded flush",
  dust: "dusted off",
  dull: "dulled",
  wash: "washed",
  prime: "primed",
  look: "tested",
  strip: "stripped",
};

/** Lime bonds with mineral grounds only, and a primer that is told goes on first. */
function underLime(history: History, { id: wall, primer, base, baseState }: Wall): Fault[] {
  const regions = history.walls.get(wall)?.regions ?? [];
  const isMineral = (paint: string | null) => {
    const told = paint === null ? undefined : history.drying.paint(paint);
    return told !== undefined && isOf(told.material, "mineral");
  };
  const lime = regions.flatMap(({ id, label }) => {
    const layers = history.layers(id);
    const place = layers.findIndex(({ paint, doing }) => {
      const told = doing && paint !== null ? history.drying.paint(paint) : undefined;
      return told !== undefined && isOf(told.material, "on mineral only");
    });
    if (place < 0 || (place > 0 && isMineral(layers[place - 1]!.paint))) return [];
    const { doing, from, paint } = layers[place]!;
    const say = `${history.called(paint!)} goes onto a ground that it does not bond with.`;
    return [history.fault("wrong-ground", { step: doing!.step.id, wall }, label, from, say)];
  });
  const first = history.doings.find((doing) => doing.wall === wall && doing.did.act === "base");
  const isPrimed =
    primer === undefined ||
    history
      .all("prime", "wall")
      .some((doing) => doing.wall === wall && doing.id === wall && doing.to <= (first?.from ?? Infinity) + 1);
  const unprimed =
    baseState === "paint" && first && !isPrimed
      ? [
          history.fault(
            "wrong-ground",
            { step: first.step.id, wall },
            null,
            first.from,
            `${history.called(base)} goes on without its primer.`,
          ),
        ]
      : [];
  return [...lime.slice(0, 1), ...unprimed];
}
