import { roomMinutes } from "../../trade/constants";
import { cautionsOnSteps } from "../cautions";
import { careOf } from "../objects/care";
import type { WorkSite, WorkWall } from "../site";
import { paintsIn, waitFor, type StepDraft, type Wait } from "../step";
import { touchDry } from "../touchDry";
import { said } from "../words";
import { cautionsOfPlates } from "./prepareWall";
import { countThings } from "./thingsOf";

/**
 * What is left on a wall when its last coat is dry enough to lean on: in one visit what was marked is rubbed out, what
 * shows then is touched up, and what was taken off goes back. `ready` is what its last tape and coats ask for.
 */
export function finishWall(
  on: WorkWall,
  { paints }: WorkSite,
  steps: readonly StepDraft[],
  ready: readonly (Wait | null)[],
): StepDraft[] {
  const {
    wall,
    edgesM,
    marking: { marks: made, hidden, pins },
    regions,
  } = on;
  const marks = made - hidden;
  const id = (name: string) => `${wall.id}/${name}`;
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
    waitFor(id("mark")),
    ...painted.map((step) => touchDry(step, paints)),
    // What else was done there is over; a coat need not take another one for this.
    ...ready.map((wait) => wait && (wait.what === "recoat" ? waitFor(wait.step) : wait)),
  ];
  const shared = { phase: "finish", wall: wall.id, evening: [], cautions: cautionsOnSteps(on) } as const;
  const rubOut: StepDraft = {
    ...shared,
    id: id("rub-out"),
    verb: "rub-out",
    minutes: marks * roomMinutes.rubbingOut,
    after: dry,
    say: said("rub-out", { wall: wall.id, amount: marks, object: wall.object?.kind ?? null }),
  };
  const touchUp: StepDraft = {
    ...shared,
    id: id("touch-up"),
    verb: "touch-up",
    minutes: 5 + edgesM * roomMinutes.checkingPerM + pins * roomMinutes.fillingHole,
    after: [...dry, waitFor(id("rub-out"))],
    say: said("touch-up", { wall: wall.id, pins }),
  };
  return [
    ...(marks > 0 ? [rubOut] : []),
    ...(isSeen ? [touchUp] : []),
    ...putThingsBack(on, [...dry, waitFor(id("rub-out")), waitFor(id("touch-up"))]),
  ];
}

/** Plates and shelves back, masks off what stayed. */
function putThingsBack({ wall }: WorkWall, after: readonly (Wait | null)[]): StepDraft[] {
  const things = countThings(wall);
  const { plates, shelves, masked } = things;
  if (plates + shelves + masked === 0) return [];
  return [
    {
      id: `${wall.id}/plates-back`,
      phase: "finish",
      verb: "plates-back",
      wall: wall.id,
      minutes: (plates + shelves) * roomMinutes.plateBack + masked * roomMinutes.unmaskingOne,
      after,
      say: said("plates-back", { wall: wall.id, ...things }),
      cautions: cautionsOfPlates(wall),
      evening: plates > 0 ? [said("ready-circuits", {})] : [],
    },
  ];
}
