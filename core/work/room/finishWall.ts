import { roomMinutes } from "../../trade/constants";
import { did, paintsIn } from "../act";
import { wallStep } from "../keys";
import { careOf } from "../objects/care";
import type { WorkInput, WorkWall } from "../workInput";
import { waitIfAny, type StepDraft, type Wait } from "../step";
import { touchDry } from "../touchDry";
import { said } from "../words";
import { cautionsOfPlates } from "./prepareWall";
import { countThings, idsOfThings } from "./thingsOf";

/**
 * What is left on a wall when its last coat is dry enough to lean on: in one visit what was marked is rubbed out, what
 * shows then is touched up, and what was taken off goes back. `ready` is what its last tape and coats ask for.
 */
export function finishWall(
  on: WorkWall,
  { paints }: WorkInput,
  steps: readonly StepDraft[],
  ready: readonly (Wait | null)[],
): StepDraft[] {
  const {
    wall,
    edgesM,
    marking: { marks: made, hidden, pins },
    regions,
  } = on;
  const marks = made.filter((id) => !hidden.has(id));
  const heightMm = on.workTopMm;
  const own = steps.filter((step) => step.wall === wall.id);
  const painted = own.filter(({ phase }) => phase === "colour" || phase === "ground");
  // A base is seen where neither paper nor broken colour lies over it.
  const isBaseSeen = regions.some(({ group, isHidden }) => group === 0 && !isHidden);
  const isMended = wall.object === undefined || careOf[wall.object.kind].isMended;
  const isSeen =
    isMended &&
    painted.some(({ phase, leftAlone, ...step }) =>
      phase === "ground" ? isBaseSeen : paintsIn(step).length > 0 && !leftAlone,
    );
  const dry = [
    waitIfAny(wallStep(wall.id, "mark")),
    ...painted.map((step) => touchDry(step, paints)),
    // What else was done there is over; a coat need not take another one for this.
    ...ready.map(
      (wait) => wait && (wait.what === "recoat" ? ({ ...wait, what: "after", minutes: 0 } as const) : wait),
    ),
  ];
  const shared = { phase: "finish", wall: wall.id, evening: [], cautions: [] } as const;
  const rubOut: StepDraft = {
    ...shared,
    id: wallStep(wall.id, "rub-out"),
    verb: "rub-out",
    does: [did("rub-out", "mark", marks, { heightMm })],
    minutes: marks.length * roomMinutes.rubbingOut,
    after: dry,
    say: said("rub-out", { wall: wall.id, amount: marks.length, object: wall.object?.kind ?? null }),
  };
  const touchUp: StepDraft = {
    ...shared,
    id: wallStep(wall.id, "touch-up"),
    verb: "touch-up",
    does: [did("touch-up", "wall", [wall.id], { tools: ["tool-lamp"], heightMm })],
    minutes: 5 + edgesM * roomMinutes.checkingPerM + pins * roomMinutes.fillingHole,
    after: [...dry, waitIfAny(wallStep(wall.id, "rub-out"))],
    say: said("touch-up", { wall: wall.id, pins }),
  };
  return [
    ...(marks.length > 0 ? [rubOut] : []),
    ...(isSeen ? [touchUp] : []),
    ...putThingsBack(on, [
      ...dry,
      ...(["rub-out", "touch-up"] as const).map((name) => waitIfAny(wallStep(wall.id, name))),
    ]),
  ];
}

/** Plates and shelves back, masks off what stayed. */
function putThingsBack({ wall }: WorkWall, after: readonly (Wait | null)[]): StepDraft[] {
  const things = countThings(wall);
  const { plates, shelves, masked } = things;
  if (plates + shelves + masked === 0) return [];
  return [
    {
      id: wallStep(wall.id, "plates-back"),
      phase: "finish",
      verb: "plates-back",
      wall: wall.id,
      does: [
        ...idsOfThings(wall, "plate").map((ids) => did("put-back", "wall", ids, { tools: ["tool-tester"] })),
        ...idsOfThings(wall, "shelf").map((ids) => did("put-back", "wall", ids)),
        ...idsOfThings(wall, "radiator", "pipe").map((ids) => did("unmask", "wall", ids)),
      ],
      minutes: (plates + shelves) * roomMinutes.plateBack + masked * roomMinutes.unmaskingOne,
      after,
      say: said("plates-back", { wall: wall.id, ...things }),
      cautions: cautionsOfPlates(wall),
      evening: plates > 0 ? [said("ready-circuits", {})] : [],
    },
  ];
}
