import { floorCovered } from "./protectRoom";
import { preparationFor } from "../../findings/preparation";
import { fillerDryMin, roomMinutes } from "../../trade/constants";
import type { Condition, Wall } from "../../wall/schema";
import { cautionsAbove, heightOf } from "../cautions";
import { keyObject, layObject } from "../objects/prepareObject";
import type { WorkSite, WorkWall } from "../site";
import { waitFor, type StepDraft } from "../step";
import { said } from "../words";
import { coatWhole } from "./coatWhole";
import { cleaned } from "./groundReady";
import { countThings, thingsOf } from "./thingsOf";

/** Plates off, washed, mended, primed, and its base where that is painted first; an object laid flat and keyed instead. */
export function prepareWall(on: WorkWall, site: WorkSite): StepDraft[] {
  const { wall } = on;
  // A test for lead comes before anything is rubbed or scraped, and so before the rest.
  const isTest = (index: number) => wall.conditions[index]!.kind === "old-paint";
  const all = [...wall.conditions.keys()];
  const tests = all.filter(isTest);
  const tested = tests.map((index) => `${wall.id}/prepare-${index + 1}`);
  return [
    ...(wall.object ? layObject(on) : [...platesOff(wall), cleanWall(on)]),
    ...tests.flatMap((index) => mend(wall, index, [])),
    ...(wall.object ? keyObject(on, tested) : []),
    ...all.flatMap((index) => (isTest(index) ? [] : mend(wall, index, tested))),
    ...coatWhole(on, site),
  ];
}

/** Washed, or boards dusted. */
function cleanWall({ wall, surfaceM2, isBareWood }: WorkWall): StepDraft {
  const id = (name: string) => `${wall.id}/${name}`;
  return {
    ...(isBareWood
      ? {
          id: id("dust-wall"),
          verb: "dust-wall",
          minutes: surfaceM2 * roomMinutes.dustingPerM2,
          say: said("dust-wall", { wall: wall.id, amount: surfaceM2 }),
          evening: [said("ready-dusting", {})],
        }
      : {
          id: id("wash-wall"),
          verb: "wash-wall",
          minutes: surfaceM2 * roomMinutes.washingPerM2,
          say: said("wash-wall", { wall: wall.id, amount: surfaceM2 }),
          evening: [said("ready-washing", {})],
        }),
    phase: "prepare",
    wall: wall.id,
    sharedByTwo: true,
    after: [floorCovered, waitFor(id("plates-off"))],
    cautions: cautionsAbove(heightOf(wall)),
  };
}

function platesOff(wall: Wall): StepDraft[] {
  const things = countThings(wall);
  const { plates, shelves, masked } = things;
  if (plates + shelves + masked === 0) return [];
  return [
    {
      id: `${wall.id}/plates-off`,
      phase: "protect",
      verb: "plates-off",
      wall: wall.id,
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

/** Conditions that are filled or wetted dry before they are sanded flush. */
const mending: Record<Condition["kind"], { readonly minutes: number; readonly sanding?: number }> = {
  crack: { minutes: 15, sanding: 10 },
  patch: { minutes: 10, sanding: 10 },
  gloss: { minutes: 20 },
  grease: { minutes: 15 },
  "bare-plaster": { minutes: 10 },
  "old-paint": { minutes: 10 },
};

/** Whether a condition is filled and then sanded. */
export const isSanded = ({ kind }: Condition): boolean => mending[kind].sanding !== undefined;

function mend(wall: Wall, index: number, tests: readonly string[]): StepDraft[] {
  const { kind: condition } = wall.conditions[index]!;
  const { minutes, sanding } = mending[condition];
  const prepare = `${wall.id}/prepare-${index + 1}`;
  const shared = {
    phase: "prepare",
    wall: wall.id,
    cautions: [
      ...(preparationFor[condition].caution === undefined ? [] : [said("care-preparing", { condition })]),
      ...cautionsAbove(heightOf(wall)),
    ],
    evening: [said("ready-mending", {})],
  } as const;
  const after = [
    ...cleaned(wall.id),
    ...tests.filter((test) => test !== prepare).map((test) => waitFor(test)),
  ];
  const say = said("prepare", { wall: wall.id, condition });
  const first: StepDraft = { ...shared, id: prepare, verb: "prepare", minutes, after, say };
  if (sanding === undefined) return [first];
  const second: StepDraft = {
    ...shared,
    id: `${wall.id}/sand-${index + 1}`,
    verb: "sand",
    minutes: sanding,
    cautions: [...shared.cautions, ...(tests.length > 0 ? [] : [said("care-lead", {})])],
    after: [waitFor(prepare, "drying", fillerDryMin)],
    say: said("sand", { wall: wall.id }),
  };
  return [first, second];
}
