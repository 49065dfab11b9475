import type { Paint } from "../../paint/schema";
import type { Wall } from "../../wall/schema";
import { did, paintsIn } from "../act";
import { filmMl } from "../filmMl";
import { wallStep, wholeStep } from "../keys";
import { nextCoat } from "../nextCoat";
import type { WorkInput, WorkWall } from "../workInput";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { clothSetMin } from "../../trade/constants";
import { careOf, objectMinutes } from "./care";

/** How many coats of varnish an object takes: as many as the paint has, but what is trodden on three. */
export const varnishCoats = ({ object }: Wall, { coats }: Paint): number =>
  object?.varnish === undefined ? 0 : Math.max(coats, careOf[object.kind].leastVarnish ?? 0);

/** What is left to do on an object once it is finished: varnished, set by heat, and lifted off its backing. */
export function finishObject(on: WorkWall, site: WorkInput, steps: readonly StepDraft[]): StepDraft[] {
  const { object, id } = on.wall;
  if (!object) return [];
  const { kind, varnish, set } = object;
  const own = steps.filter((step) => step.wall === id);
  const painted = own.filter((step) => paintsIn(step).length > 0);
  const clear = varnish === undefined ? undefined : site.paints.get(varnish)!;
  const coats = clear
    ? varnishSteps(on, site, clear, [...own.map(({ id }) => waitFor(id)), ...hard(painted, site)])
    : [];
  const isHeated = careOf[kind].isIroned && set !== "air";
  const lift: StepDraft = {
    id: wallStep(id, "lift"),
    phase: "finish",
    verb: "lift",
    does: [did("put-back", "wall", [id])],
    wall: id,
    minutes: objectMinutes.lifting,
    after: [
      ...own.map(({ id }) => waitFor(id)),
      ...[...painted, ...coats].map((step) => touchDryOf(step, site)),
    ],
    say: said("lift", { wall: id, kind, isLast: !isHeated }),
    cautions: careOf[kind].hasGlass ? [said("care-glass", {})] : [],
    evening: [],
  };
  return [...coats, lift, ...(isHeated ? [setByHeat(on, [...painted, ...coats], lift.id)] : [])];
}

/** Varnish drags at what is only touch-dry: it waits as long as tape would. */
const hard = (painted: readonly StepDraft[], { paints }: WorkInput): (Wait | null)[] =>
  painted.map((step) =>
    waitFor(
      step.id,
      "drying",
      longest(step, paints, ({ tapeOverMin }) => tapeOverMin),
    ),
  );

const touchDryOf = (step: StepDraft, { paints }: WorkInput): Wait | null =>
  waitFor(
    step.id,
    "touch-dry",
    longest(step, paints, ({ touchDryMin }) => touchDryMin),
  );

const longest = (step: StepDraft, paints: WorkInput["paints"], of: (paint: Paint) => number): number =>
  Math.max(0, ...paintsIn(step).map((paint) => of(paints.get(paint)!)));

function varnishSteps(
  { wall, surfaceM2, base: { edgeMm } }: WorkWall,
  { work }: WorkInput,
  paint: Paint,
  ready: readonly (Wait | null)[],
): StepDraft[] {
  const coats = varnishCoats(wall, paint);
  const id = (coat: number) => wholeStep(wall.id, "varnish", coat);
  return Array.from({ length: coats }, (_, index): StepDraft => {
    const coat = index + 1;
    return {
      id: id(coat),
      phase: "colour",
      verb: "varnish",
      wall: wall.id,
      colour: paint.id,
      coat,
      minutes: surfaceM2 / work.rates.rolling_m2_min + edgeMm / 1000 / work.rates.cuttingIn_m_min,
      does: [
        did("varnish", "wall", [wall.id], {
          coat,
          with: paint.id,
          ml: filmMl(paint, surfaceM2, wall.texture),
          rolledM2: surfaceM2,
        }),
      ],
      leftAlone: true,
      session: `varnish-${wall.id}`,
      after: coat === 1 ? ready : nextCoat(id(coat - 1), paint, work.secondCoat),
      say: said("varnish", { wall: wall.id, colour: paint.id, coat, coats, amount: surfaceM2 }),
      cautions: [said("care-varnish", {}), ...(coat > 1 ? [said("care-dust", {})] : [])],
      evening: [],
    };
  });
}

const setByHeat = (
  { wall, surfaceM2 }: WorkWall,
  painted: readonly StepDraft[],
  lift: string,
): StepDraft => ({
  id: wallStep(wall.id, "set-heat"),
  phase: "finish",
  verb: "set-heat",
  does: [did("iron", "wall", [wall.id])],
  wall: wall.id,
  minutes: objectMinutes.ironing + surfaceM2 * objectMinutes.ironingPerM2,
  after: [waitFor(lift), ...painted.map(({ id }) => waitFor(id, "drying", clothSetMin))],
  say: said("set-heat", { wall: wall.id }),
  cautions: [said("care-iron", {})],
  evening: [],
});
