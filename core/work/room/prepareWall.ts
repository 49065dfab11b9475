import { floorCovered } from "./protectRoom";
import { preparationFor } from "../../findings/preparation";
import { minutesADay } from "../../measure/calendar";
import { fillerDryMin, lowTackDays, roomMinutes, washableDays } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { did } from "../act";
import { heightOf } from "../cautions";
import { conditionIds, conditionStep, wallStep } from "../keys";
import { keyObject, layObject } from "../objects/prepareObject";
import type { WorkInput, WorkWall } from "../workInput";
import { waitFor, waitIfAny, type StepDraft } from "../step";
import { said } from "../words";
import { coatWhole } from "./coatWhole";
import { cleaned } from "./groundReady";
import { isStripped, mending, mendingOf, sanding } from "./mending";
import { countThings, idsOfThings, thingsOf } from "./thingsOf";

/** Plates off, washed, mended, primed, and its base where that is painted first; an object laid flat and keyed instead. */
export function prepareWall(on: WorkWall, site: WorkInput): StepDraft[] {
  const { wall } = on;
  // A test for lead comes before anything is rubbed or scraped, and so before the rest.
  const isTest = (index: number) => wall.conditions[index]!.kind === "old-paint";
  const all = [...wall.conditions.keys()];
  const tests = all.filter(isTest);
  const tested = tests.map((index) => conditionStep(wall.id, "prepare", index));
  // What lies on the wood comes off before that is dusted, and not after.
  const isFirst = (index: number) => on.isBareWood && isStripped(wall.conditions[index]!, true);
  const first = all.filter(isFirst);
  return [
    ...(wall.object ? layObject(on) : platesOff(wall)),
    ...(first.length > 0 ? tests.flatMap((index) => mend(on, index, [])) : []),
    ...first.flatMap((index) => mend(on, index, tested)),
    ...(wall.object ? [] : [cleanWall(on, first)]),
    ...(first.length > 0 ? [] : tests.flatMap((index) => mend(on, index, []))),
    ...(wall.object ? keyObject(on, tested) : []),
    ...all.flatMap((index) => (isTest(index) || isFirst(index) ? [] : mend(on, index, tested))),
    ...tryTape(on, site),
    ...coatWhole(on, site),
  ];
}

/** Washed; or boards dusted, after what came off them; or a base dusted that is too young for soap. */
function cleanWall({ wall, surfaceM2, isBareWood }: WorkWall, stripped: readonly number[]): StepDraft {
  const heightMm = heightOf(wall);
  const isYoung = isYoungerThan(wall, washableDays);
  return {
    ...(isBareWood || isYoung
      ? {
          id: wallStep(wall.id, "dust-wall"),
          verb: "dust-wall",
          does: [did("dust", "wall", [wall.id], { heightMm })],
          minutes: surfaceM2 * roomMinutes.dustingPerM2,
          say: said(isBareWood ? "dust-wall" : "dust-young", { wall: wall.id, amount: surfaceM2 }),
          evening: [said("ready-dusting", {})],
        }
      : {
          id: wallStep(wall.id, "wash-wall"),
          verb: "wash-wall",
          does: [did("wash", "wall", [wall.id], { tools: ["tool-bucket", "sugar-soap"], heightMm })],
          minutes: surfaceM2 * roomMinutes.washingPerM2,
          say: said("wash-wall", { wall: wall.id, amount: surfaceM2 }),
          evening: [said("ready-washing", {})],
        }),
    phase: "prepare",
    wall: wall.id,
    sharedByTwo: true,
    after: [
      floorCovered,
      waitIfAny(wallStep(wall.id, "plates-off")),
      ...stripped.map((index) => waitFor(conditionStep(wall.id, "prepare", index))),
    ],
    cautions: [],
  };
}

/** A base that is on, and younger than so many days on the first morning. */
export const isYoungerThan = ({ baseAge }: Pick<Wall, "baseAge">, days: number): boolean =>
  baseAge !== undefined && baseAge < days * minutesADay;

const trialMinutes = 5;

/** Before tape lies on a young base, a piece of it is pulled off a hidden place. */
function tryTape({ wall, regions }: WorkWall, site: WorkInput): StepDraft[] {
  const isTaped = (site.laid.get(wall.id) ?? []).some((pieces) =>
    pieces.some(({ under }) => under !== null && regions[under]!.group === 0),
  );
  if (!isTaped || !isYoungerThan(wall, lowTackDays)) return [];
  return [
    {
      id: wallStep(wall.id, "tape-trial"),
      phase: "mask",
      verb: "tape-trial",
      wall: wall.id,
      does: [did("trial", "wall", [wall.id], { tools: ["tape-low-tack"] })],
      gate: "look",
      minutes: trialMinutes,
      after: cleaned(wall.id),
      say: said("tape-trial", { wall: wall.id }),
      cautions: [],
      evening: [],
    },
  ];
}

function platesOff(wall: Wall): StepDraft[] {
  const things = countThings(wall);
  const { plates, shelves, masked } = things;
  if (plates + shelves + masked === 0) return [];
  return [
    {
      id: wallStep(wall.id, "plates-off"),
      phase: "protect",
      verb: "plates-off",
      wall: wall.id,
      does: [
        ...idsOfThings(wall, "plate").map((ids) => did("clear", "wall", ids, { tools: ["tool-tester"] })),
        ...idsOfThings(wall, "shelf").map((ids) => did("clear", "wall", ids)),
        ...idsOfThings(wall, "radiator", "pipe").map((ids) => did("mask", "wall", ids, { tools: ["film"] })),
      ],
      minutes:
        plates * roomMinutes.plateOff + shelves * roomMinutes.shelfOff + masked * roomMinutes.maskingOne,
      after: [floorCovered],
      say: said("plates-off", { wall: wall.id, ...things }),
      cautions: cautionsOfPlates(wall),
      evening: plates > 0 ? [said("ready-circuits", {})] : [],
    },
  ];
}

export const cautionsOfPlates = (wall: Wall) =>
  thingsOf(wall, "plate").length > 0 ? [said("care-circuit", {})] : [];

function mend(
  { wall, surfaceM2, isBareWood }: WorkWall,
  index: number,
  tests: readonly string[],
): StepDraft[] {
  const told = wall.conditions[index]!;
  const condition = mendingOf(told, isBareWood);
  const { minutes: once, minutesPerM2 = 0, sanding: sandingMin, acts, tools } = mending[condition];
  const minutes = once + (told.at ? 0 : minutesPerM2 * surfaceM2);
  const isFirst = isBareWood && isStripped(told, true);
  const prepare = conditionStep(wall.id, "prepare", index);
  const ids = [conditionIds(wall)[index]!];
  const heightMm = heightOf(wall);
  const shared = {
    phase: "prepare",
    wall: wall.id,
    cautions: [
      ...(preparationFor[condition].caution === undefined ? [] : [said("care-preparing", { condition })]),
    ],
    evening: [said("ready-mending", {})],
  } as const;
  const isTest = told.kind === "old-paint" && isBareWood;
  const after = [
    ...(isFirst || isTest ? [floorCovered, waitIfAny(wallStep(wall.id, "plates-off"))] : cleaned(wall.id)),
    ...tests.filter((test) => test !== prepare).map((test) => waitFor(test)),
  ];
  const say = said("prepare", { wall: wall.id, condition });
  const does = acts.map((act) => did(act, "wall", ids, { ...(tools.length > 0 && { tools }), heightMm }));
  const first: StepDraft = { ...shared, id: prepare, verb: "prepare", does, minutes, after, say };
  if (sandingMin === undefined) return [first];
  const second: StepDraft = {
    ...shared,
    id: conditionStep(wall.id, "sand", index),
    verb: "sand",
    does: sanding.acts.map((act) =>
      did(act, "wall", ids, { tools: act === "sand" ? sanding.tools : [], heightMm }),
    ),
    minutes: sandingMin,
    cautions: [...shared.cautions, ...(tests.length > 0 ? [] : [said("care-lead", {})])],
    after: [waitFor(prepare, "drying", fillerDryMin)],
    say: said("sand", { wall: wall.id }),
  };
  return [first, second];
}
