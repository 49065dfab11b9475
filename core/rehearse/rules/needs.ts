import { itemName } from "../words";
import { stepsAboveMm, tapeRollM, towerAboveMm } from "../../trade/constants";
import type { Fault } from "../fault";
import type { History } from "../history";

/** Tools that are in no list, paint, tape and paper that run out, and hands that do not reach. */
export function rehearseNeeds(history: History): Fault[] {
  return [
    ...missingTools(history),
    ...paintRunsOut(history),
    ...tapeRunsOut(history),
    ...paperRunsOut(history),
    ...outOfReach(history),
  ];
}

function missingTools(history: History): Fault[] {
  const { tools, sundries, steps } = history.plan;
  const there = new Set([...tools, ...sundries].map(({ item }) => item));
  const told = new Set<string>();
  return steps.flatMap((step) =>
    step.does.flatMap(({ tools: own = [], wall = null }) =>
      own.flatMap((item) => {
        if (there.has(item) || told.has(item)) return [];
        told.add(item);
        return [
          history.fault(
            "no-tool",
            { step: step.id, wall: wall ?? null },
            null,
            step.start,
            `${itemName(item)} is wanted and is on no list.`,
          ),
        ];
      }),
    ),
  );
}

/** What of a paint is there to be used, ml: bought, in the store, or made; null where none is listed. */
function thereOf({ plan, drying }: History, paint: string): number | null {
  const listed = plan.paint.find(({ colour }) => colour === paint);
  if (!listed) return null;
  const bought = listed.packs.reduce((sum, { size_ml, count }) => sum + size_ml * count, 0);
  const made = plan.mixes?.find((mix) => mix.paint === paint)?.make_ml ?? 0;
  return bought + made + (drying.paint(paint)?.onHandMl ?? 0);
}

/** A tenth of a millilitre of sums that are told with twelve digits. */
const dropMl = 0.1;

function paintRunsOut(history: History): Fault[] {
  const used = new Map<string, number>();
  const told = new Set<string>();
  return history.plan.steps.flatMap((step) =>
    step.does.flatMap(({ with: paint, ml = 0, wall = null, of }) => {
      // What drops are cut from is no paint.
      if (paint === undefined || of === "drop" || told.has(paint)) return [];
      const sum = (used.get(paint) ?? 0) + ml;
      used.set(paint, sum);
      const there = thereOf(history, paint);
      if (there !== null && sum <= there + dropMl) return [];
      told.add(paint);
      const say =
        there === null
          ? `${history.called(paint)} is on no list.`
          : `${history.called(paint)} runs out: ${history.volume(sum)} of ${history.volume(there)} are used by then.`;
      return [history.fault("no-material", { step: step.id, wall }, null, step.start, say)];
    }),
  );
}

/** Tape by the width that it is bought in; of each roll its length is there. */
function tapeRunsOut(history: History): Fault[] {
  const rolls = new Map(
    history.plan.sundries.flatMap(({ item, count }) =>
      /^tape-\d+$/.test(item) ? [[item, count] as const] : [],
    ),
  );
  const used = new Map<string, number>();
  const told = new Set<string>();
  return [...history.all("tape", "tape"), ...history.all("mask", "tape")]
    .sort((a, b) => a.from - b.from)
    .flatMap((doing) => {
      const items = (doing.did.tools ?? []).filter((item) => /^tape-\d+$/.test(item));
      const item = items.length === 1 ? items[0]! : null;
      const piece = history.tape.get(doing.id)?.piece;
      if (item === null || !piece || told.has(item)) return [];
      const sum = (used.get(item) ?? 0) + piece.length / 1000;
      used.set(item, sum);
      if (sum <= (rolls.get(item) ?? 0) * tapeRollM) return [];
      told.add(item);
      return [
        history.faultIn(
          "no-material",
          doing,
          `${itemName(item)} runs out: rolls of it that are there: ${rolls.get(item) ?? 0}.`,
        ),
      ];
    });
}

function paperRunsOut(history: History): Fault[] {
  const drops = history.all("cut", "drop");
  if (drops.length === 0) return [];
  const cutFrom = drops[0]!.did.with;
  const rolls = history.plan.sundries.find(({ item }) => item === cutFrom)?.count ?? 0;
  // Each drop is cut off the roll that the cut list names.
  const needed = new Set(
    history.plan.walls.flatMap(({ sheets = [] }) =>
      sheets.flatMap(({ finish, drops }) => drops.map(({ roll }) => `${finish} ${roll}`)),
    ),
  ).size;
  if (rolls >= needed) return [];
  const last = drops.at(-1)!;
  return [
    history.faultIn("no-material", last, `${drops.length} drops are cut, and ${rolls} rolls are there.`),
  ];
}

/** From the floor one reaches so far; from steps a little more than a tall room; above that a tower stands. */
function outOfReach(history: History): Fault[] {
  const told = new Set<string>();
  return history.plan.steps.flatMap((step) =>
    step.does.flatMap(({ height_mm: height = 0, tools = [], wall = "" }) => {
      const reach = tools.includes("tool-tower")
        ? Infinity
        : tools.includes("tool-steps")
          ? towerAboveMm
          : stepsAboveMm;
      if (height <= reach || told.has(`${wall} ${reach}`)) return [];
      told.add(`${wall} ${reach}`);
      const under = tools.includes("tool-steps") ? "steps do not serve" : "nothing is there to stand on";
      return [
        history.fault(
          "no-reach",
          { step: step.id, wall },
          null,
          step.start,
          `hands go to ${history.length(height)}, where ${under}.`,
        ),
      ];
    }),
  );
}
